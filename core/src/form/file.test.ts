import fc from 'fast-check';
import { checkForm, endingsOf, fileLines, filesIn, type FormRule } from './index.js';

const id = 'a'.repeat(32);
const rule: FormRule = {
  fields: [
    {
      ...{
        element: 'f',
        key: 'slip',
        kind: 'file',
        label: 'Slip',
        required: true,
        maxLength: 2000,
        max: '2',
      },
      messages: { missing: 'missing', malformed: 'wait', tooLarge: 'at most {limit}' },
    },
  ],
};
const said = (slip: unknown) => checkForm(rule, { slip }).faults.map(({ message }) => message);

test('files are named a line each, and read back as they were', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ id: fc.constantFrom(id, ''), name: fc.string({ unit: 'grapheme' }) })),
      (files) => {
        const read = filesIn(fileLines(files));
        expect(read?.map((one) => one.id)).toEqual(files.map((one) => one.id));
        expect(fileLines(read ?? [])).toBe(fileLines(files));
      },
    ),
  );
});

test.each([
  ['', ['missing']],
  [`${id} slip.pdf`, []],
  [`${id} a.pdf\n${id} b.pdf`, []],
  [`${id} a.pdf\n${id} b.pdf\n${id} c.pdf`, ['at most 2']],
  [' slip.pdf', ['wait']],
  [`${id} a.pdf\n b.pdf`, ['wait']],
  ['slip.pdf', ['wait']],
  [`${id}`, ['wait']],
  [`${id}\n`, ['wait']],
  [`${'A'.repeat(32)} a.pdf`, ['wait']],
  [['x'], ['wait']],
])('the value %j is answered by %j', (value, expected) => {
  expect(said(value)).toEqual(Array.isArray(value) ? [expect.any(String)] : expected);
});

test('what was sent is the names, as data', () => {
  expect(checkForm(rule, { slip: `${id} a.pdf\n${id} b.png` }).answers['slip']).toEqual(['a.pdf', 'b.png']);
});

test('endings go by the kinds that are asked for', () => {
  expect([...endingsOf(['pdf'])]).toEqual([['application/pdf', ['pdf']]]);
  expect(endingsOf(['pictures']).get('image/jpeg')).toEqual(['jpg', 'jpeg']);
  expect(endingsOf([]).size).toBe(0);
});
