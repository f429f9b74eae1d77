import type { PartName } from '@sirene/core/document/parts';
import { loader } from './loader.ts';
import { report } from './report.ts';
import { isRunning, ownScript } from './script.ts';
import { start } from './start.ts';

/** The names of the built parts; each carries its content's hash. Set by the build. */
declare const PARTS: Record<PartName, string>;

const script = ownScript(document);
if (script && !isRunning(window)) start(loader(script, PARTS)).catch(report);
