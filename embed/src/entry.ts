import type { PartName } from '@sirene/core/document/parts';
import { loader } from './loader.ts';
import type { Given } from './manifest.ts';
import { report } from './report.ts';
import { isRunning, ownScript } from './script.ts';
import { start } from './start.ts';
import { tryToken } from './try.ts';

/** The names of the built parts; each carries its content's hash. Set by the build. */
declare const PARTS: Record<PartName, string>;
/** What a site's own script brings along; `null` in the script for any site. Set by the server. */
declare const GIVEN: Given | null;

const script = ownScript(document);
if (script && !isRunning(window)) {
  const load = loader(script, PARTS, GIVEN);
  const token = tryToken(window);
  (token ? load.part('try').then((part) => part.startTry(load, token, start)) : start(load)).catch(report);
}
