import fc from 'fast-check';
import { noMemory, placeOf, type Condition, type PageVisit, type Targeting } from '../behaviour/index.js';
import { dayMs } from '../base/time/index.js';
import { anyVisit } from '../rehearse/plan/any-visit.js';
import type { PlannedPage } from '../rehearse/plan/index.js';

/** When random visitors come at the earliest, ms since the epoch. */
export const now = Date.UTC(2026, 10, 28, 12);
/** A page of a site. */
export const page = (path: string, types: string[] = [], markers: string[] = []): PlannedPage => ({
  address: `https://x.example${path}`,
  types,
  markers,
});
/** The pages of a small site. */
export const pages = [
  page('/'),
  page('/journal/moon', ['article']),
  page('/shop/lamp', ['product']),
  page('/contact'),
];

/** By what they go: conditions of one line tell visitors apart by the same thing. */
export const kinds: Record<string, fc.Arbitrary<Condition>> = {
  window: fc.oneof(
    fc.record({
      type: fc.constant('width' as const),
      from: fc.constantFrom(0, 500, 900),
      to: fc.constantFrom(600, 1000, 20_000),
    }),
    fc.record({
      type: fc.constant('device' as const),
      devices: fc.subarray(['phone' as const, 'tablet' as const, 'desktop' as const], { minLength: 1 }),
    }),
  ),
  visits: fc.oneof(
    fc.record({
      type: fc.constant('returning' as const),
      is: fc.constantFrom('new' as const, 'returning' as const),
    }),
    fc.record({
      type: fc.constant('visits' as const),
      from: fc.constantFrom(1, 2, 4),
      to: fc.constantFrom(1, 3, 1000),
    }),
  ),
  pages: fc.record({ type: fc.constant('pages-seen' as const), atLeast: fc.constantFrom(1, 2, 4) }),
  member: fc.record({
    type: fc.constant('member' as const),
    is: fc.constantFrom('member' as const, 'guest' as const),
  }),
  lists: fc.record({
    type: fc.constant('lists' as const),
    is: fc.constantFrom('on' as const, 'off' as const),
    lists: fc.subarray(['a', 'b', 'c'], { minLength: 1 }),
  }),
  acted: fc.record({
    type: fc.constant('acted' as const),
    widget: fc.constantFrom('ask', 'letter'),
    did: fc.constantFrom('seen' as const, 'submitted' as const),
    is: fc.constantFrom('yes' as const, 'no' as const),
    days: fc.constantFrom(0, 7),
  }),
  language: fc.record({
    type: fc.constant('language' as const),
    languages: fc.subarray(['de', 'de-AT', 'en'], { minLength: 1 }),
  }),
  referrer: fc.record({
    type: fc.constant('referrer' as const),
    way: fc.constantFrom('sites' as const, 'any' as const, 'direct' as const),
    sites: fc.subarray(['news.example', 'm.news.example']),
  }),
  campaign: fc.record({
    type: fc.constant('campaign' as const),
    parameter: fc.constantFrom('utm_source' as const, 'utm_campaign' as const),
    values: fc.subarray(['mail']),
  }),
  hours: fc.record({
    type: fc.constant('hours' as const),
    days: fc.subarray([1, 3, 6], { minLength: 1 }),
    from: fc.constantFrom('08:00', '12:00'),
    to: fc.constantFrom('13:00', '20:00'),
  }),
  fact: fc.record({
    type: fc.constant('fact' as const),
    name: fc.constantFrom('plan', 'age'),
    how: fc.constantFrom(
      'equals' as const,
      'one-of' as const,
      'more' as const,
      'less' as const,
      'contains' as const,
    ),
    value: fc.constantFrom('10', '20', '1', '2', ' 2 , 11'),
  }),
  basket: fc.record({
    type: fc.constant('basket' as const),
    of: fc.constantFrom('value' as const, 'count' as const),
    from: fc.constantFrom(0, 3, 3.5, 50),
    to: fc.constantFrom(2, 4, 60, 1e6),
  }),
};
/** Any condition. */
export const condition: fc.Arbitrary<Condition> = fc.oneof(
  fc.record({
    type: fc.constant('address' as const),
    include: fc.subarray(['/journal/*', '/shop/*', '/']),
    exclude: fc.subarray(['/journal/moon']),
  }),
  fc.record({
    type: fc.constant('page-type' as const),
    types: fc.subarray(['Article', 'Product'], { minLength: 1 }),
  }),
  ...Object.values(kinds),
);
/** Any targeting. */
export const { tree } = fc.letrec<{ tree: Targeting }>((tie) => ({
  tree: fc.oneof(
    { depthSize: 'small', maxDepth: 3 },
    condition,
    fc.record({ all: fc.array(tie('tree'), { maxLength: 4 }) }),
    fc.record({ any: fc.array(tie('tree'), { maxLength: 3 }) }),
    fc.record({ none: fc.array(tie('tree'), { maxLength: 2 }) }),
  ),
}));

const ago = fc.option(fc.integer({ min: 0, max: 12 }));
/** Any visitor, on a page of which nothing is known. */
export const visitor = fc
  .record({
    width: fc.constantFrom(320, 480, 500, 599, 600, 601, 850, 900, 1000, 1001, 1280),
    touch: fc.boolean(),
    language: fc.constantFrom('de', 'de-AT', 'de-CH', 'en-GB', 'fr'),
    visits: fc.integer({ min: 1, max: 6 }),
    pages: fc.integer({ min: 1, max: 6 }),
    member: fc.boolean(),
    lists: fc.subarray(['a', 'b', 'c']),
    value: fc.integer({ min: 0, max: 320 }).map((quarters) => quarters / 4),
    count: fc.integer({ min: 0, max: 5 }),
    from: fc.constantFrom('', 'news.example', 'm.news.example', 'x.example'),
    campaign: fc.record(
      { utm_source: fc.constantFrom('mail', 'ad'), utm_campaign: fc.constantFrom('mail', 'spring') },
      { requiredKeys: [] },
    ),
    facts: fc.record(
      {
        plan: fc.constantFrom('10', '20', '1', '15', 'gold'),
        age: fc.integer({ min: 0, max: 120 }).map((quarters) => quarters / 4),
      },
      { requiredKeys: [] },
    ),
    ask: fc.record({ seen: ago, submitted: ago }),
    letter: fc.record({ seen: ago, submitted: ago }),
    ahead: fc.integer({ min: -720, max: 840 }),
    minute: fc.integer({ min: 0, max: 10_079 }),
  })
  .map((one): PageVisit => {
    const at = now + one.minute * 60_000;
    const past = ({ seen, submitted }: { seen: number | null; submitted: number | null }) => ({
      ...(seen !== null && { shownAt: at - seen * dayMs }),
      ...(submitted !== null && { submittedAt: at - submitted * dayMs }),
    });
    return {
      ...anyVisit,
      now: at,
      width: one.width,
      touch: one.touch,
      language: one.language,
      signals: {
        ...anyVisit.signals,
        member: one.member,
        lists: one.lists,
        basketValue: one.value,
        basketCount: one.count,
        facts: one.facts,
      },
      ahead: one.ahead,
      memory: {
        ...noMemory,
        visits: one.visits,
        pages: one.pages,
        from: one.from,
        campaign: one.campaign,
        widgets: { ask: past(one.ask), letter: past(one.letter) },
      },
    };
  });

/** A visitor who is on that page. */
export const on = (visit: PageVisit, { address, types, markers }: PlannedPage): PageVisit => ({
  ...visit,
  ...placeOf(address),
  types,
  markers,
});
