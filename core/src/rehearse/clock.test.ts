import { VirtualClock } from './index.js';

test('moving the clock runs what falls due, in order, each at its own moment', () => {
  const clock = new VirtualClock(1000);
  const seen: [string, number][] = [];
  const note = (name: string) => () => seen.push([name, clock.now()]);
  clock.at(3000, note('late'));
  clock.at(2000, () => {
    note('early')();
    clock.at(2500, note('made on the way'));
  });
  clock.at(9000, note('never'));
  clock.moveTo(5000);
  expect(seen).toEqual([
    ['early', 2000],
    ['made on the way', 2500],
    ['late', 3000],
  ]);
  expect(clock.now()).toBe(5000);
});

test('what is cancelled does not run, and the clock never goes back', () => {
  const clock = new VirtualClock(0);
  const call = () => {
    throw new Error('cancelled');
  };
  clock.at(10, call)();
  clock.moveTo(20);
  clock.moveTo(5);
  expect(clock.now()).toBe(20);
});

test('what was due before now runs at the next move, without turning time back', () => {
  const clock = new VirtualClock(100);
  let at = 0;
  clock.at(50, () => (at = clock.now()));
  clock.moveTo(100);
  expect(at).toBe(100);
});
