import { signup } from '../testing/documents.js';
import { targetingOf, targetingParts, type Targeting } from '../behaviour/index.js';
import { applyOperation, changePlacement, type WidgetDocument } from '../widget/index.js';
import { conditionWords, ruleSentence, stations, stationSentence, type Station } from './index.js';

const set = (document: WidgetDocument, path: string[], value: unknown) =>
  applyOperation(document, { type: 'set', path, value }).document;
const withPages = (targeting: Targeting, include: string[], exclude: string[]) =>
  targetingOf({ ...targetingParts(targeting), pages: { include, exclude } });
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
    say(set(signup(), ['behaviour', 'targeting'], withPages({ all: [] }, include, exclude)), 'arrive');
  expect(on(['/shop/*', '/journal/*'], [])).toBe(
    'May appear on pages under /shop and /journal, to every visitor.',
  );
  expect(on([], ['/contact'])).toBe('May appear on every page except /contact, to every visitor.');
  expect(on(['/a*b'], [])).toBe('May appear on /a*b, to every visitor.');
});

test('changing the pages leaves the other conditions alone', () => {
  const other = { type: 'pages-seen', atLeast: 2 } as const;
  const targeting = withPages({ all: [other] }, ['/a'], []);
  expect(targeting).toEqual({ all: [{ type: 'address', include: ['/a'], exclude: [] }, other] });
  expect(targetingParts(targeting).pages.include).toEqual(['/a']);
  expect(withPages(targeting, [], [])).toEqual({ all: [other] });
  expect(say(set(signup(), ['behaviour', 'targeting'], targeting), 'arrive')).toContain(
    'visitors on their 2nd page or later',
  );
});

test('the whole rule in one sentence', () => {
  expect(ruleSentence(signup())).toBe(
    'Appears as soon as the page is there, on every page, at most once a visit.',
  );
});

type Case = [station: Station, path: string, value: unknown, said: string];

test.each<Case>([
  ['appear', 'behaviour.frequency', { per: 'page' }, 'at most once a page view.'],
  ['appear', 'behaviour.frequency', { per: 'days', days: 1 }, 'at most once a day.'],
  ['appear', 'behaviour.frequency', { per: 'days', days: 7 }, 'at most once a week.'],
  ['appear', 'behaviour.frequency', { per: 'days', days: 30 }, 'at most once in 30 days.'],
  ['appear', 'behaviour.triggers', { any: [{ type: 'asked' }] }, 'Appears when the page opens it, '],
  ['appear', 'behaviour.triggers', { any: [{ type: 'delay', seconds: 20 }] }, '20 seconds after arriving'],
  ['appear', 'placement.backdrop', false, ', in the centre, at most'],
  ['respond', 'placement.closing', { button: false, escape: false, backdrop: false }, 'nothing but its own'],
  ['respond', 'placement.closing', { button: false, escape: true, backdrop: false }, 'closes it by Esc.'],
  [
    'respond',
    'placement.closing',
    { button: true, escape: false, backdrop: false, after: 1 },
    'its close button or itself after 1 second.',
  ],
  ['respond', 'elements.form.children', [], '3 elements and no form'],
  ['respond', 'elements.opening.children', [], 'finds an empty box'],
  ['afterwards', 'afterwards.visitor', { type: 'close' }, 'the visitor sees it close.'],
  ['afterwards', 'afterwards.visitor', { type: 'page', address: '' }, 'the page (not chosen yet).'],
  ['afterwards', 'afterwards.visitor', { type: 'page', address: '/thanks/' }, 'the page /thanks/.'],
  [
    'afterwards',
    'afterwards.actions',
    [{ type: 'notify', recipients: ['a@x.example', 'b@x.example'], subject: '' }],
    'a@x.example and b@x.example are told by mail.',
  ],
  [
    'afterwards',
    'afterwards.actions',
    [{ type: 'notify', recipients: ['a@x.example'], subject: '' }],
    'and a@x.example is told by mail.',
  ],
  ['return', 'behaviour.returning.afterClosing', 0, 'After closing it, comes again as usual;'],
  ['return', 'behaviour.returning.afterClosing', 1, 'comes not again for 1 day;'],
  ['return', 'behaviour.returning.afterSubmitting', 90, 'after submitting, not again for 90 days.'],
])('%s, where %s is %j: …%s…', (station, path, value, said) => {
  expect(say(set(signup(), path.split('.'), value), station)).toContain(said);
});

test.each([
  [1, '1st'],
  [2, '2nd'],
  [3, '3rd'],
  [4, '4th'],
  [11, '11th'],
  [12, '12th'],
  [13, '13th'],
  [21, '21st'],
  [102, '102nd'],
  [111, '111th'],
])('the page number %d is said as the %s', (atLeast, said) => {
  const condition = { type: 'pages-seen', atLeast } as const;
  expect(conditionWords(condition)).toBe(`on their ${said} page or later`);
});

test('a window’s width and an address are conditions in words', () => {
  expect(conditionWords({ type: 'width', from: 320, to: 600 })).toBe('with a window 320 to 600 px wide');
  expect(conditionWords({ type: 'address', include: ['/a', '/b'], exclude: [] })).toBe('on /a, /b');
});

test('what stands in the page has nothing to close, and a sentence’s pieces say what they change', () => {
  const start = signup();
  const inline = applyOperation(start, changePlacement(start, 'inline')).document;
  expect(say(inline, 'respond')).toBe(
    'The visitor finds a form with 2 fields; it stands in the page and has nothing to close.',
  );
  const page = applyOperation(start, changePlacement(start, 'page')).document;
  expect(say(page, 'respond')).toContain('; it is a page of its own and has nothing to close.');
  const subjects = stations.flatMap((station) =>
    stationSentence(start, station).flatMap(({ subject }) => subject ?? []),
  );
  expect(subjects).toEqual([
    'pages',
    'conditions',
    'triggers',
    'placement',
    'frequency',
    'closing',
    'visitor',
    'recipients',
    'afterClosing',
    'afterSubmitting',
  ]);
});

test.each<[Targeting, string]>([
  [
    { any: [{ type: 'pages-seen', atLeast: 2 }] },
    'May appear on every page, to visitors on their 2nd page or later.',
  ],
  [
    {
      any: [
        { type: 'address', include: ['/a'], exclude: [] },
        { type: 'pages-seen', atLeast: 3 },
      ],
    },
    'May appear on every page, to visitors (on /a or on their 3rd page or later).',
  ],
  [
    {
      all: [
        { type: 'address', include: ['/a'], exclude: [] },
        { type: 'pages-seen', atLeast: 2 },
        { none: [{ type: 'width', from: 0, to: 600 }] },
      ],
    },
    'May appear on /a, to visitors on their 2nd page or later and not (with a window 0 to 600 px wide).',
  ],
  [{ any: [] }, 'May appear on every page, to visitors (nobody).'],
])('nested rules are said: %j', (targeting, sentence) => {
  expect(say(set(signup(), ['behaviour', 'targeting'], targeting), 'arrive')).toBe(sentence);
});
