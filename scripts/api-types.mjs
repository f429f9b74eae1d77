// npm run api-types: writes the studio's types of the API from what the server says of itself; with --check it says whether
// they are what they should be. The server must have been built.
import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import openapiTypes, { astToString } from 'openapi-typescript';
import { format, resolveConfig } from 'prettier';
import ts from 'typescript';
import { root, say } from './lib.mjs';

const file = join(root, 'studio/src/shared/api/types.ts');

function description() {
  const { status, stdout } = spawnSync(process.execPath, ['server/dist/describe.js'], {
    cwd: root,
    encoding: 'utf8',
    maxBuffer: 16_000_000,
  });
  if (status !== 0) throw new Error('The server could not be asked for its description: build it first.');
  return JSON.parse(stdout);
}

async function types() {
  const api = description();
  const imported = new Map();
  const ast = await openapiTypes(api, {
    // What core describes is not described twice.
    transform(schema, { path }) {
      const module = schema['x-core'];
      // Such as a document in a request, which the server's own check describes.
      if (!module)
        return schema.type === 'object' && !schema.properties && !schema.additionalProperties
          ? ts.factory.createKeywordTypeNode(ts.SyntaxKind.ObjectKeyword)
          : undefined;
      const name = path.split('/').at(-1);
      imported.set(name, module);
      return ts.factory.createTypeReferenceNode(`Core.${name}`);
    },
  });
  return { text: astToString(ast), imported };
}

const { text, imported } = await types();
const core = [...imported].map(
  ([name, module]) => `import type { ${name} as Core${name} } from '${module}';`,
);
const whole = [
  '// Written by `npm run api-types` from the server’s description of its API. Not by hand.',
  ...core,
  text.replaceAll(/\bCore\.(\w+)/g, 'Core$1'),
].join('\n');
const wanted = await format(whole, { ...(await resolveConfig(file)), parser: 'typescript' });

if (!process.argv.includes('--check')) {
  writeFileSync(file, wanted);
  say('The studio’s types of the API are written');
} else if (readFileSync(file, 'utf8') !== wanted) {
  console.error(
    'studio/src/shared/api/types.ts is not what the server describes. Run `npm run api-types`, and mend what no longer fits.',
  );
  process.exit(1);
}
