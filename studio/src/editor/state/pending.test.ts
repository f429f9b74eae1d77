import 'fake-indexeddb/auto';
import { createWidget } from '@sirene/core/document/widget';
import { keptIn } from '../../shared/kept.js';
import { pendingDrafts, sendPending } from './pending.js';

const draft = (name: string) => ({ base: 3, document: createWidget(name) });

afterEach(async () => {
  for (const id of await pendingDrafts.keys()) await pendingDrafts.forget(id);
});

test('a draft is kept until it is forgotten, the newest of each widget', async () => {
  await pendingDrafts.keep('a', draft('First'));
  await pendingDrafts.keep('a', draft('Second'));
  await pendingDrafts.keep('b', draft('Other'));
  expect((await pendingDrafts.of('a'))?.document.name).toBe('Second');
  expect(await pendingDrafts.keys()).toEqual(['a', 'b']);
  await pendingDrafts.forget('a');
  expect(await pendingDrafts.of('a')).toBeNull();
  expect((await pendingDrafts.of('b'))?.base).toBe(3);
  expect(await keptIn('brand').of('b')).toBeNull();
});

test('what is taken is forgotten, what is not is kept to be asked about', async () => {
  await pendingDrafts.keep('taken', draft('Taken'));
  await pendingDrafts.keep('stale', draft('Stale'));
  const sent: string[] = [];
  await sendPending((id) => {
    sent.push(id);
    return id === 'stale' ? Promise.reject(new Error('409')) : Promise.resolve();
  });
  expect(sent.sort()).toEqual(['stale', 'taken']);
  expect(await pendingDrafts.keys()).toEqual(['stale']);
});
