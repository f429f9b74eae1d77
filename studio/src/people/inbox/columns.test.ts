import type { Submission } from '../../shared/api/index.ts';
import { cellText, columnsOf, isNumeric } from './columns.ts';

type Field = Submission['fields'][number];
const sent = (...fields: Field[]) => ({ fields }) as unknown as Submission;
const field = (key: string, value: string, more: Partial<Field> = {}): Field => ({
  ...{ key, label: key.toUpperCase(), value },
  ...more,
});

test('columns are those of all submissions, each with its newest label', () => {
  const newest = sent(field('a', '1', { label: 'A now' }), field('c', '3'));
  expect(columnsOf([newest, sent(field('a', '1'), field('b', '2'))])).toEqual([
    { key: 'a', label: 'A now' },
    { key: 'c', label: 'C' },
    { key: 'b', label: 'B' },
  ]);
});

test.each<[Field, string]>([
  [field('n', '1234.5', { answer: 1234.5 }), '1,234.5'],
  [field('several', 'x', { answer: ['Moon', 'Mars'] }), 'Moon, Mars'],
  [field('day', '2026-12-24'), 'Dec 24, 2026'],
  [field('phone', '030 901 820', { phone: '+4930901820' }), '+4930901820'],
  [field('terms', 'I agree to …', { consent: true }), 'Agreed'],
  [
    field('file', 'a.pdf', { files: [{ id: '1', name: 'a.pdf', type: 'application/pdf', bytes: 1 }] }),
    'a.pdf',
  ],
  [field('text', '2026-12'), '2026-12'],
])('%j reads %s', (one, text) => expect(cellText(one)).toBe(text));

test('a column is numeric where every value that was given is a number', () => {
  const [two, none, word] = [field('n', '2', { answer: 2 }), field('n', ''), field('n', 'x')];
  expect(isNumeric([sent(two), sent(none)], 'n')).toBe(true);
  expect(isNumeric([sent(two), sent(word)], 'n')).toBe(false);
  expect(isNumeric([sent(none)], 'n')).toBe(false);
});
