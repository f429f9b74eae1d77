import { coversOf, openPolicy, type Policy, type WidgetRules } from '../../behaviour/index.js';
import type { ZoneTable } from '../../base/time/index.js';
import type { PlannedPage } from '../plan/index.js';
import { rule } from '../../testing/visits.js';
import {
  countTraffic,
  playTraffic,
  resultOf,
  usualTraffic,
  type TrafficCount,
  type TrafficModel,
  type TrafficResult,
} from './index.js';

const page = (path: string, types: string[] = []): PlannedPage => ({
  address: `https://x.example${path}`,
  types,
  markers: ['inline'],
});
const pages = [
  page('/'),
  page('/journal/moon', ['article']),
  page('/journal/mars', ['article']),
  page('/shop'),
];
const start = Date.UTC(2026, 10, 2);
const utc: ZoneTable = [[0, 0]];
const widget = (id: string, changes: Partial<WidgetRules> = {}) => ({
  ...rule({ id, slug: id, ...changes }),
  hasForm: false,
});

function play(
  widgets: ReturnType<typeof widget>[],
  model: Partial<TrafficModel> = {},
  policy: Policy = openPolicy,
): TrafficResult {
  const input = {
    model: { ...usualTraffic, visitors: 600, ...model },
    pages,
    widgets,
    policy,
    start,
    zone: utc,
  };
  return [...playTraffic(input)].at(-1) as TrafficResult;
}
const of = (result: TrafficResult, id: string) => result.widgets.find(({ widget: one }) => one === id);

test('the same seed gives the same result to the digit, another seed another', () => {
  const widgets = [widget('a', { triggers: { any: [{ type: 'scroll', share: 0.5 }] } }), widget('b')];
  expect(play(widgets)).toEqual(play(widgets));
  expect(play(widgets)).not.toEqual(play(widgets, { seed: 2 }));
});

test('however the visitors are parted, together they come to the same', () => {
  const input = {
    model: { ...usualTraffic, visitors: 301 },
    pages,
    widgets: [widget('a', { triggers: { any: [{ type: 'scroll', share: 0.5 }] } }), widget('b')],
    policy: openPolicy,
    start,
    zone: utc,
  };
  const whole = [...playTraffic(input)].at(-1);
  for (const many of [2, 3, 7]) {
    const parts = Array.from(
      { length: many },
      (_, at) => [...countTraffic(input, { of: many, at })].at(-1) as TrafficCount,
    );
    expect(resultOf(parts as [TrafficCount, ...TrafficCount[]])).toEqual(whole);
  }
});

test('what everybody may see everybody sees; what nobody may see nobody does, and it says why', () => {
  const result = play([
    widget('a', { mode: 'free' }),
    widget('b', { mode: 'free', targeting: { type: 'address', include: ['/nowhere'], exclude: [] } }),
    widget('c', { mode: 'free', triggers: { any: [{ type: 'delay', seconds: 3600 }] } }),
    widget('d', { mode: 'free', schedule: { until: start - 1 } }),
    widget('e', { mode: 'inline', slug: 'missing' }),
  ]);
  expect(of(result, 'a')).toMatchObject({
    reach: 600,
    shown: result.pageViews,
    appears: { half: 0, most: 0 },
  });
  const why = ['b', 'c', 'd', 'e'].map((id) => Object.keys(of(result, id)?.lost ?? {}));
  expect(why).toEqual([['targeting'], ['triggers'], ['schedule'], ['marker']]);
  expect(result.widgets.slice(1).every(({ reach }) => reach === 0)).toBe(true);
});

test('of two that interrupt the one of lower priority loses its turn to the other', () => {
  const result = play([widget('low'), widget('high', { priority: 9, frequency: { per: 'page' } })], {
    closing: 9999,
  });
  expect(of(result, 'low')).toMatchObject({ shown: 0, lost: { widget: result.pageViews } });
});

test('a limit per visit is kept, and a wider gap interrupts less', () => {
  const both = [widget('a'), widget('b')];
  const limited = play(both, {}, { ...openPolicy, perVisit: 1 });
  expect(limited.interruptions.slice(2)).toEqual([0, 0, 0, 0]);
  const shown = (policy: Policy) => play(both, {}, policy).widgets.reduce((sum, one) => sum + one.shown, 0);
  expect(shown({ ...openPolicy, quietGap: 300 })).toBeLessThan(shown(openPolicy));
});

test('the sliders do what they say', () => {
  const phones = { type: 'device' as const, devices: ['phone' as const] };
  const share = (model: Partial<TrafficModel>, changes: Partial<WidgetRules>) => {
    const result = play([widget('a', { mode: 'free', ...changes })], model);
    return (of(result, 'a')?.reach ?? 0) / result.visitors;
  };
  expect(share({ phones: 0.9, tablets: 0 }, { targeting: phones })).toBeCloseTo(0.9, 1);
  expect(share({ phones: 0.1, tablets: 0 }, { targeting: phones })).toBeCloseTo(0.1, 1);
  expect(share({ members: 0.5 }, { targeting: { type: 'member', is: 'member' } })).toBeCloseTo(0.5, 1);
  expect(share({ returning: 0.8 }, { targeting: { type: 'returning', is: 'returning' } })).toBeGreaterThan(
    0.7,
  );
  expect(
    share(
      { campaign: 0.4, pages: 1 },
      { targeting: { type: 'campaign', parameter: 'utm_campaign', values: [] } },
    ),
  ).toBeGreaterThan(0.35);
  const evening = (evenings: number) => {
    const hours = of(play([widget('a', { mode: 'free' })], { evenings }), 'a')?.hours ?? [];
    return (
      hours.slice(17).reduce((sum, count) => sum + count, 0) / hours.reduce((sum, count) => sum + count, 0)
    );
  };
  expect(evening(0.8)).toBeGreaterThan(evening(0.2));
});

test('visitors go the ways of the table', () => {
  const ways = {
    sections: ['', 'journal', 'shop'],
    entry: [0, 0, 1],
    next: [
      [1, 0, 0],
      [0, 1, 0],
      [0, 1, 0],
    ],
  };
  const input = {
    model: { ...usualTraffic, visitors: 300 },
    pages,
    widgets: [widget('a', { mode: 'free' })],
    policy: openPolicy,
    start,
    zone: utc,
    ways,
  };
  const result = [...playTraffic(input)].at(-1) as TrafficResult;
  const [home, moon, mars, shop] = of(result, 'a')?.pages ?? [];
  expect([home, shop]).toEqual([0, result.visits]);
  expect((moon ?? 0) + (mars ?? 0)).toBe(result.pageViews - result.visits);
});

test('hours are those of the site’s clocks', () => {
  const hours = (zone: ZoneTable) => {
    const input = {
      model: { ...usualTraffic, visitors: 300, evenings: 1, pages: 1 },
      pages,
      widgets: [
        widget('a', {
          mode: 'free',
          targeting: { type: 'hours', days: [1, 2, 3, 4, 5, 6, 7], from: '17:00', to: '24:00' },
        }),
      ],
      policy: openPolicy,
      start,
      zone,
    };
    const result = [...playTraffic(input)].at(-1) as TrafficResult;
    return {
      shown: of(result, 'a')?.hours.slice(0, 17),
      share: (of(result, 'a')?.shown ?? 0) / result.pageViews,
    };
  };
  for (const ahead of [0, 9 * 3_600_000, -5 * 3_600_000]) {
    const { shown, share } = hours([[0, ahead]]);
    expect(shown).toEqual(Array.from({ length: 17 }, () => 0));
    expect(share).toBeGreaterThan(0.99);
  }
});

test('forms are submitted as often as the model says, and then stay away', () => {
  const form = {
    ...widget('form', { returning: { afterClosing: 0, afterSubmitting: null }, covers: coversOf('centre') }),
    hasForm: true,
  };
  const none = of(play([form], { submitting: 0 }), 'form');
  const all = of(play([form], { submitting: 1, closing: 1 }), 'form');
  expect([none?.submitted, (all?.submitted ?? 0) > 0, (all?.shown ?? 0) < (none?.shown ?? 0)]).toEqual([
    0,
    true,
    true,
  ]);
});

test('what has been counted so far is told on the way', () => {
  const input = {
    model: { ...usualTraffic, visitors: 500 },
    pages,
    widgets: [widget('a')],
    policy: openPolicy,
    start,
    zone: utc,
  };
  expect([...playTraffic(input, 200)].map(({ visitors }) => visitors)).toEqual([200, 400, 500]);
});
