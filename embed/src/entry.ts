import { loader } from './loader.ts';
import type { Given } from './manifest.ts';
import { report } from './report.ts';
import { isRunning, ownScript } from './script.ts';
import { start } from './start.ts';
import { tryToken } from './try.ts';

/** What the built parts hash to, as their names say. Set by the build. */
declare const PARTS: string;
/** What a site's own script brings along; `null` in the script for any site. Set by the server. */
declare const GIVEN: Given | null;

const script = ownScript(document);
if (script && !isRunning(window)) {
  const load = loader(script, PARTS, GIVEN);
  const token = tryToken(window);
  (token ? load.part('try').then((part) => part.startTry(load, token, start)) : start(load)).catch(report);
}
