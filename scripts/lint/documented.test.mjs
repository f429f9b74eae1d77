import { Linter } from 'eslint';
import documented from './documented.js';

const found = (code) =>
  new Linter()
    .verify(code, {
      plugins: { own: { rules: { documented } } },
      rules: { 'own/documented': 'error' },
      languageOptions: { ecmaVersion: 2024, sourceType: 'module' },
    })
    .map(({ message }) => message.split(' ')[0]);

test('what is exported and what a class offers must say what it does', () => {
  expect(found('export function go() {}')).toEqual(['go']);
  expect(found('export const go = () => 1;')).toEqual(['go']);
  expect(found('export class A { go() {} stop = () => 1; #own() {} constructor() {} }')).toEqual([
    'A.go',
    'A.stop',
  ]);
});

test('what says so, what is private and what is no function is left alone', () => {
  expect(found('/** Goes. */ export function go() {}')).toEqual([]);
  expect(found('/** Goes. */ export const go = () => 1; export const size = 3;')).toEqual([]);
  expect(found('export class A { /** Goes. */ go() {} #own() {} onModuleDestroy() {} }')).toEqual([]);
  expect(found('function go() {}')).toEqual([]);
  expect(found('// Not a doc comment.\nexport function go() {}')).toEqual(['go']);
});
