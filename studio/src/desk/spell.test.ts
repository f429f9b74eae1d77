import { spell } from './spell.js';

test.each<[number | null, string]>([
  [null, '–'],
  [0, '0 s'],
  [999, '0 s'],
  [41_000, '41 s'],
  [60_000, '1 min'],
  [150_500, '2 min 30 s'],
  [3_600_000, '1 h'],
  [3_660_000, '1 h 1 min'],
  [2 * 86_400_000 + 3 * 3_600_000 + 59_000, '2 d 3 h'],
])('%p ms are %p', (ms, text) => {
  expect(spell(ms)).toBe(text);
});
