import fc from 'fast-check';
import { compileWidget } from '@sirene/core/compile';
import { completeBrand } from '@sirene/core/style';
import { signup } from '../../core/src/testing/documents.js';
import { rewrite, ruleChange, topRules } from './rules.js';

test.each([
  ['', []],
  ['a{b:c}', ['a{b:c}']],
  ['a{b:c}@media x{d{e:f}g{h:i}}j{}', ['a{b:c}', '@media x{d{e:f}g{h:i}}', 'j{}']],
  ['@layer a,b;c{d:e}', ['@layer a,b;', 'c{d:e}']],
  ['a::before{content:"}"}b{c:d}', ['a::before{content:"}"}', 'b{c:d}']],
  ["a{b:'\\'}'}c{d:e}", ["a{b:'\\'}'}", 'c{d:e}']],
  ['.a\\{b{c:d}e{f:g}', ['.a\\{b{c:d}', 'e{f:g}']],
])('%j has its rules', (css, rules) => {
  expect(topRules(css)).toEqual(rules);
});

test('the rules of a widget are its whole text', () => {
  const { css } = compileWidget(signup(), completeBrand(null));
  expect(topRules(css).join('')).toBe(css);
  expect(topRules(css).every((rule) => rule.split('{').length === rule.split('}').length)).toBe(true);
});

/** A sheet as browsers keep one: a list of rules, of which one that can’t be read is refused. */
class Sheet {
  cssRules: string[] = [];
  whole = 0;
  replaceSync(text: string): void {
    this.whole++;
    this.cssRules = topRules(text).filter((rule) => !rule.includes('?'));
  }
  deleteRule(at: number): void {
    this.cssRules.splice(at, 1);
  }
  insertRule(rule: string, at: number): void {
    if (rule.includes('?')) throw new Error('no rule');
    this.cssRules.splice(at, 0, rule);
  }
}
const rule = fc.constantFrom('a{b:c}', 'd{e:f}', 'g{h:i}', '@media x{a{b:c}}', 'odd{?}');
const sheets = fc.array(rule, { maxLength: 30 }).map((rules) => rules.join(''));

test('whatever the sheet was and is to be, it has the rules of the newer text', () => {
  fc.assert(
    fc.property(sheets, sheets, (before, after) => {
      const [sheet, fresh] = [new Sheet(), new Sheet()];
      sheet.replaceSync(before);
      fresh.replaceSync(after);
      rewrite(sheet as unknown as CSSStyleSheet, before, after);
      expect(sheet.cssRules).toEqual(fresh.cssRules);
    }),
  );
});

test('one value of a thousand rules exchanges one rule, and the rest of the sheet stays', () => {
  const text = (size: number) =>
    Array.from({ length: 1000 }, (_, at) => `.e${at}{font-size:${at === 500 ? size : 10}px}`).join('');
  const sheet = new Sheet();
  sheet.replaceSync(text(20));
  rewrite(sheet as unknown as CSSStyleSheet, text(20), text(21));
  expect(sheet.whole).toBe(1);
  expect(sheet.cssRules[500]).toBe('.e500{font-size:21px}');
  expect(ruleChange(topRules(text(20)), topRules(text(21)))).toMatchObject({ at: 500, gone: 1 });
  expect(ruleChange([], topRules(text(20)))).toBeNull();
});
