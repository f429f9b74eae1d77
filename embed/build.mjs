// Builds what pages load: the form part first, since the entry carries its name.
import { createHash } from 'node:crypto';
import { mkdir, rename, rm } from 'node:fs/promises';
import { readFile } from 'node:fs/promises';
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

await bundle('src/form.ts', 'es', 'form.js');
const hash = createHash('sha256')
  .update(await readFile(`${out}/form.js`))
  .digest('hex')
  .slice(0, 12);
const formPart = `form-${hash}.js`;
await rename(`${out}/form.js`, `${out}/embed/${formPart}`);
await bundle('src/entry.ts', 'iife', 'embed.js', { FORM_PART: JSON.stringify(formPart) });
