import { checkForm, parseFormula, type FieldRule } from './index.js';

const field = (key: string, kind: string, changes: Partial<FieldRule> = {}): FieldRule => ({
  ...{ element: key, key, kind, label: key, required: false, maxLength: 200, messages: {} },
  ...changes,
});
const valid = (formula: string, fields: Record<string, 'number' | 'text'>): FieldRule['valid'] => {
  const parsed = parseFormula(formula, fields, 'truth');
  if (!parsed.ok) throw new Error(parsed.reason);
  return { program: parsed.program, names: parsed.names };
};

const stay = {
  fields: [
    field('from', 'date'),
    field('until', 'date', {
      valid: valid('until >= from', { from: 'number', until: 'number' }) as never,
      messages: { malformed: 'Leave after you come' },
    }),
  ],
};
const twice = {
  fields: [
    field('mail', 'email'),
    field('again', 'email', { valid: valid('again = mail', { mail: 'text', again: 'text' }) as never }),
  ],
};

test.each([
  [stay, { from: '2027-01-12', until: '2027-01-14' }, []],
  [stay, { from: '2027-01-12', until: '2027-01-12' }, []],
  [stay, { from: '2027-01-12', until: '2027-01-11' }, [['until', 'malformed', 'Leave after you come']]],
  // Nothing is compared with what is not there.
  [stay, { from: '', until: '2027-01-11' }, []],
  [stay, { from: '2027-01-12', until: '' }, []],
  [twice, { mail: 'a@x.example', again: 'A@x.example' }, []],
  [twice, { mail: 'a@x.example', again: 'b@x.example' }, [['again', 'malformed', 'Please check this']]],
])('fields that go together: %#', (rule, entered, expected) => {
  const { faults } = checkForm(rule, entered);
  expect(faults.map(({ key, problem, message }) => [key, problem, message])).toEqual(expected);
});

test('what is wrong with a field alone is said first', () => {
  const { faults } = checkForm(twice, { mail: 'a@x.example', again: 'b' });
  expect(faults).toHaveLength(1);
});

test.each([
  ['until - from', 'must be a comparison'],
  ['until >= nobody', 'which no field is called'],
  ['', 'is empty'],
])('%j is no comparison: it %s', (formula, reason) => {
  const parsed = parseFormula(formula, { from: 'number', until: 'number' }, 'truth');
  expect(parsed).toMatchObject({ ok: false, reason: expect.stringContaining(reason) });
});
