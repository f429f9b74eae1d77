import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { Linter } from 'eslint';
import order from './order.js';

let folder;
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** What the rule says of the files of a workspace, by file. */
function told(files) {
  folder = mkdtempSync(join(tmpdir(), 'wings-'));
  for (const [name, text] of Object.entries(files)) {
    const path = join(folder, 'core/src', name);
    mkdirSync(dirname(path), { recursive: true });
    writeFileSync(path, text);
  }
  const linter = new Linter({ cwd: folder });
  const config = {
    files: ['**/*.ts'],
    plugins: { order: { rules: { imports: order } } },
    rules: { 'order/imports': ['error', { src: 'core/src', wings: ['base', 'style', 'library'] }] },
  };
  return Object.entries(files).flatMap(([name, text]) =>
    linter
      .verify(text, [config], { filename: join(folder, 'core/src', name) })
      .map(({ message }) => `${name}: ${message.split(/[:.,] /)[0]}`),
  );
}

const nothing = 'export const a = 1;';

test('a wing imports those before it, and itself', () => {
  expect(
    told({
      'base/a.ts': nothing,
      'style/b.ts': "export { a } from '../base/a.js';",
      'style/c.ts': "import './b.js';",
      'library/d.ts': "import('../style/c.js');",
    }),
  ).toEqual([]);
});

test('a wing that imports a later one is told so, a test is not', () => {
  const files = {
    'base/a.ts': "import '../style/b.js';",
    'base/a.test.ts': "import '../style/b.js';",
    'style/b.ts': nothing,
  };
  expect(told(files)).toEqual(['base/a.ts: base/ may not import style/']);
});

test('a folder that is no wing is told so', () => {
  expect(told({ 'odd/a.ts': "import '../base/b.js';", 'base/b.ts': nothing })).toEqual([
    'odd/a.ts: odd/ is no wing of core',
  ]);
});

test('files in a circle are told so, each', () => {
  const files = {
    'base/a.ts': "import './b.js';",
    'base/b.ts': "import './c.js';",
    'base/c.ts': "import './a.js';",
  };
  expect(told(files)).toEqual([
    'base/a.ts: These files import each other in a circle',
    'base/b.ts: These files import each other in a circle',
    'base/c.ts: These files import each other in a circle',
  ]);
});

test('folders in a circle are told so, though no files are; a folder and one within it are not apart', () => {
  const files = {
    'base/one/a.ts': "import '../two/b.js';",
    'base/one/c.ts': nothing,
    'base/two/b.ts': nothing,
    'base/two/d.ts': "import '../one/c.js';",
    'base/index.ts': "import './one/c.js';",
    'base/one/e.ts': "import '../shared.js';",
    'base/shared.ts': nothing,
  };
  expect(told(files)).toEqual([
    'base/one/a.ts: base/one/ and base/two/ import each other in a circle',
    'base/two/d.ts: base/two/ and base/one/ import each other in a circle',
  ]);
});
