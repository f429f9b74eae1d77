import fc from 'fast-check';
import { markRuns, runsIn, withText, type Marking } from './mark-runs.js';
import { plainText, sameMarks, type Run } from './rich-text.js';

const text = [{ text: 'Clear ' }, { text: 'skies', bold: true }, { text: ' tonight' }];

test.each([
  [0, 5, { mark: 'italic' }, [{ text: 'Clear', italic: true }, { text: ' ' }, ...text.slice(1)]],
  [6, 11, { mark: 'bold' }, [{ text: 'Clear skies tonight' }]],
  [0, 11, { mark: 'bold' }, [{ text: 'Clear skies', bold: true }, { text: ' tonight' }]],
  [11, 19, { colour: '#aa0000' }, [...text.slice(0, 2), { text: ' tonight', colour: '#aa0000' }]],
  [6, 11, { link: '/sky' }, [text[0], { text: 'skies', bold: true, link: '/sky' }, text[2]]],
  [3, 3, { mark: 'bold' }, text],
] as [number, number, Marking, Run[]][])('%d to %d: %j', (start, end, marking, runs) => {
  expect(markRuns(text, start, end, marking)).toEqual(runs);
});

test('a colour and a link are taken away again', () => {
  const linked = markRuns(text, 0, 5, { link: '/sky' });
  expect(markRuns(linked, 0, 19, { link: null })).toEqual(text);
  expect(markRuns(markRuns(text, 0, 5, { colour: 'red' }), 0, 5, { colour: null })).toEqual(text);
});

const runs = fc.array(
  fc.record(
    { text: fc.string({ minLength: 1, maxLength: 6 }), bold: fc.constant(true), link: fc.constant('/a') },
    { requiredKeys: ['text'] },
  ),
  { maxLength: 6 },
);
const marking = fc.constantFrom<Marking>(
  { mark: 'bold' },
  { mark: 'underline' },
  { colour: '#123456' },
  { link: null },
);

test('marking changes no text, leaves what is beside it, and no two neighbours alike', () => {
  fc.assert(
    fc.property(runs, fc.nat(40), fc.nat(40), marking, (before, one, other, how) => {
      const [start, end] = [Math.min(one, other), Math.max(one, other)];
      const after = markRuns(before, start, end, how);
      expect(plainText(after)).toBe(plainText(before));
      const marks = (of: readonly Run[], from: number, to: number) =>
        runsIn(of, from, to).flatMap(({ text: words, ...rest }) =>
          [...words].map((letter) => [letter, rest]),
        );
      expect(marks(after, 0, start)).toEqual(marks(before, 0, start));
      expect(marks(after, end, 99)).toEqual(marks(before, end, 99));
      if (start < end)
        expect(after.some((run, at) => at > 0 && sameMarks(run, after[at - 1] as Run))).toBe(false);
    }),
  );
});

describe('another text', () => {
  test.each([
    ['Clear skies tonight', text],
    ['Clear skies now', [text[0], text[1], { text: ' now' }]],
    ['Clear bright skies tonight', [{ text: 'Clear bright ' }, text[1], text[2]]],
    ['Clear skiess tonight', [text[0], { text: 'skiess', bold: true }, text[2]]],
    ['', []],
  ])('%s', (words, runs) => {
    expect(withText(text, words)).toEqual(runs);
  });

  test('a link goes on inside it and ends behind it', () => {
    const linked = [{ text: 'see ' }, { text: 'here', link: '/x' }];
    expect(withText(linked, 'see hXere')).toEqual([{ text: 'see ' }, { text: 'hXere', link: '/x' }]);
    expect(withText(linked, 'see here.')).toEqual([...linked, { text: '.' }]);
  });

  test('is always the text asked for', () => {
    fc.assert(
      fc.property(runs, fc.string({ maxLength: 20 }), (before, words) => {
        expect(plainText(withText(before, words))).toBe(words);
      }),
    );
  });
});
