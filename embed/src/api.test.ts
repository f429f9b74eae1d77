import { createApi } from './api.js';

function api() {
  const done: string[] = [];
  const made = createApi({
    open: (name) => done.push(`open ${name}`),
    close: (name) => done.push(`close ${name ?? 'all'}`),
    track: (name) => done.push(`track ${name}`),
    basket: () => done.push('basket'),
    on: () => () => {},
    report: (error) => done.push(String(error)),
  });
  return { ...made, done };
}

test('what the page asks for before widgets may appear is done then, in order', async () => {
  const { api: sirene, isReady, done } = api();
  sirene.open('letter');
  sirene.track('paid');
  sirene.close();
  await Promise.resolve();
  expect(done).toEqual([]);
  isReady();
  await sirene.ready;
  await Promise.resolve();
  expect(done).toEqual(['open letter', 'track paid', 'close all']);
});

test.each([7, null, undefined, {}, '', 'x'.repeat(81)])('%p is no name of an event', async (name) => {
  const { api: sirene, isReady, done } = api();
  isReady();
  sirene.track(name as never);
  await sirene.ready;
  await Promise.resolve();
  expect(done).toEqual([]);
});
