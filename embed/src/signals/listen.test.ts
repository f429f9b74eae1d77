import { jest } from '@jest/globals';
import type { Session, SignalType } from '@sirene/core/behaviour';
import { counter } from '../events.js';
import { cameFrom, factsOf } from '../facts.js';
import { listen } from '../listen.js';
import { typesOf } from '../parts/page-types.js';
import { standIn } from '../testing/platform.js';
import type { Loader } from '../loader.js';
import type { ManifestWidget } from '../manifest.js';
import * as signals from '../parts/signals.js';
import * as told from '../parts/told.js';
import { addFacts, toldByPage } from '../told-by-page.js';

const trackEvent = (name: unknown, data?: unknown) => toldByPage.track.tell({ name, data });

let sent: Record<string, unknown>[];
const session = { send: (event: Record<string, unknown>) => sent.push(event) } as unknown as Session;

function touch(matches: boolean): void {
  Object.assign(window, { matchMedia: () => ({ matches }) });
}

function scrollTo(top: number, timeStamp: number): void {
  Object.assign(window, { scrollY: top });
  const event = new Event('scroll');
  Object.defineProperty(event, 'timeStamp', { value: timeStamp });
  window.dispatchEvent(event);
}

let stops: (() => void)[] = [];
afterEach(() => {
  for (const stop of stops) stop();
  stops = [];
});

const load = (() => Promise.resolve({ ...signals, ...told })) as unknown as Loader['part'];

async function listening(watched: SignalType[], triggers: object[] = []): Promise<() => void> {
  const widgets = [{ triggers: { any: triggers }, targeting: { all: [] } }] as unknown as ManifestWidget[];
  const { stop, heard } = listen(document, session, { widgets, signals: watched }, load);
  stops.push(stop);
  await heard;
  await Promise.resolve();
  return stop;
}

beforeEach(() => {
  sent = [];
  document.body.innerHTML = '<div data-sirene="here"></div><div data-sirene="there"></div>';
  Object.assign(window, {
    scrollY: 0,
    innerHeight: 500,
    requestAnimationFrame: (call: () => void) => call(),
  });
  Object.defineProperty(document.documentElement, 'scrollHeight', { value: 1500, configurable: true });
});

test('arriving tells what the page says of itself', () => {
  touch(false);
  expect(factsOf(document, 'https://x.example/')).toEqual({
    address: 'https://x.example/',
    width: 1024,
    markers: ['here', 'there'],
    touch: false,
    language: 'en-US',
    types: [],
    from: '',
    campaign: {},
    ahead: -new Date().getTimezoneOffset(),
  });
});

describe('scrolling', () => {
  beforeEach(() => void jest.useFakeTimers());
  afterEach(() => void jest.useRealTimers());
  const at = (share: number) => ({ type: 'scroll', share });
  const told = () => sent.map(({ share }) => share);

  test('tells the share of the page; a page without room to scroll is seen whole', async () => {
    touch(false);
    await listening(['scroll', 'leave'], [at(0.25), at(0.9)]);
    scrollTo(250, 0);
    expect(sent).toContainEqual(at(0.25));
    Object.defineProperty(document.documentElement, 'scrollHeight', { value: 400, configurable: true });
    scrollTo(0, 1000);
    jest.advanceTimersByTime(250);
    expect(sent).toContainEqual(at(1));
  });

  test('is told soon after a depth is passed that a rule waits for, where it comes to rest, and anew on the next page', async () => {
    touch(false);
    await listening(['scroll'], [at(0.55)]);
    for (const top of [20, 100, 545, 549]) scrollTo(top, 0);
    jest.advanceTimersByTime(250);
    expect(told()).toEqual([]);
    for (const top of [550, 560]) scrollTo(top, 0);
    jest.advanceTimersByTime(250);
    expect(told()).toEqual([0.56]);
    scrollTo(600, 0);
    jest.advanceTimersByTime(500);
    scrollTo(200, 0);
    jest.advanceTimersByTime(500);
    expect(told()).toEqual([0.56, 0.6]);
    history.pushState(null, '', '/another');
    scrollTo(30, 0);
    jest.advanceTimersByTime(500);
    expect(told()).toEqual([0.56, 0.6, 0.03]);
  });

  test('is listened to once until somebody scrolls again: in between nothing is called', async () => {
    touch(false);
    const added = jest.spyOn(window, 'addEventListener');
    await listening(['scroll'], [at(0.9)]);
    for (let top = 1; top < 100; top++) scrollTo(top, 0);
    expect(added.mock.calls.filter(([type]) => type === 'scroll')).toHaveLength(1);
    jest.advanceTimersByTime(500);
    expect(added.mock.calls.filter(([type]) => type === 'scroll')).toHaveLength(2);
    added.mockRestore();
  });
});

test('nothing is listened to that no trigger goes by, and all of it can be stopped', async () => {
  touch(false);
  await listening(['leave']);
  scrollTo(250, 0);
  expect(sent).toEqual([]);
  scrollTo(0, 0);
  const stop = await listening(['scroll'], [{ type: 'scroll', share: 0.3 }]);
  scrollTo(300, 0);
  expect(sent).toHaveLength(1);
  stop();
  scrollTo(400, 0);
  expect(sent).toHaveLength(1);
});

test('the pointer going out at the top is leaving; at a side it is not', async () => {
  touch(false);
  await listening(['scroll', 'leave']);
  const out = (clientY: number) =>
    document.documentElement.dispatchEvent(new MouseEvent('mouseleave', { clientY }));
  out(300);
  expect(sent).toEqual([]);
  out(-2);
  expect(sent).toContainEqual({ type: 'leave' });
});

test('on touch a quick flick back up is leaving, a slow way back is not', async () => {
  touch(true);
  await listening(['scroll', 'leave']);
  const leaves = () => sent.filter(({ type }) => type === 'leave').length;
  scrollTo(900, 1000);
  scrollTo(600, 1600);
  scrollTo(300, 2200);
  expect(leaves()).toBe(0);
  scrollTo(900, 3000);
  scrollTo(400, 3200);
  expect(leaves()).toBeGreaterThan(0);
});

test('activity is told at most once a second, whatever shows it', async () => {
  touch(false);
  await listening(['activity']);
  const sign = (type: string, timeStamp: number) => {
    const event = new Event(type);
    Object.defineProperty(event, 'timeStamp', { value: timeStamp });
    window.dispatchEvent(event);
  };
  for (const [type, at] of [
    ['pointermove', 5000],
    ['keydown', 5400],
    ['pointermove', 5999],
    ['wheel', 6000],
  ] as const)
    sign(type, at);
  expect(sent).toEqual([{ type: 'activity' }, { type: 'activity' }]);
});

test('an event of the page’s own is passed on once a page, however often it is told', async () => {
  await listening(['track']);
  for (let time = 0; time < 10_000; time++) trackEvent('paid');
  trackEvent('seen');
  expect(sent).toEqual([
    { type: 'track', name: 'paid' },
    { type: 'track', name: 'seen' },
  ]);
  history.pushState(null, '', '/next');
  trackEvent('paid');
  expect(sent).toHaveLength(3);
});

test('where a visitor came from is told by the address and by the page before', () => {
  const here = 'https://x.example/a?utm_campaign=perseids&utm_source=mail&page=2';
  expect(cameFrom(here, 'https://www.news.example/a')).toEqual({
    from: 'news.example',
    campaign: { utm_campaign: 'perseids', utm_source: 'mail' },
  });
  expect(cameFrom('https://x.example/b', 'https://x.example/a')).toEqual({ from: '', campaign: {} });
});

test('what a page says that it is comes from its structured data and its meta tags', () => {
  document.head.innerHTML = `
    <script type="application/ld+json">{"@graph": [{"@type": ["Article", "https://schema.org/Report"]}]}</script>
    <script type="application/ld+json">{"@type": broken</script>
    <meta property="og:type" content="website"><meta name="page-type" content="Journal">`;
  expect(typesOf(document)).toEqual(['article', 'report', 'website', 'journal']);
  document.head.innerHTML = '';
});

test('facts, baskets and members that were told before are known at once, later ones after a moment', async () => {
  jest.useFakeTimers();
  addFacts({ plan: 'gold', list: [1], long: 'x'.repeat(300) });
  toldByPage.identify.tell({ lists: ['letter', 7] });
  toldByPage.basket.tell([{ price: 34, quantity: 2 }, { price: 'free' }]);
  const stop = await listening(['set', 'identify', 'basket']);
  const first = [
    { type: 'set', facts: { plan: 'gold' } },
    { type: 'identify', member: true, lists: ['letter'] },
    { type: 'basket', count: 2, value: 68 },
  ];
  expect(sent).toEqual(first);
  for (let time = 0; time < 10_000; time++) addFacts({ seen: time });
  toldByPage.identify.tell(null);
  jest.advanceTimersByTime(50);
  expect(sent.slice(3)).toEqual([
    { type: 'set', facts: { plan: 'gold', seen: 9999 } },
    { type: 'identify', member: false, lists: [] },
  ]);
  stop();
  addFacts({ plan: 'silver' });
  jest.advanceTimersByTime(50);
  expect(sent).toHaveLength(5);
  jest.useRealTimers();
});

test('an event brings plain values along as facts of its name', async () => {
  jest.useFakeTimers();
  await listening(['track', 'set']);
  trackEvent('bought', { sum: 40, deep: {} });
  jest.advanceTimersByTime(50);
  expect(sent).toContainEqual({ type: 'track', name: 'bought' });
  expect(sent.at(-1)).toMatchObject({ facts: { 'bought.sum': 40 } });
  jest.useRealTimers();
});

test('elements that rules name are heard wherever they are, once each; what is no selector is left alone', async () => {
  const { views } = standIn();
  let later = () => {};
  Object.assign(window, {
    MutationObserver: class {
      constructor(call: () => void) {
        later = call;
      }
      observe() {}
      disconnect() {}
    },
  });
  document.body.innerHTML = '<main><a href="#"><b>Prices</b></a></main>';
  await listening(
    ['element'],
    [
      { type: 'interaction', on: 'click', selector: 'main a' },
      { type: 'interaction', on: 'hover', selector: ':is(' },
      { type: 'view', selector: '.late', share: 0.5 },
    ],
  );
  const link = document.querySelector('b') as HTMLElement;
  link.click();
  link.click();
  expect(sent).toEqual([{ type: 'element', on: 'click', selector: 'main a', share: 0 }]);
  document.body.insertAdjacentHTML('beforeend', '<p class="late"></p>');
  later();
  const target = document.querySelector('.late') as HTMLElement;
  const [view] = views.slice(-1);
  expect([...(view?.targets ?? [])]).toEqual([target]);
  view?.tell([{ target, isIntersecting: true, intersectionRatio: 0.4 } as never]);
  expect(sent).toHaveLength(1);
  view?.tell([{ target, isIntersecting: true, intersectionRatio: 0.6 } as never]);
  expect(sent.at(-1)).toEqual({ type: 'element', on: 'view', selector: '.late', share: 0.5 });
});

test('events are gathered for a moment and sent together; a lost count is no error', async () => {
  jest.useFakeTimers();
  const bodies: string[] = [];
  Object.assign(globalThis, {
    fetch: (_: string, { body }: { body: string }) => {
      bodies.push(body);
      return Promise.reject(new Error('offline'));
    },
  });
  const count = counter('/c/k/events');
  count({ type: 'shown', widget: 'w' });
  count({ type: 'closed', widget: 'w' });
  await jest.advanceTimersByTimeAsync(2000);
  expect(bodies.map((body) => (JSON.parse(body) as { events: unknown[] }).events)).toEqual([
    [
      { type: 'shown', widget: 'w' },
      { type: 'closed', widget: 'w' },
    ],
  ]);
  count({ type: 'submitted', widget: 'w' });
  window.dispatchEvent(new Event('pagehide'));
  expect(bodies).toHaveLength(2);
  jest.useRealTimers();
});
