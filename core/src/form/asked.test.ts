import fc from 'fast-check';
import { checkForm, type FieldRule, type FormRule, type FormTree } from './index.js';

const field = (key: string, kind: string, more: Partial<FieldRule> = {}): FieldRule => ({
  element: `e-${key}`,
  key,
  kind,
  label: key,
  required: false,
  maxLength: 200,
  messages: { tooSmall: 'from {limit}', tooLarge: 'to {limit}' },
  ...more,
});
const when = (name: string, how: string, value = ''): FormTree =>
  ({ all: [{ type: 'answer', field: name, how, value }] }) as FormTree;
const today = { from: 20_000, to: 20_000 };

const group: FormRule = {
  fields: [
    field('group', 'choice', { options: ['School', 'Club'], required: true }),
    field('school', 'text', { when: when('group', 'equals', 'school'), required: true }),
    field('class', 'number', { when: when('school', 'filled'), required: true }),
    field('phone', 'phone', { requiredWhen: when('children', 'more', '40') }),
    field('children', 'number'),
    field('total', 'number', { program: ['$children', 4, '*'] }),
    field('deposit', 'number', { program: ['$total', 2, '/'] }),
  ],
  shows: { hint: when('children', 'more', '40') },
};
const keysOf = (values: object) => Object.keys(values).sort();
const faultsOf = (rule: FormRule, entered: object) =>
  checkForm(rule, { ...entered }, today).faults.map(({ key, problem }) => `${key} ${problem}`);

test('what is not asked for is neither required nor among the values', () => {
  const { values, faults } = checkForm(group, { group: 'Club', school: 'Stone Lane', class: '4' });
  expect(keysOf(values)).toEqual(['children', 'deposit', 'group', 'phone', 'total']);
  expect(faults).toEqual([]);
});

test('what hangs on an answer that is not asked for is not asked for either', () => {
  expect(faultsOf(group, { group: 'School' })).toEqual(['school missing']);
  expect(faultsOf(group, { group: 'School', school: 'Stone Lane' })).toEqual(['class missing']);
});

test('a field can be required by the answer of one below it', () => {
  expect(faultsOf(group, { group: 'Club', children: '41' })).toEqual(['phone missing']);
  expect(faultsOf(group, { group: 'Club', children: '40' })).toEqual([]);
});

test('values are calculated, one from the other, whatever was sent for them', () => {
  const { values, answers, hidden } = checkForm(group, { group: 'Club', children: '12', total: '1' });
  expect([values['total'], values['deposit'], answers['children']]).toEqual(['48', '24', 12]);
  expect([...hidden]).toEqual(['hint']);
  expect([...checkForm(group, { children: '41' }).hidden]).toEqual([]);
});

test('fields that hide each other come to an end, in whatever circle', () => {
  const rule: FormRule = {
    fields: [
      field('a', 'text', { when: when('b', 'empty') }),
      field('b', 'text', { when: when('a', 'filled') }),
      field('c', 'number', { program: ['$c', 1, '+'] }),
    ],
  };
  expect(keysOf(checkForm(rule, { a: 'x', b: 'y' }).values)).toContain('c');
});

test.each<[string, string, string, string[], boolean]>([
  ['equals', 'lamp', 'choices', ['Lamp', 'Lens'], true],
  ['equals', 'lid', 'choices', ['Lamp', 'Lens'], false],
  ['one-of', 'lid, lens', 'choices', ['Lamp', 'Lens'], true],
  ['more', '1', 'choices', ['Lamp', 'Lens'], true],
  ['less', '2', 'choices', ['Lamp', 'Lens'], false],
  ['contains', 'am', 'choices', ['Lamp'], true],
  ['filled', '', 'choices', [], false],
  ['empty', '', 'choices', [], true],
  ['more', '1', 'choices', [], false],
  ['less', '5', 'choices', [], false],
])('that an answer %s %s is so of %s %j: %s', (how, value, kind, chosen, expected) => {
  const options = ['Lamp', 'Lens', 'Lid'];
  const rule = {
    fields: [field('it', kind, { options }), field('then', 'text', { when: when('it', how, value) })],
  };
  expect('then' in checkForm(rule, { it: chosen.join('\n') }).values).toBe(expected);
});

test.each<[string, Partial<FieldRule>, string, string]>([
  ['number', { min: '6', max: '90' }, '6', ''],
  ['number', { min: '6', max: '90' }, '5', 'from 6'],
  ['number', { min: '6', max: '90' }, '90,5', 'to 90'],
  ['number', { min: 'six' }, '5', ''],
  ['text', { max: '4' }, 'abcde', 'to 4'],
  ['long-text', { min: '4' }, 'abc', 'from 4'],
  ['choices', { min: '2', options: ['a', 'b', 'c'] }, 'a', 'from 2'],
  ['choices', { max: '2', options: ['a', 'b', 'c'] }, 'a\nb\nc', 'to 2'],
  ['time', { min: '09:00', max: '17:00' }, '08:59', 'from 09:00'],
  ['time', { min: '09:00', max: '17:00' }, '17:00', ''],
  ['date', { min: '2024-10-05' }, '2024-10-04', 'from Oct 5, 2024'],
  ['date', { min: 'today+7' }, '2024-10-10', 'from Oct 11, 2024'],
  ['date', { min: 'today+7' }, '2024-10-11', ''],
  ['date', { max: 'today-1' }, '2024-10-04', 'to Oct 3, 2024'],
  ['email', { min: '40' }, 'a@b.example', ''],
])('%s with %j takes %s: %s', (kind, limits, it, message) => {
  const rule = { fields: [field('it', kind, limits)], lang: 'en-US' };
  expect(checkForm(rule, { it }, today).faults[0]?.message ?? '').toBe(message);
});

test.each([
  ['date', '2027-02-29', false],
  ['date', '2028-02-29', true],
  ['date', '2027-2-1', false],
  ['date', '01.02.2027', false],
  ['time', '24:00', false],
  ['time', '19:30:15', true],
  ['time', '7:30', false],
])('a %s can be %s: %s', (kind, it, fine) => {
  expect(faultsOf({ fields: [field('it', kind)] }, { it })).toEqual(fine ? [] : ['it malformed']);
});

test('limits by the day hold nobody back where it is another day', () => {
  const rule = { fields: [field('it', 'date', { min: 'today', max: 'today' })] };
  const at = (it: string) => checkForm(rule, { it }, { from: 19_993, to: 20_001 }).faults.length;
  expect([at('2024-09-27'), at('2024-10-05'), at('2024-10-06'), at('2024-09-26')]).toEqual([0, 0, 1, 1]);
});

test('what page and server make of a form is the same for what the page sends', () => {
  const text = fc.constantFrom('', 'School', 'Club', '41', '7', 'x', '+44 1632 960 001');
  fc.assert(
    fc.property(
      fc.record({ group: text, school: text, class: text, phone: text, children: text, total: text }),
      (entered) => {
        const page = checkForm(group, entered);
        const server = checkForm(group, page.values);
        expect(server.values).toEqual(page.values);
        expect(server.faults).toEqual(page.faults);
      },
    ),
  );
});
