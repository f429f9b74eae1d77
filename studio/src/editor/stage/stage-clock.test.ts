import { jest } from '@jest/globals';
import { localMoment, shiftedClock } from './stage-clock.js';

test('goes so much ahead and keeps its appointments', () => {
  jest.useFakeTimers({ now: 1000 });
  const clock = shiftedClock(5000);
  expect(clock.now()).toBe(6000);
  const heard: number[] = [];
  clock.at(6500, () => heard.push(clock.now()));
  const stop = clock.at(6600, () => heard.push(0));
  stop();
  jest.advanceTimersByTime(1000);
  expect(heard).toEqual([6500]);
  jest.useRealTimers();
});

test('a moment is written as the local clock shows it', () => {
  const at = new Date(2026, 10, 25, 20, 15, 30).getTime();
  expect(localMoment(at)).toBe('2026-11-25T20:15:30');
});
