import fc from 'fast-check';
import {
  compete,
  compileTargeting,
  coversOf,
  openPolicy,
  type Condition,
  type Slot,
  type Targeting,
  type WidgetRules,
} from '../../behaviour/index.js';
import { kinds, now, on, page, pages, tree, visitor } from '../../testing/random-visitors.js';
import { rule } from '../../testing/visits.js';
import { anyVisit } from './any-visit.js';
import { pagePlan } from './page-plan.js';
import { neverMatches } from './never.js';
import { satisfy } from './satisfy.js';

const testOf = (one: Targeting) => compileTargeting(one, { idOf: (slug) => slug });
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
        expect(satisfy(all, anyVisit, () => undefined)).not.toBeNull();
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
        const example = satisfy([one, other], base, onPage);
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
