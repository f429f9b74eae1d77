// Compresses what was built, once, as well as can be: the server hands out the file that the asker takes.
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const texts = /\.(js|css|svg|html|json)$/;
/** Shorter ones fit into the first packet as they are, bytes. */
const least = 600;

/** Writes `.br` and `.gz` beside each text of a folder. */
export function compressFolder(folder) {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name);
    if (!texts.test(name) || !statSync(path).isFile() || statSync(path).size < least) continue;
    const content = readFileSync(path);
    const params = {
      [constants.BROTLI_PARAM_QUALITY]: 11,
      [constants.BROTLI_PARAM_SIZE_HINT]: content.length,
    };
    writeFileSync(`${path}.br`, brotliCompressSync(content, { params }));
    writeFileSync(`${path}.gz`, gzipSync(content, { level: 9 }));
  }
}
