import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';

/** How many builds' parts are kept: the one that runs, and those that pages opened before an upgrade still ask for. */
const kept = 3;

const list = 'builds.json';

/**
 * Keeps the lazily loaded parts of the embed in the data folder, beside those of the builds before: a page that was
 * opened before an upgrade loads the rest of its own build, and a form on it can still be sent.
 *
 * @param built the folder of this build's parts; their names carry their content's hash
 * @returns the folder to serve them from
 */
export function keepParts(built: string, data: string): string {
  const folder = join(data, 'embed');
  mkdirSync(folder, { recursive: true });
  const now = readdirSync(built).sort();
  const before = readBuilds(join(folder, list)).filter((files) => files.join() !== now.join());
  const builds = [now, ...before].slice(0, kept);
  for (const file of now)
    if (!existsSync(join(folder, file))) copyFileSync(join(built, file), join(folder, file));
  const wanted = new Set([list, ...builds.flat()]);
  for (const file of readdirSync(folder)) if (!wanted.has(file)) rmSync(join(folder, file), { force: true });
  writeFileSync(join(folder, list), JSON.stringify(builds));
  return folder;
}

function readBuilds(path: string): string[][] {
  try {
    const builds = JSON.parse(readFileSync(path, 'utf8')) as unknown;
    const isNames = (files: unknown): files is string[] =>
      Array.isArray(files) && files.every((file) => typeof file === 'string');
    return Array.isArray(builds) ? builds.filter(isNames) : [];
  } catch {
    return [];
  }
}
