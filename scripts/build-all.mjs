import { join } from 'node:path';
import { compressFolder } from './compress.mjs';
import { npm, root, run, say } from './lib.mjs';
import { compile } from './tsc.mjs';

/** Builds every workspace, in the order in which they need each other. */
export function buildAll() {
  say('Building core, server and demo');
  compile();
  buildEmbed();
  say('Building the studio');
  run(npm, ['run', 'build', '-w', 'studio', '--silent']);
  for (const folder of ['embed/dist/public/embed', 'studio/dist/assets']) compressFolder(join(root, folder));
}

/** Builds what visitors load. */
export function buildEmbed() {
  say('Building the embed');
  run(npm, ['run', 'build', '-w', 'embed', '--silent']);
}
