// One compiled targeting tree of four conditions, beside json-logic-js on the same tree and a closure written by hand.
import { compileRules, compileTargeting, coversOf, placeOf, startState, step } from '@sirene/core/behaviour';
import jsonLogic from 'json-logic-js';
import { figure, median } from './lib.mjs';

const tree = {
  all: [
    {
      any: [
        { type: 'address', include: ['/journal/*'], exclude: [] },
        { type: 'address', include: ['/shop/*'], exclude: [] },
      ],
    },
    { none: [{ type: 'width', from: 0, to: 599 }] },
    { type: 'pages-seen', atLeast: 2 },
  ],
};
const logic = {
  and: [
    {
      or: [
        { '==': [{ substr: [{ var: 'path' }, 0, 9] }, '/journal/'] },
        { '==': [{ substr: [{ var: 'path' }, 0, 6] }, '/shop/'] },
      ],
    },
    { '!': [{ and: [{ '>=': [{ var: 'width' }, 0] }, { '<=': [{ var: 'width' }, 599] }] }] },
    { '>=': [{ var: 'memory.pages' }, 2] },
  ],
};

const visits = ['/journal/moon', '/shop/lamp', '/contact', '/journal/dark-adaptation', '/'].flatMap(
  (path, at) =>
    [320, 1280].map((width) => ({
      // The address has been taken apart, as the machine does once a page; all three read the same path.
      ...placeOf(`https://larkmoor.example${path}`),
      width,
      memory: { pages: (at % 3) + 1 },
    })),
);

const compiled = compileTargeting(tree);
const byHand = ({ path, width, memory }) =>
  (path.startsWith('/journal/') || path.startsWith('/shop/')) &&
  !(width >= 0 && width <= 599) &&
  memory.pages >= 2;

for (const visit of visits) {
  const answers = [compiled(visit), byHand(visit), jsonLogic.apply(logic, visit)];
  if (new Set(answers).size !== 1) throw new Error(`The three disagree on ${visit.path}: ${answers}`);
}

let held = 0;
function nanoseconds(test, rounds) {
  const start = performance.now();
  for (let round = 0; round < rounds; round++) for (const visit of visits) if (test(visit)) held++;
  return ((performance.now() - start) * 1e6) / (rounds * visits.length);
}

const slowed = 4;
const facts = {
  address: 'https://larkmoor.example/journal/moon',
  width: 1280,
  markers: [],
  touch: false,
  language: 'en',
  types: [],
  ahead: 0,
  from: '',
  campaign: {},
};
const eight = [
  { type: 'address', include: ['/journal/*'], exclude: [] },
  { type: 'pages-seen', atLeast: 1 },
  { type: 'width', from: 0, to: 20_000 },
  { type: 'member', is: 'guest' },
  { type: 'returning', is: 'new' },
  { type: 'language', languages: ['en'] },
  { type: 'device', devices: ['desktop'] },
  { type: 'visits', from: 1, to: 9 },
];

/** What a page view of 100 widgets takes to be decided, ms, on a processor slowed as much as the figures say. */
function decision(conditions) {
  const widgets = Array.from({ length: 100 }, (_, at) => ({
    id: `w${at}`,
    slug: `w${at}`,
    mode: 'overlay',
    covers: coversOf('centre'),
    triggers: { any: [{ type: 'delay', seconds: 8 }] },
    targeting: { all: conditions },
    frequency: { per: 'visit' },
    returning: { afterClosing: 7, afterSubmitting: null },
    priority: 0,
  }));
  const site = compileRules(widgets);
  const times = Array.from({ length: 500 }, () => {
    const before = performance.now();
    step(site, startState(), { type: 'arrive', at: 0, ...facts });
    return performance.now() - before;
  });
  return median(times) * slowed;
}

/** Median of several samples, the three in turn so that a drift of the machine meets all alike. */
export default function rules() {
  const samples = { compiled: [], byHand: [], logic: [] };
  for (let sample = 0; sample < 25; sample++) {
    samples.compiled.push(nanoseconds(compiled, 20_000));
    samples.byHand.push(nanoseconds(byHand, 20_000));
    samples.logic.push(nanoseconds((visit) => jsonLogic.apply(logic, visit), 1000));
  }
  if (held === 0) throw new Error('Nothing was measured');
  const [ours, hand, library] = [samples.compiled, samples.byHand, samples.logic].map(median);
  return [
    figure('rules: times as fast as json-logic-js', library / ours, '×', 1, 30, { atLeast: true }),
    figure(
      `rules: a page view of 100 widgets of 8 conditions decided, ${slowed} times slower; baseline without conditions`,
      decision(eight),
      'ms',
      decision([]),
      1,
    ),
    figure('rules: one compiled tree, against a closure by hand', ours, 'ns', hand, 1.5, { judge: 'ratio' }),
  ];
}
