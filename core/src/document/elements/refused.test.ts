import { schemaProblems } from '../../base/schema/schema-problems.js';
import { createElement, elementDefinitions, elementProblems, mayStandIn, type ElementType } from './index.js';

/** What is said first of an element with a change. */
function said(type: ElementType, change: Record<string, unknown>): string {
  const [first] = elementProblems('e1', { ...createElement(type), ...change });
  return first ? `${first.path.replace(/^elements\.e1\.?/, '')} ${first.reason}` : 'nothing';
}

test.each(Object.keys(elementDefinitions) as ElementType[])('a new %s has nothing wrong with it', (type) => {
  expect(said(type, {})).toBe('nothing');
  expect(said(type, { hat: 1 })).toMatch(/^hat is not a known field/);
  expect(said(type, { style: { hat: {} } })).toMatch(/hat/);
  expect(said(type, { style: { box: { base: { width: 'wide' } } } })).toMatch(
    /^style\.box\.base\.width must be/,
  );
  expect(said(type, { style: { box: { 'huge hover': {} } } })).toMatch(/huge hover/);
  expect(said(type, { motion: { entrance: { kind: 'teleport' } } })).toMatch(/^motion/);
  expect(said(type, { class: 'a b' })).toMatch(/^class/);
  expect(said(type, { after: -1 })).toMatch(/^after/);
});

test.each<[ElementType, Record<string, unknown>, RegExp]>([
  ['text', { level: 5 }, /^level/],
  ['text', { content: [{ text: 'a', link: 'javascript:alert(1)' }] }, /^content\.0\.link must be a web/],
  ['text', { content: [{ text: 'a', colour: 'url(x)' }] }, /^content\.0\.colour must be a colour/],
  ['text', { content: [{ text: 'a', size: 3 }] }, /^content\.0\.size is not a known/],
  ['image', { src: 'javascript:alert(1)' }, /^src must be an upload/],
  ['image', { src: 'http://a.example/x.png' }, /^src must be an upload/],
  ['image', { src: 'asset:../../etc/passwd' }, /^src/],
  ['image', { size: [0, 10] }, /^size/],
  ['image', { link: 'vbscript:x' }, /^link/],
  ['video', { src: 'data:video/mp4;base64,AAAA' }, /^src/],
  ['video', { poster: 'javascript:x' }, /^poster/],
  ['icon', { link: 'javascript:x' }, /^link/],
  ['icon', { svg: 'x'.repeat(20_001) }, /^svg/],
  ['button', { action: { type: 'launch' } }, /^action/],
  ['button', { action: { type: 'link', address: 'javascript:x' } }, /^action\.address/],
  ['button', { action: { type: 'scene', scene: 'finale' } }, /^action/],
  ['button', { iconAt: 'above' }, /^iconAt/],
  ['list', { items: Array.from({ length: 61 }, () => ({ words: 'x' })) }, /^items/],
  ['list', { items: [{ words: 'x', hat: 1 }] }, /^items\.0\.hat/],
  ['list', { marks: 'stars' }, /^marks/],
  ['badge', { words: 'x'.repeat(61) }, /^words/],
  ['rating', { value: 11 }, /^value/],
  ['rating', { of: 0 }, /^of/],
  ['group', { direction: 'diagonal' }, /^direction/],
  ['group', { children: 'e2' }, /^children/],
  ['field', { kind: 'hat' }, /^kind/],
  ['field', { key: '__proto__' }, /^key must start with a lowercase letter/],
  ['field', { key: 'Has Space' }, /^key/],
  ['field', { kind: 'choice', options: undefined }, /^options must be given/],
  ['field', { kind: 'choice', options: [] }, /^options/],
  ['field', { kind: 'choice', options: [''] }, /^options\.0/],
  ['amounts', { amounts: [] }, /^amounts/],
  ['amounts', { amounts: [{ value: 0, words: '' }] }, /^amounts\.0\.value/],
  ['amounts', { currency: 'euro' }, /^currency must be a three-letter currency code/],
  ['countdown', { until: 'tomorrow' }, /^until must be a date and time/],
  ['countdown', { until: '2026-02-31T10:00' }, /^until is not a date/],
  ['countdown', { zone: 'Moon/Tranquility' }, /^zone is not a date and a time zone/],
  ['countdown', { units: [] }, /^units/],
  ['countdown', { units: ['days', 'days'] }, /^units/],
  ['countdown', { units: ['weeks'] }, /^units/],
  ['plan', { amount: -1 }, /^amount/],
  ['plan', { order: ['title'] }, /^order/],
  ['plan', { locale: 'en_GB!' }, /^locale must be a language/],
  ['plan', { address: 'javascript:x' }, /^address/],
  ['links', { items: [] }, /^items/],
  ['links', { items: [{ words: 'x', address: 'javascript:x' }] }, /address/],
  ['basket', { address: 'javascript:x' }, /^address/],
  ['map', { link: 'javascript:x' }, /^link/],
  ['html', { source: 'x'.repeat(50_001) }, /^source/],
  ['divider', { words: 7 }, /^words/],
])('a %s with %j', (type, change, reason) => {
  expect(said(type, change)).toMatch(reason);
});

test.each(['E1', '1e', '', 'a-b', 'x'.repeat(21), '__proto__'])('the id “%s” is none', (id) => {
  expect([...elementProblems(id, createElement('text'))]).toMatchObject([
    { reason: expect.stringMatching(/id of small letters/) },
  ]);
});

describe('what may stand where', () => {
  it.each<[ElementType, ElementType[], boolean]>([
    ['plan', ['plans', 'group'], true],
    ['plan', ['group'], false],
    ['text', ['plans', 'group'], false],
    ['amounts', ['form', 'group'], true],
    ['amounts', ['group'], false],
    ['plans', ['form', 'group'], true],
    ['basket', ['group'], true],
  ])('a %s in %j: %s', (type, around, may) => {
    expect(mayStandIn(type, around)).toBe(may);
  });
});

test('every property that the inspector offers can be set to what its control gives', () => {
  const given: Record<string, unknown> = {
    line: 'Words',
    lines: 'Two\nlines',
    toggle: true,
    icon: 'moon',
    code: '<p>x</p>',
    rich: [{ text: 'x', bold: true }],
  };
  for (const [type, definition] of Object.entries(elementDefinitions)) {
    for (const { path, control } of definition.properties) {
      const value = given[control];
      if (
        value === undefined ||
        path.length !== 1 ||
        ['address', 'link', 'key', 'currency', 'locale'].includes(path[0] ?? '')
      )
        continue;
      const element = { ...createElement(type as ElementType), [path[0] as string]: value };
      expect([type, path[0], schemaProblems(definition.schema, element, '')]).toEqual([type, path[0], []]);
    }
  }
});
