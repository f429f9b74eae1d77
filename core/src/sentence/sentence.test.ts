import { signup } from '../testing/documents.js';
import { applyOperation, type WidgetDocument } from '../widget/index.js';
import {
  pagePatterns,
  ruleSentence,
  stations,
  stationSentence,
  withPagePatterns,
  type Station,
} from './index.js';

const set = (document: WidgetDocument, path: string[], value: unknown) =>
  applyOperation(document, { type: 'set', path, value }).document;
const say = (document: WidgetDocument, station: Station) =>
  stationSentence(document, station)
    .map(({ text }) => text)
    .join('');

test('a new widget’s sentences', () => {
  const document = signup();
  expect(stations.map((station) => say(document, station))).toEqual([
    'May appear on every page, to every visitor.',
    'Appears as soon as the page is there, in the centre with a backdrop, at most once a visit.',
    'The visitor finds a form with 2 fields, and closes it by its close button, Esc or a click beside it.',
    'Having sent the form, the visitor sees the thanks. The submission is stored, and nobody is told by mail.',
    'After closing it, comes not again for 7 days; after submitting, never again.',
  ]);
});

test.each<[unknown, string]>([
  [{ any: [{ type: 'delay', seconds: 1 }] }, 'Appears 1 second after arriving, '],
  [
    { any: [{ type: 'scroll', share: 0.6 }, { type: 'leave' }] },
    'Appears at 60 % of the page or when leaving, ',
  ],
  [{ all: [{ type: 'load' }, { type: 'leave' }] }, 'Appears as soon as the page is there and when leaving, '],
])('triggers %j', (triggers, start) => {
  expect(say(set(signup(), ['behaviour', 'triggers'], triggers), 'appear').startsWith(start)).toBe(true);
});

test('pages are said as people say them', () => {
  const on = (include: string[], exclude: string[]) =>
    say(set(signup(), ['behaviour', 'targeting'], withPagePatterns({ all: [] }, include, exclude)), 'arrive');
  expect(on(['/shop/*', '/journal/*'], [])).toBe(
    'May appear on pages under /shop and /journal, to every visitor.',
  );
  expect(on([], ['/contact'])).toBe('May appear on every page except /contact, to every visitor.');
  expect(on(['/a*b'], [])).toBe('May appear on /a*b, to every visitor.');
});

test('changing the pages leaves the other conditions alone', () => {
  const other = { type: 'pages-seen', atLeast: 2 } as const;
  const targeting = withPagePatterns({ all: [other] }, ['/a'], []);
  expect(targeting).toEqual({ all: [{ type: 'address', include: ['/a'], exclude: [] }, other] });
  expect(pagePatterns(targeting).include).toEqual(['/a']);
  expect(withPagePatterns(targeting, [], [])).toEqual({ all: [other] });
  expect(say(set(signup(), ['behaviour', 'targeting'], targeting), 'arrive')).toContain(
    'visitors on their 2nd page or later',
  );
});

test('the whole rule in one sentence', () => {
  expect(ruleSentence(signup())).toBe(
    'Appears as soon as the page is there, on every page, at most once a visit.',
  );
});
