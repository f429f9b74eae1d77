import { seeded } from '@sirene/core/base/random';
import { characters, type Character } from './characters.js';
import { ratingFor, visit, type VisitorSide } from './visit.js';

/** A desk that takes so long for each answer, ms. */
function deskThatTakes(...times: number[]) {
  let now = 0;
  const told: string[] = [];
  const side: VisitorSide = {
    say: async (text) => void told.push(text),
    answer: async (ms) => {
      const takes = times.shift() ?? Infinity;
      now += Math.min(takes, ms);
      return takes <= ms ? 'From nine.' : null;
    },
    end: async () => void told.push('[end]'),
    rate: async (rating) => void told.push(`[${rating}]`),
  };
  const pause = async (ms: number) => void (now += ms);
  return { side, told, going: { random: seeded(1), now: () => now, pause, speed: 1 } };
}

const one: Character = {
  ...{ name: 'Ada', email: 'ada@stone.example', chat: 'evening-desk', page: '/tonight/', title: 'Tonight' },
  ...{ patience: 2, says: ['First?', 'Second?'], thanks: 'Thanks.', gone: 'Never mind.' },
};

test('asks one thing after the other, thanks, ends and rates', async () => {
  const { side, told, going } = deskThatTakes(1000, 2000);
  expect(await visit(one, side, going)).toBe(true);
  expect(told).toEqual(['First?', 'Second?', 'Thanks.', '[end]', '[5]']);
});

test('leaves once the patience is over, and neither ends nor rates: the desk still finds the question', async () => {
  const { side, told, going } = deskThatTakes(1000, 2 * 60_000 + 1);
  expect(await visit(one, side, going)).toBe(false);
  expect(told).toEqual(['First?', 'Second?', 'Never mind.']);
});

test('at ten times the speed both patience and reading are a tenth', async () => {
  const { side, told, going } = deskThatTakes(13_000);
  expect(await visit(one, side, { ...going, speed: 10 })).toBe(false);
  expect(told).toEqual(['First?', 'Never mind.']);
  expect(going.now()).toBe(12_000);
});

test.each([
  [0, 5],
  [0.24, 5],
  [0.25, 4],
  [0.6, 3],
  [0.99, 2],
  [1, 1],
])('who waited %d of their patience gives %d stars', (waited, stars) =>
  expect(ratingFor(waited)).toBe(stars),
);

test('a dozen, no two with one address, on both chats, each with what is asked of them', () => {
  expect(characters).toHaveLength(12);
  expect(new Set(characters.map(({ email }) => email)).size).toBe(12);
  expect(new Set(characters.map(({ chat }) => chat)).size).toBe(2);
  for (const { chat, answers } of characters) expect(chat === 'shop-desk').toBe(answers !== undefined);
});
