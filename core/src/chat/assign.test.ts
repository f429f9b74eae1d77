import fc from 'fast-check';
import { assigneeOf, type Operator } from './assign.js';

const ada = { id: 'ada', open: 3 };
const bea = { id: 'bea', open: 0 };
const cleo = { id: 'cleo', open: 0 };

test.each<[string, Parameters<typeof assigneeOf>, string | null]>([
  ['nobody, where that is wished', ['nobody', [ada, bea], null], null],
  ['nobody, where nobody is there', ['turn', [], null], null],
  ['the first, where nobody had one before', ['turn', [ada, bea], null], 'ada'],
  ['whoever is behind the last', ['turn', [ada, bea, cleo], 'ada'], 'bea'],
  ['the first behind the last of all', ['turn', [ada, bea], 'bea'], 'ada'],
  ['the first, where the last has gone', ['turn', [ada, bea], 'zoe'], 'ada'],
  ['whoever has fewest', ['least', [ada, bea], null], 'bea'],
  ['of those who have equally few whoever is next', ['least', [ada, bea, cleo], 'bea'], 'cleo'],
  ['nobody who has as many as they may', ['turn', [ada, bea], 'bea', 3], 'bea'],
  ['nobody, where all have as many as they may', ['least', [ada], null, 3], null],
])('%s', (_, args, id) => {
  expect(assigneeOf(...args)).toBe(id);
});

const operators = fc.uniqueArray(fc.record({ id: fc.string({ minLength: 1 }), open: fc.nat(9) }), {
  selector: ({ id }) => id,
  minLength: 1,
  maxLength: 8,
});

test('in turn everybody gets as many', () => {
  fc.assert(
    fc.property(operators, fc.integer({ min: 1, max: 5 }), (all, rounds) => {
      const got = new Map<string, number>();
      let last: string | null = null;
      for (let at = 0; at < all.length * rounds; at++) {
        last = assigneeOf('turn', all, last);
        got.set(last as string, (got.get(last as string) ?? 0) + 1);
      }
      expect([...got.values()]).toEqual(all.map(() => rounds));
    }),
  );
});

test('by fewest nobody is two ahead of another who was even', () => {
  fc.assert(
    fc.property(operators, fc.nat(60), (all, count) => {
      let now: Operator[] = all.map(({ id }) => ({ id, open: 0 }));
      let last: string | null = null;
      for (let at = 0; at < count; at++) {
        last = assigneeOf('least', now, last);
        now = now.map((one) => (one.id === last ? { ...one, open: one.open + 1 } : one));
      }
      const open = now.map((one) => one.open);
      expect(Math.max(...open) - Math.min(...open)).toBeLessThanOrEqual(1);
    }),
  );
});
