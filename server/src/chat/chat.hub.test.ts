import { ChatHub } from './chat.hub.js';

const here = () => new AbortController().signal;
/** Whether something is settled by now. */
const isDone = async (work: Promise<unknown>) =>
  (await Promise.race([work.then(() => true), Promise.resolve().then(() => false)])) === true;

let hub: ChatHub;
beforeEach(() => {
  hub = new ChatHub();
});
afterEach(() => hub.onModuleDestroy());

test('those who wait for a key are woken by it together, and by no other', async () => {
  const waiting = [hub.wait(['a'], 60_000, here()), hub.wait(['a'], 60_000, here())];
  const other = hub.wait(['b'], 60_000, here());
  hub.tell('c');
  expect(await isDone(waiting[0] as Promise<void>)).toBe(false);
  hub.tell('a');
  await Promise.all(waiting);
  expect(await isDone(other)).toBe(false);
});

test('who waits for several is woken by any of them, once', async () => {
  let woken = 0;
  const waiting = hub.wait(['a', 'b'], 60_000, here()).then(() => woken++);
  hub.tell('b', 'a');
  await waiting;
  expect([woken, hub.isAwaited('a'), hub.isAwaited('b')]).toEqual([1, false, false]);
});

test('it is waited no longer than was asked for, and not for who has gone', async () => {
  await hub.wait(['a'], 1, here());
  const gone = new AbortController();
  const waiting = hub.wait(['a'], 60_000, gone.signal);
  gone.abort();
  await waiting;
  await hub.wait(['a'], 60_000, gone.signal);
});

test('counts go up by one, and begin elsewhere in another process', () => {
  const first = hub.countOf('site');
  hub.count('site');
  hub.count('site');
  hub.count('other');
  expect([hub.countOf('site'), hub.countOf('other')]).toEqual([first + 2, first + 1]);
  const starts = new Set(Array.from({ length: 8 }, () => new ChatHub().countOf('site')));
  expect(starts.size).toBeGreaterThan(1);
});

test('at the end of the server nobody is held, and nobody waits any more', async () => {
  const waiting = hub.wait(['a'], 60_000, here());
  hub.onModuleDestroy();
  await waiting;
  await hub.wait(['a'], 60_000, here());
});
