import { inBackground, onFailure } from './background.js';

test('what fails with nobody waiting is told to whoever listens, until they stop', async () => {
  const heard: unknown[] = [];
  const stop = onFailure((failure) => heard.push(failure));
  const failure = new Error('The disk is full.');
  inBackground(Promise.resolve('done'));
  inBackground(Promise.reject(failure));
  inBackground(undefined);
  await new Promise(setImmediate);
  expect(heard).toEqual([failure]);
  stop();
  inBackground(Promise.reject(failure));
  await new Promise(setImmediate);
  expect(heard).toHaveLength(1);
});
