// Builds what pages load: the parts first, since the entry carries their names.
import { createHash } from 'node:crypto';
import { copyFile, mkdir, rename, rm } from 'node:fs/promises';
import { readFile, writeFile } from 'node:fs/promises';
import { partNames } from '@sirene/core/document/parts';
import { minify } from 'terser';
import { build } from 'vite';

const out = 'dist/public';
await rm(out, { recursive: true, force: true });
await mkdir(`${out}/embed`, { recursive: true });

const shared = {
  root: import.meta.dirname,
  configFile: false,
  logLevel: 'warn',
  resolve: { conditions: ['source'] },
};

async function bundle(entry, format, file, define = {}) {
  await build({
    ...shared,
    define,
    build: {
      outDir: out,
      emptyOutDir: false,
      target: 'es2022',
      minify: true,
      lib: { entry, formats: [format], name: 'sireneEmbed', fileName: () => file },
    },
  });
}

// A second look by another compressor squeezes out a fourteenth more of the entry, and a sixth of the parts, which the bundler
// leaves their line breaks (bench/embed).
const squeezed = async (script, how) =>
  (
    await minify(script, {
      ecma: 2022,
      compress: { passes: 3, unsafe_arrows: true, ...how.compress },
      module: how.module,
    })
  ).code;

// One hash for all parts: names that differ by it alone are a sixth of a kilobyte less in every script than a hash for each.
const all = createHash('sha256');
for (const part of partNames) {
  await bundle(`src/parts/${part}.ts`, 'es', `${part}.js`);
  const file = `${out}/${part}.js`;
  await writeFile(file, await squeezed(await readFile(file, 'utf8'), { module: true }));
  all.update(await readFile(file));
}
const hash = all.digest('hex').slice(0, 8);
for (const part of partNames) await rename(`${out}/${part}.js`, `${out}/embed/${part}-${hash}.js`);
await bundle('src/entry.ts', 'iife', 'embed.js', { PARTS: JSON.stringify(hash) });
// The server calls it with what it knows of a site: a function, so that no page sees a name of ours.
const script = await readFile(`${out}/embed.js`, 'utf8');
const code = await squeezed(`(GIVEN=>{${script.trim()}})`, {
  compress: { expression: true, hoist_funs: true },
});
await writeFile(`${out}/embed.js`, code.replace(/;$/, ''));
await copyFile('embed.d.ts', `${out}/embed.d.ts`);
