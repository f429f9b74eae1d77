import 'fake-indexeddb/auto';
import { createWidget } from '@sirene/core/widget';
import { allPending, forgetPending, keepPending, pendingOf, sendPending } from './pending.js';

const draft = (widgetId: string, name = widgetId) => ({
  widgetId,
  base: 3,
  document: createWidget(name),
  at: 77,
});

afterEach(async () => {
  for (const { widgetId } of await allPending()) await forgetPending(widgetId);
});

test('a draft is kept until it is forgotten, the newest of each widget', async () => {
  await keepPending(draft('a', 'First'));
  await keepPending(draft('a', 'Second'));
  await keepPending(draft('b'));
  expect((await pendingOf('a'))?.document.name).toBe('Second');
  expect(await allPending()).toHaveLength(2);
  await forgetPending('a');
  expect(await pendingOf('a')).toBeNull();
  expect((await pendingOf('b'))?.base).toBe(3);
});

test('what is taken is forgotten, what is not is kept to be asked about', async () => {
  await keepPending(draft('taken'));
  await keepPending(draft('stale'));
  const sent: string[] = [];
  await sendPending(({ widgetId }) => {
    sent.push(widgetId);
    return widgetId === 'stale' ? Promise.reject(new Error('409')) : Promise.resolve();
  });
  expect(sent.sort()).toEqual(['stale', 'taken']);
  expect((await allPending()).map(({ widgetId }) => widgetId)).toEqual(['stale']);
});
