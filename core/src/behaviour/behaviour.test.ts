import fc from 'fast-check';
import { dayMs } from '../base/time/index.js';
import {
  compilePattern,
  compileRules,
  compileTargeting,
  explain,
  explainTargeting,
  noMemory,
  placeOf,
  startState,
  step,
  visitGapMs,
  type Effect,
  type MachineEvent,
  type MachineState,
  type Targeting,
} from './index.js';
import { arrive, play, rule, tick, visitOn } from '../testing/visits.js';

describe('address patterns', () => {
  test.each<[string, string, boolean]>([
    ['/journal/*', 'https://x.example/journal/moon', true],
    ['/journal/*', 'https://x.example/journal/', true],
    ['/journal/*', 'https://x.example/journal', true],
    ['/journal/*', 'https://x.example/journals', false],
    ['/contact', 'https://x.example/contact/?from=mail#top', true],
    ['/contact', 'https://x.example/contact/us', false],
    ['/', 'https://x.example', true],
    ['/', 'https://x.example/a', false],
    ['/shop/*/reviews', 'https://x.example/shop/lamp/reviews', true],
    ['/shop/*/reviews', 'https://x.example/shop/reviews', false],
    ['*/moon/*', 'https://x.example/a/moon/b', true],
    ['/a*a', 'https://x.example/a', false],
    ['/search?q=*', 'https://x.example/search?q=lamp', true],
    ['/search?q=*', 'https://x.example/search', false],
    ['https://x.example/*', 'https://x.example/shop', true],
    ['https://x.example/*', 'https://y.example/shop', false],
    ['/a.b', 'https://x.example/aXb', false],
  ])('%s on %s: %p', (pattern, address, expected) => {
    expect(compilePattern(pattern)(placeOf(address))).toBe(expected);
  });

  test('agrees with the obvious regular expression', () => {
    const letters = fc.string({ unit: fc.constantFrom('a', 'b', '/'), maxLength: 8 });
    const patterns = fc.string({ unit: fc.constantFrom('a', 'b', '*'), maxLength: 6 });
    fc.assert(
      fc.property(letters, patterns, (path, pattern) => {
        const clean = `/${path}`.replace(/\/+/g, '/').replace(/(.)\/$/, '$1');
        const wanted = `/x${pattern}`;
        const expected = new RegExp(`^${wanted.replace(/\*/g, '.*')}$`).test(clean);
        expect(compilePattern(wanted)(placeOf(`https://s.example${clean}`))).toBe(expected);
      }),
      { numRuns: 500 },
    );
  });

  test('a pattern made to be slow is not', () => {
    const matches = compilePattern(`/${'a*'.repeat(100)}b`);
    expect(matches(placeOf(`https://x.example/${'a'.repeat(20_000)}`))).toBe(false);
  });
});

describe('targeting', () => {
  const visit = visitOn('https://x.example/shop/lamp', { width: 800 });
  const wide: Targeting = { type: 'width', from: 1000, to: 9000 };
  const shop: Targeting = { type: 'address', include: ['/shop/*'], exclude: ['/shop/secret'] };
  const second: Targeting = { type: 'pages-seen', atLeast: 2 };

  test.each<[Targeting, boolean]>([
    [{ all: [] }, true],
    [{ any: [] }, false],
    [{ none: [] }, true],
    [shop, true],
    [{ all: [shop, second] }, true],
    [{ all: [shop, wide] }, false],
    [{ all: [shop, second, wide] }, false],
    [{ any: [wide, shop] }, true],
    [{ any: [wide, wide, second] }, true],
    [{ none: [wide] }, true],
    [{ none: [wide, shop] }, false],
    [{ all: [{ any: [wide, shop] }, { none: [wide] }] }, true],
  ])('%j: %p', (tree, expected) => {
    expect(compileTargeting(tree)(visit)).toBe(expected);
    expect(explainTargeting(tree, visit).holds).toBe(expected);
  });

  test('what is excluded wins over what is included', () => {
    expect(compileTargeting(shop)({ ...visit, ...placeOf('https://x.example/shop/secret') })).toBe(false);
  });

  test('a condition of a kind that is not known never holds', () => {
    expect(compileTargeting({ type: 'telepathy' } as unknown as Targeting)(visit)).toBe(false);
  });

  test('the explanation has the outcome of every node', () => {
    const outcome = explainTargeting({ all: [shop, wide] }, visit);
    expect(outcome.children.map(({ holds }) => holds)).toEqual([true, false]);
  });
});

describe('triggers', () => {
  test('page loaded: at once', () => {
    expect(play([rule()], [arrive(0)]).seen).toEqual([['+w']]);
  });

  test('a delay asks to be woken, and fires then and not before', () => {
    const rules = compileRules([rule({ triggers: { any: [{ type: 'delay', seconds: 8 }] } })]);
    const [state, effects] = step(rules, startState(), arrive(1000));
    expect(effects).toContainEqual<Effect>({ type: 'wake', at: 9000 });
    expect(step(rules, state, tick(8999))[1].some(({ type }) => type === 'show')).toBe(false);
    expect(step(rules, state, tick(9000))[1].some(({ type }) => type === 'show')).toBe(true);
  });

  test('scroll: at the share, and scrolling back does not undo it', () => {
    const scroll = rule({
      triggers: {
        all: [
          { type: 'scroll', share: 0.5 },
          { type: 'delay', seconds: 5 },
        ],
      },
    });
    const events: MachineEvent[] = [
      arrive(0),
      { type: 'scroll', at: 100, share: 0.6 },
      { type: 'scroll', at: 200, share: 0.1 },
      tick(5000),
    ];
    expect(play([scroll], events).seen).toEqual([[], [], [], ['+w']]);
  });

  test('leaving holds for that moment only: who had no place then does not come when there is one', () => {
    const first = rule({ id: 'first', priority: 1 });
    const leaving = rule({ triggers: { any: [{ type: 'leave' }] } });
    const events: MachineEvent[] = [
      arrive(0),
      { type: 'leave', at: 1000 },
      { type: 'close', widget: 'first', at: 2000 },
      { type: 'leave', at: 3000 },
    ];
    expect(play([first, leaving], events).seen).toEqual([['+first'], [], ['-first'], ['+w']]);
  });

  test('any of several: the first that happens', () => {
    const any = rule({ triggers: { any: [{ type: 'delay', seconds: 60 }, { type: 'leave' }] } });
    expect(play([any], [arrive(0), { type: 'leave', at: 500 }]).seen).toEqual([[], ['+w']]);
  });
});

describe('frequency and coming back', () => {
  const closed = (at: number): MachineEvent => ({ type: 'close', widget: 'w', at });

  test('once a page view', () => {
    const { seen } = play([rule()], [arrive(0), closed(10), tick(20), arrive(30)]);
    expect(seen).toEqual([['+w'], ['-w'], [], ['+w']]);
  });

  test('once a visit, and a visit ends after half an hour without a page', () => {
    const rules = [rule({ frequency: { per: 'visit' } })];
    const events = [
      arrive(0),
      closed(1),
      arrive(visitGapMs - 1),
      arrive(2 * visitGapMs - 2),
      arrive(3 * visitGapMs),
    ];
    expect(play(rules, events).seen).toEqual([['+w'], ['-w'], [], [], ['+w']]);
  });

  test('once in seven days', () => {
    const rules = [rule({ frequency: { per: 'days', days: 7 } })];
    const events = [arrive(0), closed(1), arrive(7 * dayMs - 1), arrive(7 * dayMs)];
    expect(play(rules, events).seen).toEqual([['+w'], ['-w'], [], ['+w']]);
  });

  test('not again for some days after closing', () => {
    const rules = [rule({ returning: { afterClosing: 2, afterSubmitting: 0 } })];
    const events = [arrive(0), closed(1000), arrive(2 * dayMs + 999), arrive(2 * dayMs + 1000)];
    expect(play(rules, events).seen).toEqual([['+w'], ['-w'], [], ['+w']]);
  });

  test('never again after submitting', () => {
    const rules = [rule({ returning: { afterClosing: 0, afterSubmitting: null } })];
    const events: MachineEvent[] = [
      arrive(0),
      { type: 'submit', widget: 'w', at: 5 },
      closed(6),
      arrive(4000 * dayMs),
    ];
    expect(play(rules, events).seen).toEqual([['+w'], [], ['-w'], []]);
  });
});

describe('who appears when several want to', () => {
  const first = rule({ id: 'a', slug: 'a', priority: 5 });
  const second = rule({ id: 'b', slug: 'b', priority: 1 });
  const inline = rule({ id: 'i', slug: 'form', mode: 'inline' });

  test('one overlay at a time, by priority; the other gets its turn when the place is free', () => {
    const { seen } = play([second, first], [arrive(0), { type: 'close', widget: 'a', at: 9 }]);
    expect(seen).toEqual([['+a'], ['-a', '+b']]);
  });

  test('inline widgets appear wherever they have a marker, and only there', () => {
    expect(play([first, inline], [arrive(0, undefined, ['form'])]).seen).toEqual([['+a', '+i']]);
    expect(play([first, inline], [arrive(0, undefined, [])]).seen).toEqual([['+a']]);
  });

  test('what the page asks for appears at once, in the place of what is there', () => {
    const { seen } = play(
      [first, second],
      [arrive(0), { type: 'ask', widget: 'b', at: 1 }, { type: 'ask', widget: 'x', at: 2 }],
    );
    expect(seen).toEqual([['+a'], ['-a', '+b'], []]);
  });

  test('the next page takes everything away', () => {
    expect(play([first], [arrive(0), arrive(10, 'https://site.example/b')]).seen).toEqual([
      ['+a'],
      ['-a', '+a'],
    ]);
  });

  test('closing what is not open does nothing', () => {
    expect(play([first], [arrive(0), { type: 'close', widget: 'b', at: 1 }]).seen).toEqual([['+a'], []]);
  });
});

const anyEvent: fc.Arbitrary<(at: number) => MachineEvent> = fc.oneof(
  fc
    .constantFrom('/', '/journal/moon', '/shop')
    .map((path) => (at: number) => arrive(at, `https://s.example${path}`, ['c'])),
  fc.constant((at: number): MachineEvent => ({ type: 'leave', at })),
  fc.constant(tick),
  fc
    .double({ min: 0, max: 1, noNaN: true })
    .map((share) => (at: number): MachineEvent => ({ type: 'scroll', at, share })),
  fc.tuple(fc.constantFrom('close', 'submit', 'ask'), fc.constantFrom('a', 'b', 'c', 'nobody')).map(
    ([type, widget]) =>
      (at: number) =>
        ({ type, widget, at }) as MachineEvent,
  ),
);
const anyStory = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 2 * dayMs }), anyEvent), { maxLength: 40 })
  .map((steps) => {
    let at = 0;
    return steps.map(([wait, event]) => event((at += wait)));
  });
const cast = [
  rule({
    id: 'a',
    slug: 'a',
    triggers: { any: [{ type: 'delay', seconds: 5 }, { type: 'leave' }] },
    frequency: { per: 'visit' },
  }),
  rule({
    id: 'b',
    slug: 'b',
    targeting: { all: [{ type: 'address', include: ['/journal/*'], exclude: [] }] },
  }),
  rule({ id: 'c', slug: 'c', mode: 'inline', triggers: { all: [{ type: 'scroll', share: 0.4 }] } }),
];

test('step is deterministic, and its state is plain data', () => {
  fc.assert(
    fc.property(anyStory, (events) => {
      const rules = compileRules(cast);
      let state = startState();
      for (const event of events) {
        const frozen = JSON.stringify(state);
        const [one, effects] = step(rules, state, event);
        const [again, same] = step(rules, JSON.parse(frozen) as MachineState, event);
        expect(again).toEqual(one);
        expect(same).toEqual(effects);
        expect(JSON.stringify(state)).toBe(frozen);
        state = one;
      }
    }),
    { numRuns: 150 },
  );
});

test('never two overlays at once, and shown and hidden always add up to what is open', () => {
  fc.assert(
    fc.property(anyStory, (events) => {
      const rules = compileRules(cast);
      let state = startState(noMemory);
      const open = new Set<string>();
      for (const event of events) {
        const [next, effects] = step(rules, state, event);
        state = next;
        for (const effect of effects) {
          if (effect.type === 'show') open.add(effect.widget);
          if (effect.type === 'hide') open.delete(effect.widget);
        }
        expect([...open].sort()).toEqual([...state.open].sort());
        expect([...open].filter((id) => id !== 'c').length).toBeLessThanOrEqual(1);
      }
    }),
    { numRuns: 150 },
  );
});

test('explain names who has the place, or says that the page has no marker', () => {
  const rules = compileRules([
    rule({ id: 'first', slug: 'first', priority: 1 }),
    rule({ id: 'second', slug: 'second' }),
    rule({ id: 'part', slug: 'part', mode: 'inline' }),
  ]);
  const [state] = step(rules, startState(), arrive(0));
  const placeOfWidget = (id: string) =>
    explain(rules, state, id)?.reasons.find((reason) => reason.rule === 'place');
  expect(placeOfWidget('first')).toEqual({ rule: 'place', holds: true });
  expect(placeOfWidget('second')).toEqual({
    rule: 'place',
    holds: false,
    blocker: { by: 'widget', widget: 'first' },
  });
  expect(placeOfWidget('part')).toEqual({ rule: 'place', holds: false, blocker: { by: 'marker' } });
});

test('explain says rule by rule what the machine goes by', () => {
  const rules = compileRules([
    rule({
      targeting: { all: [{ type: 'address', include: ['/shop/*'], exclude: [] }] },
      triggers: { any: [{ type: 'leave' }] },
    }),
  ]);
  const [state] = step(rules, startState(), arrive(0));
  expect(explain(rules, state, 'w')).toMatchObject({
    open: false,
    reasons: [
      { rule: 'targeting', holds: false },
      { rule: 'pause', holds: true, pause: null },
      { rule: 'triggers', holds: false, triggers: [{ trigger: { type: 'leave' }, fired: false }] },
      { rule: 'place', holds: true },
    ],
  });
  expect(explain(rules, state, 'nobody')).toBeNull();
  expect(explain(rules, startState(), 'w')).toBeNull();
});
