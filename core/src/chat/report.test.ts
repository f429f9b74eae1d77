import fc from 'fast-check';
import { chatReport, type ReportedConversation } from './report.js';

const one = (changes: Partial<ReportedConversation> = {}): ReportedConversation => ({
  ...{ startedAt: 1000, answeredAt: null, closedAt: null, rating: null },
  ...changes,
});

test('of no conversation there is nothing to tell', () => {
  expect(chatReport([])).toEqual({
    ...{ conversations: 0, answered: 0, firstAnswer: null, longWait: null },
    ...{ length: null, rated: 0, rating: null },
  });
});

test('how soon it was answered, how long it lasted and how it was rated', () => {
  const waits = [10, 20, 30, 40, 50, 60, 70, 80, 90, 1000];
  const all = waits.map((wait, at) =>
    one({
      answeredAt: 1000 + wait,
      closedAt: at < 3 ? 1000 + wait * 10 : null,
      rating: at < 2 ? 4 + at : null,
    }),
  );
  expect(chatReport([...all, one()])).toEqual({
    ...{ conversations: 11, answered: 10, firstAnswer: 50, longWait: 90 },
    ...{ length: 200, rated: 2, rating: 4.5 },
  });
});

test('whatever the order, it is the same; half wait no longer than it says', () => {
  const some = fc.array(
    fc.record({
      startedAt: fc.nat(1e6),
      answeredAt: fc.option(fc.integer({ min: 1_000_000, max: 2_000_000 })),
      closedAt: fc.option(fc.integer({ min: 2_000_000, max: 3_000_000 })),
      rating: fc.option(fc.integer({ min: 1, max: 5 })),
    }),
    { maxLength: 40 },
  );
  fc.assert(
    fc.property(some, (conversations) => {
      const report = chatReport(conversations);
      expect(chatReport(conversations.toReversed())).toEqual(report);
      const { firstAnswer, answered, longWait } = report;
      if (firstAnswer === null || longWait === null) return expect(answered).toBe(0);
      const within = (wait: number) =>
        conversations.filter(
          ({ startedAt, answeredAt }) => answeredAt !== null && answeredAt - startedAt <= wait,
        ).length;
      expect(within(firstAnswer)).toBeGreaterThanOrEqual(answered / 2);
      expect(within(longWait)).toBeGreaterThanOrEqual(0.9 * answered);
      expect(firstAnswer).toBeLessThanOrEqual(longWait);
    }),
  );
});
