// Lets Node.js run the TypeScript sources themselves: how a module is found (resolve) and read (load). Registered by register.mjs.
import { existsSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { transform } from '@swc/core';

const root = new URL('../../', import.meta.url);
const shim = new URL('globals.mjs', import.meta.url).href;
const isSource = (url) => /\.tsx?(\?|$)/.test(url);

const optionsOf = (filename) => ({
  filename,
  jsc: {
    // Only in .tsx: elsewhere `<T>(one: T) => one` is a function.
    parser: { syntax: 'typescript', tsx: filename.endsWith('.tsx'), decorators: true },
    transform: { legacyDecorator: true, decoratorMetadata: true, react: { runtime: 'automatic' } },
    target: 'es2022',
    keepClassNames: true,
  },
  module: { type: 'es6' },
  sourceMaps: 'inline',
  swcrc: false,
  configFile: false,
});

/** What an import of a source may mean, the workspaces by their sources. */
function candidates(specifier, parent) {
  const [, wing] = /^@sirene\/core\/(.*)$/.exec(specifier) ?? [];
  if (wing) return [new URL(`core/src/${wing}/index.ts`, root)];
  const [, part] = /^@sirene\/embed\/(.*)$/.exec(specifier) ?? [];
  if (part) return [new URL(`embed/src/${part}.ts`, root)];
  if (!/^\.{1,2}\//.test(specifier)) return [];
  const bare = specifier.replace(/\.js$/, '');
  return [`${bare}.ts`, `${bare}.tsx`, `${bare}/index.ts`].map((one) => new URL(one, parent));
}

export function resolve(specifier, context, next) {
  const { parentURL = '' } = context;
  if (specifier === '@jest/globals') return { url: shim, shortCircuit: true };
  // A thread names its script as a whole address.
  if (specifier.startsWith('file:') && specifier.endsWith('.js') && !existsSync(new URL(specifier)))
    return next(specifier.replace(/\.js$/, '.ts'), context);
  if (!isSource(parentURL)) return next(specifier, context);
  const url = candidates(specifier, parentURL).find((one) => existsSync(one));
  return url ? { url: url.href, format: 'module', shortCircuit: true } : next(specifier, context);
}

export async function load(url, context, next) {
  if (!isSource(url)) return next(url, context);
  const file = fileURLToPath(url.split('?')[0]);
  const { code } = await transform(await readFile(file, 'utf8'), optionsOf(file));
  return { format: 'module', source: code, shortCircuit: true };
}
