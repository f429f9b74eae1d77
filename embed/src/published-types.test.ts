// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- what is published is global to a page, and no module
/// <reference path="../embed.d.ts" />
import type { Api } from './api.js';

// What is published says what there is: the compiler holds each to the other.
const published = (api: Api): Sirene => api;
const present = (api: Sirene): Pick<Api, Exclude<keyof Api, 'why'>> => api;

test('the published types name what the script has', () => {
  const names = ['open', 'close', 'track', 'set', 'identify', 'basket', 'why', 'on', 'ready'];
  const api = Object.fromEntries(names.map((name) => [name, name])) as unknown as Api;
  expect(Object.keys(published(api)).sort()).toEqual([...names].sort());
  expect(present(published(api))).toBe(api);
});
