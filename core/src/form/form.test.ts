import fc from 'fast-check';
import { checkForm, fieldChecks, fieldKinds, fieldSpecs, type FieldRule } from './index.js';

const field = (changes: Partial<FieldRule>): FieldRule => ({
  element: 'e',
  key: 'email',
  kind: 'email',
  label: 'E-mail',
  required: true,
  maxLength: 254,
  messages: {},
  ...changes,
});
const problemOf = (rule: FieldRule, value: unknown) =>
  checkForm({ fields: [rule] }, { [rule.key]: value }).faults[0]?.problem ?? null;

test.each<[string, string | null]>([
  ['mira@stone.example', null],
  ['  mira@stone.example ', null],
  ["o'neil+sky@sub.stone.example", null],
  ['', 'missing'],
  ['   ', 'missing'],
  ['mira', 'malformed'],
  ['mira@stone', 'malformed'],
  ['mira@@stone.example', 'malformed'],
  ['mira..stone@x.example', 'malformed'],
  ['mira@-stone.example', 'malformed'],
  ['mira stone@x.example', 'malformed'],
  ['a@b.example\nbcc: c@d.example', 'malformed'],
  [`${'a'.repeat(65)}@x.example`, 'malformed'],
  [`${'a'.repeat(60)}@${'b'.repeat(60)}.${'c'.repeat(60)}.${'d'.repeat(60)}.${'e'.repeat(60)}`, 'tooLong'],
])('e-mail %p: %p', (value, problem) => {
  expect(problemOf(field({}), value)).toBe(problem);
});

test.each([1, null, {}, ['a@b.example'], true])('a value that is no text is malformed: %p', (value) => {
  expect(problemOf(field({ required: false }), value)).toBe('malformed');
});

test('what is not required may be left out', () => {
  expect(checkForm({ fields: [field({ required: false })] }, {})).toEqual({
    values: { email: '' },
    answers: { email: '' },
    hidden: new Set(),
    required: new Set(),
    unfit: new Set(),
    faults: [],
  });
});

test('what is wrong is said in the rule’s words, and plainly where it has none', () => {
  const message = (rule: FieldRule, value: string) =>
    checkForm({ fields: [rule] }, { [rule.key]: value }).faults[0]?.message;
  expect(message(field({ messages: { malformed: 'Hm?' } }), 'x')).toBe('Hm?');
  expect(message(field({}), 'x')).toBe('Please check this');
  expect(message(field({ kind: 'text', key: 'note' }), '')).toBe('Please fill this in');
});

test('values come back tidied, for the fields of the form and no others', () => {
  const rule = { fields: [field({}), field({ kind: 'name', key: 'name', required: false, maxLength: 120 })] };
  const { values } = checkForm(rule, { email: ' a@b.example ', name: ' Mira   Stone ', other: 'x' });
  expect(values).toEqual({ email: 'a@b.example', name: 'Mira Stone' });
});

test('keys of the prototype are no values', () => {
  const rule = field({ key: 'constructor', kind: 'text', required: false });
  expect(checkForm({ fields: [rule] }, {}).faults).toEqual([]);
});

test('tidying twice is tidying once, and what passes still passes once tidied', () => {
  fc.assert(
    fc.property(fc.constantFrom(...Object.keys(fieldKinds)), fc.string(), (kind, value) => {
      const rule = field({ kind, key: 'v', required: false });
      const once = checkForm({ fields: [rule] }, { v: value });
      const twice = checkForm({ fields: [rule] }, once.values);
      expect(twice.values).toEqual(once.values);
      expect(twice.faults).toEqual(once.faults);
    }),
  );
});

test('every kind that the studio offers is one that page and server know, beside those of elements of their own', () => {
  expect([...fieldSpecs.map(({ kind }) => kind), 'file', 'amount', 'signature'].sort()).toEqual(
    Object.keys(fieldKinds).sort(),
  );
  expect(Object.keys(fieldChecks)).toEqual(Object.keys(fieldKinds));
});
