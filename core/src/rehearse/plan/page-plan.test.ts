import fc from 'fast-check';
import {
  compete,
  compileTargeting,
  coversOf,
  noMemory,
  openPolicy,
  placeOf,
  type Condition,
  type PageVisit,
  type Slot,
  type Targeting,
  type WidgetRules,
} from '../../behaviour/index.js';
import { dayMs } from '../../base/time/index.js';
import { rule } from '../../testing/visits.js';
import { anyVisit } from './any-visit.js';
import { pagePlan, type PlannedPage } from './page-plan.js';
import { neverMatches } from './never.js';
import { satisfy } from './satisfy.js';

const now = Date.UTC(2026, 10, 28, 12);
const page = (path: string, types: string[] = [], markers: string[] = []): PlannedPage => ({
  address: `https://x.example${path}`,
  types,
  markers,
});
const pages = [
  page('/'),
  page('/journal/moon', ['article']),
  page('/shop/lamp', ['product']),
  page('/contact'),
];

/** By what they go: conditions of one line tell visitors apart by the same thing. */
const kinds: Record<string, fc.Arbitrary<Condition>> = {
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
const condition: fc.Arbitrary<Condition> = fc.oneof(
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
const { tree } = fc.letrec<{ tree: Targeting }>((tie) => ({
  tree: fc.oneof(
    { depthSize: 'small', maxDepth: 3 },
    condition,
    fc.record({ all: fc.array(tie('tree'), { maxLength: 4 }) }),
    fc.record({ any: fc.array(tie('tree'), { maxLength: 3 }) }),
    fc.record({ none: fc.array(tie('tree'), { maxLength: 2 }) }),
  ),
}));

const ago = fc.option(fc.integer({ min: 0, max: 12 }));
const visitor = fc
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

const testOf = (one: Targeting) => compileTargeting(one, { idOf: (slug) => slug });
const on = (visit: PageVisit, { address, types, markers }: PlannedPage): PageVisit => ({
  ...visit,
  ...placeOf(address),
  types,
  markers,
});
const slot = fc.constantFrom<Slot>('centre', 'bottom-right', 'bottom-left', 'top-bar', 'none');
const widgets = fc
  .array(fc.record({ tree, slot, free: fc.boolean() }), { minLength: 2, maxLength: 4 })
  .map((all) =>
    all.map(({ tree: targeting, slot: where, free }, at): WidgetRules =>
      rule({
        id: `w${at}`,
        slug: `w${at}`,
        targeting,
        mode: free ? 'free' : 'overlay',
        covers: coversOf(where),
      }),
    ),
  );

test('every clash that a random visitor meets is in the plan', () => {
  let met = 0;
  fc.assert(
    fc.property(widgets, fc.array(visitor, { minLength: 250, maxLength: 250 }), (all, visitors) => {
      const rows = [...pagePlan({ pages, widgets: all, policy: openPolicy, now })];
      const tests = all.map(({ targeting }) => testOf(targeting));
      for (const [at, where] of pages.entries()) {
        const planned = new Set(rows[at]?.clashes.map(({ one, other }) => `${one} ${other}`));
        for (const visit of visitors.map((one) => on(one, where))) {
          const here = all.filter((_, index) => tests[index]?.(visit));
          for (const [index, one] of here.entries())
            for (const other of here.slice(index + 1)) {
              if (!compete(one, other, visit.width)) continue;
              met++;
              if (!planned.has(`${one.id} ${other.id}`))
                throw new Error(`${where.address}: ${one.id}, ${other.id}`);
            }
        }
      }
    }),
    { numRuns: 400 },
  );
  expect(met).toBeGreaterThan(1000);
});

test.each(Object.entries(kinds))(
  'of conditions that go by one thing (%s), all that a random visitor meets together are found to meet',
  (_, one) => {
    let met = 0;
    const some = fc.array(
      fc.record({ one, not: fc.boolean() }).map(({ one, not }): Targeting => (not ? { none: [one] } : one)),
      { minLength: 2, maxLength: 4 },
    );
    fc.assert(
      fc.property(some, fc.array(visitor, { minLength: 20, maxLength: 20 }), (all, visitors) => {
        const test = testOf({ all });
        if (!visitors.some((visit) => test(visit))) return;
        met++;
        expect(satisfy(all, anyVisit, testOf, () => undefined)).not.toBeNull();
      }),
      { numRuns: 400 },
    );
    expect(met).toBeGreaterThan(40);
  },
);

test('the visitor that is given as an example meets both widgets, and a presence says what visitors find', () => {
  fc.assert(
    fc.property(tree, tree, fc.array(visitor, { minLength: 40, maxLength: 40 }), (one, other, visitors) => {
      for (const where of pages) {
        const base = on({ ...anyVisit, now }, where);
        const onPage = (leaf: Condition) =>
          'types' in leaf || leaf.type === 'address' ? testOf(leaf)(base) : undefined;
        const example = satisfy([one, other], base, testOf, onPage);
        if (example) expect([testOf(one)(example.visit), testOf(other)(example.visit)]).toEqual([true, true]);
        const [row] = pagePlan({
          pages: [where],
          widgets: [rule({ targeting: one })],
          policy: openPolicy,
          now,
        });
        const found = new Set(visitors.map((visit) => testOf(one)(on(visit, where))));
        if (row?.presence[0] === 'never') expect(found).not.toContain(true);
        if (row?.presence[0] === 'all') expect(found).not.toContain(false);
      }
    }),
    { numRuns: 300 },
  );
});

test.each<[string, Partial<WidgetRules>, Partial<WidgetRules>, unknown]>([
  ['two pop-ups on every page', {}, {}, ['turns', undefined, []]],
  ['one of which comes first', { priority: 5 }, {}, ['turns', 'a', []]],
  ['one that is opened by hand', { triggers: { any: [{ type: 'asked' }] } }, {}, null],
  [
    'one by hand or by time',
    { triggers: { any: [{ type: 'asked' }, { type: 'load' }] } },
    {},
    ['turns', undefined, []],
  ],
  [
    'new and returning visitors',
    { targeting: { type: 'returning', is: 'new' } },
    { targeting: { type: 'returning', is: 'returning' } },
    null,
  ],
  [
    'members who return',
    { targeting: { type: 'member', is: 'member' } },
    { targeting: { type: 'returning', is: 'returning' } },
    ['turns', undefined, ['a member', '2nd visit']],
  ],
  [
    'a bar and a box in the corner',
    { mode: 'free', covers: coversOf('bottom-bar') },
    { covers: coversOf('bottom-right') },
    ['place', undefined, []],
  ],
  [
    'a launcher beside it, on phones',
    { mode: 'free', covers: coversOf('launcher-bottom-left') },
    { covers: coversOf('bottom-right') },
    ['place-on-phones', undefined, ['a 390 px wide window']],
  ],
  [
    'a launcher beside one that only larger phones see',
    {
      mode: 'free',
      covers: coversOf('launcher-bottom-left'),
      targeting: { type: 'width', from: 480, to: 999 },
    },
    { covers: coversOf('bottom-right') },
    ['place-on-phones', undefined, ['a 481 px wide window']],
  ],
  ['before and after a date', { schedule: { until: now + 1000 } }, { schedule: { from: now + 2000 } }, null],
  [
    'hours that never meet',
    { schedule: { hours: [{ days: [1], from: '08:00', to: '12:00' }], table: [[0, 0]] } },
    { schedule: { hours: [{ days: [1], from: '12:00', to: '14:00' }], table: [[0, 0]] } },
    null,
  ],
  [
    'hours that meet in another zone',
    { schedule: { hours: [{ days: [1], from: '08:00', to: '12:00' }], table: [[0, 0]] } },
    { schedule: { hours: [{ days: [1], from: '12:00', to: '14:00' }], table: [[0, 3_600_000]] } },
    ['turns', undefined, []],
  ],
])('%s', (_, one, other, expected) => {
  const [row] = pagePlan({
    pages: [page('/')],
    widgets: [rule({ id: 'a', ...one }), rule({ id: 'b', slug: 'b', ...other })],
    policy: openPolicy,
    now,
  });
  const [clash] = row?.clashes ?? [];
  expect(clash ? [clash.because, clash.first, clash.example] : null).toEqual(expected);
});

test.each<[Targeting, number | null]>([
  [{ all: [] }, null],
  [{ any: [] }, 1],
  [
    {
      all: [
        { type: 'returning', is: 'new' },
        { type: 'member', is: 'guest' },
        { type: 'visits', from: 2, to: 9 },
      ],
    },
    2,
  ],
  [{ all: [{ type: 'member', is: 'guest' }, { none: [{ type: 'member', is: 'guest' }] }] }, 2],
  [
    {
      all: [
        { type: 'address', include: ['/a'], exclude: [] },
        { type: 'page-type', types: ['Article'] },
      ],
    },
    null,
  ],
  [{ none: [{ all: [{ type: 'address', include: ['/a'], exclude: [] }] }] }, null],
  [
    {
      all: [
        { type: 'fact', name: 'age', how: 'more', value: '20' },
        { type: 'fact', name: 'age', how: 'less', value: '10' },
      ],
    },
    2,
  ],
  [
    {
      all: [
        { type: 'fact', name: 'tags', how: 'contains', value: 'a' },
        { type: 'fact', name: 'tags', how: 'contains', value: 'b' },
      ],
    },
    null,
  ],
  [
    {
      all: [
        { type: 'fact', name: 'age', how: 'contains', value: '1' },
        { type: 'fact', name: 'age', how: 'more', value: '1' },
        { type: 'fact', name: 'age', how: 'less', value: '2' },
      ],
    },
    null,
  ],
  [
    {
      all: [
        { type: 'basket', of: 'value', from: 1, to: 2 },
        { none: [{ type: 'basket', of: 'value', from: 0, to: 1.2 }] },
        { none: [{ type: 'basket', of: 'value', from: 1.5, to: 9 }] },
      ],
    },
    null,
  ],
  [
    {
      all: [
        { type: 'lists', is: 'on', lists: ['a', 'b'] },
        { type: 'lists', is: 'off', lists: ['a'] },
        { type: 'lists', is: 'off', lists: ['b'] },
      ],
    },
    3,
  ],
])('%j: of so many conditions nobody can match: %p', (targeting, blamed) => {
  expect(neverMatches(targeting)?.nodes.length ?? null).toBe(blamed);
});
