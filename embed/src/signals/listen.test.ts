import { jest } from '@jest/globals';
import type { Session, SignalType } from '@sirene/core/behaviour';
import { counter } from '../events.js';
import { factsOf } from '../facts.js';
import { listen } from '../listen.js';
import { events } from './track.js';

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

function listening(watched: SignalType[]): () => void {
  const stop = listen(document, session, watched);
  stops.push(stop);
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

test('arriving tells the address, the width and the markers of the page', () => {
  expect(factsOf(document, 'https://x.example/')).toEqual({
    address: 'https://x.example/',
    width: 0,
    markers: ['here', 'there'],
  });
});

test('scrolling tells the share of the page; a page without room to scroll is seen whole', () => {
  touch(false);
  listening(['scroll', 'leave']);
  scrollTo(250, 0);
  expect(sent).toContainEqual({ type: 'scroll', share: 0.25 });
  Object.defineProperty(document.documentElement, 'scrollHeight', { value: 400, configurable: true });
  scrollTo(0, 1000);
  expect(sent).toContainEqual({ type: 'scroll', share: 1 });
});

test('nothing is listened to that no trigger goes by, and all of it can be stopped', () => {
  touch(false);
  listening(['leave']);
  scrollTo(250, 0);
  expect(sent).toEqual([]);
  const stop = listening(['scroll']);
  scrollTo(300, 0);
  expect(sent).toHaveLength(1);
  stop();
  scrollTo(400, 0);
  expect(sent).toHaveLength(1);
});

test('the pointer going out at the top is leaving; at a side it is not', () => {
  touch(false);
  listening(['scroll', 'leave']);
  const out = (clientY: number) =>
    document.documentElement.dispatchEvent(new MouseEvent('mouseleave', { clientY }));
  out(300);
  expect(sent).toEqual([]);
  out(-2);
  expect(sent).toContainEqual({ type: 'leave' });
});

test('on touch a quick flick back up is leaving, a slow way back is not', () => {
  touch(true);
  listening(['scroll', 'leave']);
  const leaves = () => sent.filter(({ type }) => type === 'leave').length;
  scrollTo(900, 1000);
  scrollTo(600, 1600);
  scrollTo(300, 2200);
  expect(leaves()).toBe(0);
  scrollTo(900, 3000);
  scrollTo(400, 3200);
  expect(leaves()).toBeGreaterThan(0);
});

test('activity is told at most once a second, whatever shows it', () => {
  touch(false);
  listening(['activity']);
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

test('an event of the page’s own is passed on once a page, however often it is told', () => {
  listening(['track']);
  for (let time = 0; time < 10_000; time++) events.tell('paid');
  events.tell('seen');
  expect(sent).toEqual([
    { type: 'track', name: 'paid' },
    { type: 'track', name: 'seen' },
  ]);
  history.pushState(null, '', '/next');
  events.tell('paid');
  expect(sent).toHaveLength(3);
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
