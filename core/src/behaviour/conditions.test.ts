import {
  compileRules,
  compileTargeting,
  conditionSpecs,
  specOf,
  type Condition,
  type Memory,
  type PageVisit,
} from './index.js';
import { behaviourProblems } from './problems.js';
import { rule, visitOn } from '../testing/visits.js';

const day = 86_400_000;
const wednesday = Date.UTC(2026, 10, 25, 16, 30);
type Case = [Condition, Partial<PageVisit> & Partial<PageVisit['signals']>, Partial<Memory>, boolean];

test.each<Case>([
  [{ type: 'page-type', types: ['Article'] }, { types: ['article'] }, {}, true],
  [{ type: 'page-type', types: ['Article', 'Product'] }, { types: ['product', 'thing'] }, {}, true],
  [{ type: 'page-type', types: ['Article'] }, { types: [] }, {}, false],
  [{ type: 'pages', pages: ['/here', '/there/'] }, {}, {}, true],
  [{ type: 'pages', pages: ['/there'] }, {}, {}, false],
  [{ type: 'device', devices: ['phone'] }, { touch: true, width: 390 }, {}, true],
  [{ type: 'device', devices: ['phone'] }, { touch: true, width: 600 }, {}, false],
  [{ type: 'device', devices: ['tablet'] }, { touch: true, width: 600 }, {}, true],
  [{ type: 'device', devices: ['desktop'] }, { touch: false, width: 390 }, {}, true],
  [{ type: 'language', languages: ['de'] }, { language: 'de-AT' }, {}, true],
  [{ type: 'language', languages: ['de'] }, { language: 'den' }, {}, false],
  [{ type: 'language', languages: ['de-at'] }, { language: 'de' }, {}, false],
  [{ type: 'referrer', way: 'direct', sites: [] }, {}, { from: '' }, true],
  [{ type: 'referrer', way: 'any', sites: [] }, {}, { from: 'news.example' }, true],
  [{ type: 'referrer', way: 'sites', sites: ['news.example'] }, {}, { from: 'm.news.example' }, true],
  [{ type: 'referrer', way: 'sites', sites: ['news.example'] }, {}, { from: 'fakenews.example' }, false],
  [
    { type: 'campaign', parameter: 'utm_campaign', values: [] },
    {},
    { campaign: { utm_campaign: 'x' } },
    true,
  ],
  [{ type: 'campaign', parameter: 'utm_campaign', values: [] }, {}, { campaign: { utm_source: 'x' } }, false],
  [
    { type: 'campaign', parameter: 'utm_source', values: ['Mail'] },
    {},
    { campaign: { utm_source: 'mail' } },
    true,
  ],
  [{ type: 'returning', is: 'new' }, {}, { visits: 1 }, true],
  [{ type: 'returning', is: 'returning' }, {}, { visits: 1 }, false],
  [{ type: 'visits', from: 2, to: 3 }, {}, { visits: 3 }, true],
  [{ type: 'visits', from: 2, to: 3 }, {}, { visits: 4 }, false],
  [{ type: 'pages-seen', atLeast: 3 }, {}, { pages: 2 }, false],
  [{ type: 'member', is: 'guest' }, { member: false }, {}, true],
  [{ type: 'member', is: 'member' }, { member: false }, {}, false],
  [{ type: 'lists', is: 'off', lists: ['letter'] }, { lists: ['news'] }, {}, true],
  [{ type: 'lists', is: 'on', lists: ['letter', 'news'] }, { lists: ['news'] }, {}, true],
  [{ type: 'basket', of: 'value', from: 50, to: 100 }, { basketValue: 100 }, {}, true],
  [{ type: 'basket', of: 'count', from: 1, to: 2 }, { basketCount: 0 }, {}, false],
  [{ type: 'acted', widget: 'ask', did: 'submitted', is: 'no', days: 0 }, {}, {}, true],
  [
    { type: 'acted', widget: 'ask', did: 'submitted', is: 'no', days: 0 },
    { now: day },
    { widgets: { other: { submittedAt: 1 } } },
    false,
  ],
  [
    { type: 'acted', widget: 'ask', did: 'seen', is: 'yes', days: 7 },
    { now: 9 * day },
    { widgets: { other: { shownAt: day } } },
    false,
  ],
  [
    { type: 'acted', widget: 'ask', did: 'closed', is: 'yes', days: 7 },
    { now: 8 * day },
    { widgets: { other: { closedAt: day } } },
    true,
  ],
  [{ type: 'fact', name: 'plan', how: 'equals', value: 'gold' }, { facts: { plan: 'Gold' } }, {}, true],
  [
    { type: 'fact', name: 'plan', how: 'one-of', value: 'gold, silver' },
    { facts: { plan: 'silver' } },
    {},
    true,
  ],
  [{ type: 'fact', name: 'age', how: 'more', value: '17' }, { facts: { age: 18 } }, {}, true],
  [{ type: 'fact', name: 'age', how: 'less', value: '17' }, { facts: {} }, {}, false],
  [{ type: 'fact', name: 'tags', how: 'contains', value: 'moon' }, { facts: { tags: 'sun,moon' } }, {}, true],
  [{ type: 'hours', days: [3], from: '16:00', to: '17:00' }, { now: wednesday }, {}, true],
  [{ type: 'hours', days: [3], from: '16:00', to: '17:00' }, { now: wednesday, ahead: 60 }, {}, false],
])('%j on %j, %j: %p', (condition, visit, memory, expected) => {
  // The site's other widget is found by its address name.
  const { widgets } = compileRules([rule({ targeting: condition }), rule({ id: 'other', slug: 'ask' })]);
  expect(widgets[0]?.targets(visitOn('https://x.example/here', visit, memory))).toBe(expected);
});

test('what a page type, a fact or a widget is not told of does not hold', () => {
  const holds = (condition: Condition) => compileTargeting(condition)(visitOn('https://x.example/'));
  expect(conditionSpecs.map((spec) => holds(spec.create() as Condition)).includes(true)).toBe(true);
  expect(holds({ type: 'acted', widget: 'gone', did: 'seen', is: 'yes', days: 0 })).toBe(false);
  expect(holds({ type: 'fact', name: 'toString', how: 'contains', value: 'native' })).toBe(false);
});

test.each<[Condition, string]>([
  [{ type: 'width', from: 900, to: 300 }, 'targeting.to must not be less than “From”'],
  [{ type: 'visits', from: 9, to: 3 }, 'targeting.to must not be less than “From visit”'],
  [{ type: 'fact', name: 'age', how: 'more', value: 'old' }, 'targeting.value must be a number'],
  [{ type: 'hours', days: [1], from: '22:00', to: '02:00' }, 'targeting.to must be later than “From”'],
  [
    { type: 'referrer', way: 'sites', sites: ['https://a.example/'] },
    'targeting.sites has “https://a.example/”, which is not a domain',
  ],
  [
    { type: 'address', include: ['journal'], exclude: [] },
    'targeting.include has “journal”, which starts neither',
  ],
])('%j is refused: %s', (targeting, problem) => {
  expect(
    [...behaviourProblems({ ...rule(), targeting, schedule: { zone: 'UTC', hours: [] } })].map((one) =>
      one.join(' '),
    )[0],
  ).toContain(problem);
});

test('each condition says what it finds in words', () => {
  const visit = visitOn('https://x.example/here', {
    types: ['article'],
    lists: ['news'],
    facts: { plan: 'gold' },
    now: wednesday,
  });
  const found = conditionSpecs.map((spec) => [spec.type, spec.found?.(visit, spec.create() as never)]);
  expect(Object.fromEntries(found)).toMatchObject({
    'page-type': 'article',
    device: 'a desktop',
    width: '1280 px',
    member: 'a guest',
    lists: 'on news',
    fact: 'plan is gold',
    hours: 'Wednesday 16:30',
    campaign: 'no campaign',
  });
  expect(
    specOf(conditionSpecs, { type: 'campaign' }).phrase({ parameter: 'utm_campaign', values: [] } as never),
  ).toBe('who came from a campaign');
});
