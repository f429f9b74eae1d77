import fc from 'fast-check';
import { compileTargeting, targetingOf, targetingParts, type Targeting } from './index.js';
import { visitOn } from '../testing/visits.js';

const condition = fc.oneof(
  fc.record({
    type: fc.constant('address' as const),
    include: fc.subarray(['/a', '/b/*', '/c'], { minLength: 1 }),
    exclude: fc.subarray(['/b/x']),
  }),
  fc.record({ type: fc.constant('pages-seen' as const), atLeast: fc.integer({ min: 1, max: 4 }) }),
  fc.record({
    type: fc.constant('width' as const),
    from: fc.constantFrom(0, 500),
    to: fc.constantFrom(600, 2000),
  }),
);
const { tree } = fc.letrec<{ tree: Targeting }>((tie) => ({
  tree: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    condition,
    fc.record({ all: fc.array(tie('tree'), { maxLength: 4 }) }),
    fc.record({ any: fc.array(tie('tree'), { maxLength: 3 }) }),
    fc.record({ none: fc.array(tie('tree'), { maxLength: 3 }) }),
  ),
}));

const visits = ['/a', '/b/', '/b/x', '/c', '/d'].flatMap((path) =>
  [1, 2, 3].flatMap((pagesSeen) =>
    [400, 1200].map((width) => visitOn(`https://x.example${path}`, { width }, { pages: pagesSeen })),
  ),
);
const meaning = (targeting: Targeting) => visits.map((visit) => compileTargeting(targeting)(visit));

test('taken apart and made again, a tree of any shape means what it meant', () => {
  fc.assert(
    fc.property(tree, (targeting) => {
      const parts = targetingParts(targeting);
      expect(meaning(targetingOf(parts))).toEqual(meaning(targeting));
      // And it stays so, however often it is edited.
      const again = targetingOf(parts);
      expect(targetingOf(targetingParts(again))).toEqual(again);
    }),
    { numRuns: 500 },
  );
});

test('editing the pages or the conditions changes just these', () => {
  fc.assert(
    fc.property(tree, (targeting) => {
      const parts = targetingParts(targeting);
      const paged = targetingParts(targetingOf({ ...parts, pages: { include: ['/z'], exclude: [] } }));
      expect([paged.conditions, paged.rest]).toEqual([parts.conditions, parts.rest]);
      const conditioned = targetingOf({ ...parts, conditions: [{ type: 'pages-seen', atLeast: 9 }] });
      expect(targetingParts(conditioned).pages).toEqual(parts.pages);
      const kept = targetingParts(conditioned).rest;
      expect(meaning({ all: kept })).toEqual(meaning({ all: parts.rest }));
    }),
    { numRuns: 500 },
  );
});

test('further address conditions are kept when the pages change', () => {
  const targeting: Targeting = {
    all: [
      { type: 'address', include: ['/a'], exclude: [] },
      { type: 'address', include: ['/b'], exclude: [] },
    ],
  };
  const parts = targetingParts(targeting);
  expect(targetingOf({ ...parts, pages: { include: ['/c'], exclude: [] } })).toEqual({
    all: [
      { type: 'address', include: ['/c'], exclude: [] },
      { type: 'address', include: ['/b'], exclude: [] },
    ],
  });
});
