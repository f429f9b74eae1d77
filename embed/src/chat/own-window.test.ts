import { tokenOfWindow } from './own-window.ts';

const token = 'a'.repeat(32);
const server = 'https://sirene.example';
const at = (address: string, name: string) =>
  tokenOfWindow(server, { name, location: new URL(address) } as unknown as Window);

test.each<[string, string, string, string | undefined]>([
  ['its own window', `${server}/p/larkmoor/window/w_1`, `sirene-chat-${token}`, token],
  ['a page of the site', 'https://larkmoor.example/p/larkmoor/window/w_1', `sirene-chat-${token}`, undefined],
  ['another page of the server', `${server}/p/larkmoor/members-door`, `sirene-chat-${token}`, undefined],
  ['a window of another name', `${server}/p/larkmoor/window/w_1`, token, undefined],
  ['a token that is none', `${server}/p/larkmoor/window/w_1`, 'sirene-chat-ABC', undefined],
])('%s', (_, address, name, expected) => {
  expect(at(address, name)).toBe(expected);
});
