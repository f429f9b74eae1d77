// What a page loads, gzipped, beside preact's own module.
import { readFileSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { figure } from './lib.mjs';

const built = fileURLToPath(new URL('../embed/dist/public/', import.meta.url));
const kilobytes = (file) => gzipSync(readFileSync(file), { level: 9 }).length / 1000;

export default function embed() {
  const preact = kilobytes(fileURLToPath(import.meta.resolve('preact')));
  const parts = readdirSync(`${built}embed`);
  return [
    figure(
      'embed: entry with triggers, targeting and mount',
      kilobytes(`${built}embed.js`),
      'kB gzip',
      preact,
      9,
    ),
    ...parts.map((part) =>
      figure(`embed: ${part.split('-')[0]} part`, kilobytes(`${built}embed/${part}`), 'kB gzip', preact, 4),
    ),
  ];
}
