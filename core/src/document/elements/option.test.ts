import { field } from './field.js';
import { optionEntries, optionProblems, optionText, optionValues, type Option } from './option.js';

const options: Option[] = [
  'Only looking',
  { text: 'Moon lamp', value: 39, image: 'asset:0123456789abcdef01234567' },
  { text: 'A gift', value: 0 },
];

test('options are sent by their texts, and count what they stand for', () => {
  expect(options.map(optionText)).toEqual(['Only looking', 'Moon lamp', 'A gift']);
  expect(optionValues(options)).toEqual({ 'Moon lamp': 39, 'A gift': 0 });
  expect(optionValues(['One', { text: 'Two' }])).toBeUndefined();
  expect(
    field.answers?.({ type: 'field', kind: 'choices', key: 'what', label: '', required: false, options }),
  ).toEqual([
    {
      ...{ key: 'what', label: '', gives: 'list' },
      options: ['Only looking', 'Moon lamp', 'A gift'],
      values: { 'Moon lamp': 39, 'A gift': 0 },
    },
  ]);
});

test('a picture is an upload or an address of its own; anything else is a problem at its option', () => {
  expect(optionProblems(options)).toEqual([]);
  expect(optionProblems(['One', { text: 'Two', image: 'javascript:alert(1)' }])).toEqual([
    ['options/1/image', expect.stringContaining('https:')],
  ]);
});

test('an option that has nothing but a text is kept as one', () => {
  expect(optionEntries.open('Plain')).toEqual({ text: 'Plain' });
  expect(optionEntries.close({ text: 'Plain' })).toBe('Plain');
  expect(optionEntries.close({ text: 'Lamp', value: 39 })).toEqual({ text: 'Lamp', value: 39 });
});
