import { createApi } from './api.js';

function api() {
  const done: string[] = [];
  const made = createApi({
    open: (name) => done.push(`open ${name}`),
    close: (name) => done.push(`close ${name ?? 'all'}`),
    track: (name) => done.push(`track ${String(name)}`),
    set: (facts) => done.push(`set ${JSON.stringify(facts)}`),
    identify: (member) => done.push(`identify ${JSON.stringify(member)}`),
    basket: () => done.push('basket'),
    why: () => Promise.resolve({}),
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

test('what the page says of itself and its visitor is known at once', () => {
  const { api: sirene, done } = api();
  sirene.set({ plan: 'gold' });
  sirene.identify(null);
  sirene.basket.set([]);
  expect(done).toEqual(['set {"plan":"gold"}', 'identify null', 'basket']);
});

test('why is answered once widgets may appear', async () => {
  const { api: sirene, isReady } = api();
  const answer = sirene.why();
  isReady();
  expect(await answer).toEqual({});
});
