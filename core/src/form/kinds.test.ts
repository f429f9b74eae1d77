import type { FieldRule, FormRule } from './field.js';
import { checkForm, fieldKinds, fieldSpecs, isSecret } from './index.js';

const rule = (kind: string, more: Partial<FieldRule> = {}): FormRule => ({
  fields: [
    { element: 'e1', key: 'it', kind, label: 'It', required: true, maxLength: 200, messages: {}, ...more },
  ],
});
const checked = (kind: string, it: unknown, more?: Partial<FieldRule>) => {
  const { faults, values } = checkForm(rule(kind, more), { it });
  return faults[0]?.problem ?? values['it'];
};
const options = ['Lamp', 'Lens', 'Dome'];

test.each<[string, unknown, Partial<FieldRule>, string]>([
  ['name', '  Mira   Stone ', {}, 'Mira Stone'],
  ['phone', '+44 1632 960 001', {}, '+44 1632 960 001'],
  ['phone', '01632/960-001', {}, '01632/960-001'],
  ['phone', 'call me', {}, 'malformed'],
  ['phone', '12', {}, 'malformed'],
  ['number', '42', {}, '42'],
  ['number', ' 4.5 ', {}, '4.5'],
  ['number', '4,5', {}, '4,5'],
  ['number', 'many', {}, 'malformed'],
  ['number', '', {}, 'missing'],
  ['text', 'LM1234', { pattern: '[A-Z]{2}\\d{4}' }, 'LM1234'],
  ['text', 'LM12345', { pattern: '[A-Z]{2}\\d{4}' }, 'malformed'],
  ['text', 'xLM1234', { pattern: 'LM\\d{4}|x' }, 'malformed'],
  ['text', 'anything', { pattern: '[a-' }, 'anything'],
  ['amount', '40', { options: ['15', '40'] }, '40'],
  ['amount', '41', { options: ['15', '40'] }, 'malformed'],
  ['amount', '27,50', { options: ['15', '40'], min: '5' }, '27,50'],
  ['amount', '1e9', { options: ['15', '40'], min: '5' }, 'malformed'],
  ['choice', 'Lid', { options, other: true }, 'Lid'],
  ['choice', 'Lid\nLens', { options, other: true }, 'malformed'],
  ['choices', 'Lens\nLid', { options, other: true }, 'Lens\nLid'],
  ['choices', 'Lid\nBox', { options, other: true }, 'malformed'],
  ['signature', 'M1 2L30 40M5 5L5 5', {}, 'M1 2L30 40M5 5L5 5'],
  ['signature', ' Mira Stone ', {}, 'Mira Stone'],
  ['signature', 'M1 2"/><script>', {}, 'M1 2"/><script>'],
  ['signature', '1', {}, 'malformed'],
  ['select', 'Lens', { options }, 'Lens'],
  ['select', 'Lid', { options }, 'malformed'],
  ['choice', 'Dome', { options }, 'Dome'],
  ['choice', 'dome', { options }, 'malformed'],
  ['choice', 'Dome', {}, 'malformed'],
  ['choices', 'Lamp\nDome', { options }, 'Lamp\nDome'],
  ['choices', 'Lamp\nLid', { options }, 'malformed'],
  ['choices', '', { options }, 'missing'],
  ['consent', 'I agree.', { options: ['I agree.'] }, 'I agree.'],
  ['consent', 'on', { options: ['I agree.'] }, 'malformed'],
  ['consent', '', { options: ['I agree.'] }, 'missing'],
  ['password', ' keeps its spaces ', {}, ' keeps its spaces '],
  ['text', 'x'.repeat(201), {}, 'tooLong'],
  ['long-text', 'two\nlines', { maxLength: 5000 }, 'two\nlines'],
])('%s of %j with %j: %s', (kind, given, more, outcome) => {
  expect(checked(kind, given, more)).toBe(outcome);
});

test('only a password is a secret', () => {
  const secret = fieldSpecs.filter(({ kind }) => isSecret({ kind } as FieldRule)).map(({ kind }) => kind);
  expect(secret).toEqual(['password']);
});

test.each(fieldSpecs.map((spec) => [spec.kind, spec] as const))(
  '%s is offered with what a new one needs',
  (kind, spec) => {
    expect(Object.keys(fieldKinds)).toContain(kind);
    expect(spec.key).toMatch(/^[a-z][a-z0-9_-]*$/);
    expect(spec.maxLength).toBeGreaterThan(0);
    expect(spec.tag === 'choices' || spec.tag === 'select').toBe(spec.options !== undefined);
  },
);

test('a visitor’s answer of another type is malformed, whatever the kind', () => {
  for (const { kind } of fieldSpecs)
    for (const given of [7, true, null, {}, ['Lamp']])
      expect(checked(kind, given, { options })).toBe('malformed');
});
