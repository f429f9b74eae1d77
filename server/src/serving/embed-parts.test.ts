import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { keepParts } from './embed-parts.js';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'sirene-parts-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

function build(...files: string[]): string {
  const built = join(folder, 'built');
  rmSync(built, { recursive: true, force: true });
  mkdirSync(built);
  for (const file of files) writeFileSync(join(built, file), file);
  return built;
}
const served = () => readdirSync(join(folder, 'data/embed')).filter((file) => file !== 'builds.json');
const start = (...files: string[]) => keepParts(build(...files), join(folder, 'data'));

test('parts of the last two builds stay, older ones go', () => {
  for (const at of [1, 2, 3]) start(`form-${at}.js`, 'same.js');
  expect(served()).toEqual(['form-1.js', 'form-2.js', 'form-3.js', 'same.js']);
  start('form-4.js', 'same.js');
  expect(served()).toEqual(['form-2.js', 'form-3.js', 'form-4.js', 'same.js']);
});

test('a restart of the same build takes no other’s place', () => {
  start('form-1.js');
  start('form-2.js');
  for (const _ of [1, 2, 3]) start('form-2.js');
  expect(served()).toEqual(['form-1.js', 'form-2.js']);
});

test('a build that comes back is the newest', () => {
  for (const at of [1, 2, 3, 1, 4]) start(`form-${at}.js`);
  expect(served()).toEqual(['form-1.js', 'form-3.js', 'form-4.js']);
});

test.each(['', 'no json', '{}', '[1, {"a": 2}]'])('a list that reads %j is as good as none', (text) => {
  start('form-1.js');
  writeFileSync(join(folder, 'data/embed/builds.json'), text);
  start('form-2.js');
  expect(served()).toEqual(['form-2.js']);
});
