import { jest } from '@jest/globals';
import { ChatHub } from './chat.hub.js';
import { VisitorPresence } from './visitor-presence.js';

let presence: VisitorPresence;
let told: string[];
beforeEach(() => {
  jest.useFakeTimers();
  told = [];
  const hub = new ChatHub();
  jest.spyOn(hub, 'tell').mockImplementation((...keys) => void told.push(...keys));
  presence = new VisitorPresence(hub);
});
afterEach(() => {
  presence.onModuleDestroy();
  jest.useRealTimers();
});

test('who asks is there, and no more once their pages have asked nothing for a while', () => {
  expect(presence.isHere('mira')).toBe(false);
  const end = presence.ask('mira', 'open c1');
  expect([presence.isHere('mira'), told]).toEqual([true, ['open c1']]);
  end();
  jest.advanceTimersByTime(1999);
  expect(presence.isHere('mira')).toBe(true);
  jest.advanceTimersByTime(1);
  expect([presence.isHere('mira'), told]).toEqual([false, ['open c1', 'open c1']]);
});

test('between two questions, and on the way to the next page, nobody has gone', () => {
  for (let times = 0; times < 20; times++) {
    presence.ask('mira', 'open c1')();
    jest.advanceTimersByTime(1500);
  }
  expect([presence.isHere('mira'), told]).toEqual([true, ['open c1']]);
});

test('of two pages one is enough', () => {
  const [first, second] = [presence.ask('mira', 'open c1'), presence.ask('mira', 'open c1')];
  first();
  jest.advanceTimersByTime(60_000);
  expect(presence.isHere('mira')).toBe(true);
  second();
  jest.advanceTimersByTime(60_000);
  expect(presence.isHere('mira')).toBe(false);
});
