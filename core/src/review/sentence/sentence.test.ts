import { buildWidget, countdown, form, heading } from '../../library/sketch/index.js';
import { createElement, type ElementType } from '../../document/elements/index.js';
import type { PlacementType } from '../../document/placement/index.js';
import { signup } from '../../testing/documents.js';
import { targetingOf, targetingParts, type Targeting } from '../../behaviour/index.js';
import { applyOperation, changePlacement, type WidgetDocument } from '../../document/widget/index.js';
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
    'Shown on every page, to every visitor, at any time.',
    'Appears on page load, in the centre over a backdrop, at most once per visit.',
    'Visitors see a form with 2 fields and close it with the close button, Esc or an outside click.',
    'After submitting, visitors see the thank-you message. The submission is stored, and nobody is notified by e-mail.',
    'After closing: not for 7 days; after submitting: never again; after submitting another widget: no change.',
  ]);
});

test.each<[unknown, string]>([
  [{ any: [{ type: 'delay', seconds: 1 }] }, 'Appears 1 s after page load, '],
  [
    { any: [{ type: 'scroll', share: 0.6 }, { type: 'leave' }] },
    'Appears at 60 % scroll depth or on exit intent, ',
  ],
  [{ all: [{ type: 'load' }, { type: 'leave' }] }, 'Appears on page load and on exit intent, '],
])('triggers %j', (triggers, start) => {
  expect(say(set(signup(), ['behaviour', 'triggers'], triggers), 'appear').startsWith(start)).toBe(true);
});

test('pages are said as people say them', () => {
  const on = (include: string[], exclude: string[]) =>
    say(set(signup(), ['behaviour', 'targeting'], withPages({ all: [] }, include, exclude)), 'arrive');
  expect(on(['/shop/*', '/journal/*'], [])).toBe(
    'Shown on pages under /shop and /journal, to every visitor, at any time.',
  );
  expect(on([], ['/contact'])).toBe('Shown on every page except /contact, to every visitor, at any time.');
  expect(on(['/a*b'], [])).toBe('Shown on /a*b, to every visitor, at any time.');
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
  expect(ruleSentence(signup())).toBe('Appears on page load, on every page, at most once per visit.');
});

type Case = [station: Station, path: string, value: unknown, said: string];

test.each<Case>([
  ['appear', 'behaviour.frequency', { per: 'page' }, 'at most once per page view.'],
  ['appear', 'behaviour.frequency', { per: 'days', days: 1 }, 'at most once per day.'],
  ['appear', 'behaviour.frequency', { per: 'days', days: 7 }, 'at most once per week.'],
  ['appear', 'behaviour.frequency', { per: 'days', days: 30 }, 'at most once every 30 days.'],
  ['appear', 'behaviour.triggers', { any: [{ type: 'asked' }] }, 'Appears when the page opens it, '],
  ['appear', 'behaviour.triggers', { any: [{ type: 'delay', seconds: 20 }] }, '20 s after page load'],
  ['appear', 'placement.backdrop', false, ', in the centre, at most'],
  ['respond', 'placement.closing', { button: false, escape: false, backdrop: false }, 'its own buttons only'],
  ['respond', 'placement.closing', { button: false, escape: true, backdrop: false }, 'close it with Esc.'],
  [
    'respond',
    'placement.closing',
    { button: true, escape: false, backdrop: false, after: 1 },
    'the close button, or it closes after 1 s.',
  ],
  [
    'respond',
    'placement.closing',
    { button: true, escape: false, backdrop: false, teaser: 'bottom-left' },
    'the close button; its teaser remains in the bottom left corner.',
  ],
  ['respond', 'elements.form.children', [], 'see 3 elements and'],
  ['respond', 'elements.opening.children', [], 'see an empty box'],
  ['afterwards', 'afterwards.visitor', { type: 'close' }, 'visitors see the widget close.'],
  ['afterwards', 'afterwards.visitor', { type: 'page', address: '' }, 'the page (not chosen yet).'],
  ['afterwards', 'afterwards.visitor', { type: 'page', address: '/thanks/' }, 'the page /thanks/.'],
  [
    'afterwards',
    'afterwards.actions',
    [{ type: 'notify', recipients: ['a@x.example', 'b@x.example'], subject: '' }],
    'a@x.example and b@x.example are notified by e-mail.',
  ],
  [
    'afterwards',
    'afterwards.actions',
    [{ type: 'notify', recipients: ['a@x.example'], subject: '' }],
    'and a@x.example is notified by e-mail.',
  ],
  ['return', 'behaviour.returning.afterClosing', 0, 'After closing: shows again normally;'],
  ['return', 'behaviour.returning.afterClosing', 1, 'not for 1 day;'],
  [
    'return',
    'behaviour.returning.afterSubmitting',
    90,
    'after submitting: not for 90 days; after submitting another widget: no change.',
  ],
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

test.each<[string, Partial<Record<Station | 'rule', string>>]>([
  [
    'inline',
    {
      appear: 'Appears on page load, inline at its marker, at most once per visit.',
      return: 'After submitting: never again; after submitting another widget: no change.',
    },
  ],
  [
    'page',
    {
      arrive: 'Shown at its own address, to every visitor, at any time.',
      appear: 'Stands on a standalone page, whenever it is opened.',
      rule: 'Shown at its own address.',
    },
  ],
  ['bar', { appear: 'Appears on page load, as a bar at the top, at most once per visit.' }],
])('%s reads true', (placement, said) => {
  const start = signup();
  const document = applyOperation(start, changePlacement(start, placement as PlacementType)).document;
  for (const [station, words] of Object.entries(said))
    expect(station === 'rule' ? ruleSentence(document) : say(document, station as Station)).toBe(words);
});

test('what is always there names no frequency, and a widget without a form promises no submission', () => {
  const start = signup();
  const inline = set(
    applyOperation(start, changePlacement(start, 'inline')).document,
    ['behaviour', 'frequency'],
    { per: 'page' },
  );
  expect(ruleSentence(inline)).toBe('Appears on page load, on every page.');
  const bare = buildWidget({
    name: 'Ends soon',
    kind: 'countdown',
    placement: { type: 'bar' },
    opening: [heading('Soon'), countdown('2027-01-01T10:00')],
  });
  expect(say(bare, 'respond')).toContain('Visitors see a countdown and close it with');
  expect(say(bare, 'afterwards')).toBe(
    'There is no form to submit, so nothing is stored and nobody is notified.',
  );
  expect(say(bare, 'return')).toMatch(/^After closing: [^;]*; after submitting another widget: no change\.$/);
});

test.each<[ElementType, string]>([
  ['full-name', 'a form with 1 field'],
  ['signature', 'a form with 1 field'],
  ['amounts', 'donation amounts'],
  ['calculation', '2 elements'],
  ['hidden-field', '2 elements'],
])('a form with nothing but a %s is %s', (type, words) => {
  const document = buildWidget({
    name: 'One',
    kind: 'form',
    placement: { type: 'inline' },
    opening: [form([createElement(type) as never])],
  });
  expect(say(document, 'respond')).toContain(`Visitors see ${words} in the page`);
});

test('what stands in the page has nothing to close, and a sentence’s pieces say what they change', () => {
  const start = signup();
  const inline = applyOperation(start, changePlacement(start, 'inline')).document;
  expect(say(inline, 'respond')).toBe('Visitors see a form with 2 fields in the page, which does not close.');
  const page = applyOperation(start, changePlacement(start, 'page')).document;
  expect(say(page, 'respond')).toBe(
    'Visitors see a form with 2 fields on a standalone page, which does not close.',
  );
  const topics = stations.flatMap((station) =>
    stationSentence(start, station).flatMap(({ topic }) => topic ?? []),
  );
  expect(topics).toEqual([
    'pages',
    'conditions',
    'schedule',
    'triggers',
    'placement',
    'frequency',
    'closing',
    'visitor',
    'keeping',
    'recipients',
    'afterClosing',
    'afterSubmitting',
    'afterOthers',
  ]);
});

test.each<[Targeting, string]>([
  [
    { any: [{ type: 'pages-seen', atLeast: 2 }] },
    'Shown on every page, to visitors on their 2nd page or later, at any time.',
  ],
  [
    {
      any: [
        { type: 'address', include: ['/a'], exclude: [] },
        { type: 'pages-seen', atLeast: 3 },
      ],
    },
    'Shown on every page, to visitors (on /a or on their 3rd page or later), at any time.',
  ],
  [
    {
      all: [
        { type: 'address', include: ['/a'], exclude: [] },
        { type: 'pages-seen', atLeast: 2 },
        { none: [{ type: 'width', from: 0, to: 600 }] },
      ],
    },
    'Shown on /a, to visitors on their 2nd page or later and not (with a window at most 600 px wide), at any time.',
  ],
  [{ any: [] }, 'Shown on every page, to visitors (nobody), at any time.'],
])('nested rules are said: %j', (targeting, sentence) => {
  expect(say(set(signup(), ['behaviour', 'targeting'], targeting), 'arrive')).toBe(sentence);
});
