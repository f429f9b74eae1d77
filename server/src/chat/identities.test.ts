import { generateKeyPairSync } from 'node:crypto';
import { SignJWT } from 'jose';
import { TestChat } from '../testing/chat.js';

let bench: TestChat;
let secret: string;
beforeAll(async () => {
  bench = await TestChat.start();
  secret = (await bench.server.put(key(), { algorithm: 'HS256' })).body.secret;
});
afterAll(() => bench.server.stop());

const key = () => `/api/sites/${bench.there.siteId}/identity-key`;
const setPublicKey = (publicKey: string) => bench.server.put(key(), { algorithm: 'EdDSA', publicKey });
const now = () => Math.floor(bench.server.clock.now() / 1000);
interface Claims {
  sub?: string;
  exp?: number;
  aud?: string;
}
const sign = (claims: Claims = {}, by: string = secret, alg = 'HS256') =>
  new SignJWT({
    ...{
      sub: 'member-7',
      aud: bench.there.key,
      exp: now() + 600,
      name: 'Mira Stone',
      email: 'mira@stone.example',
    },
    ...claims,
  })
    .setProtectedHeader({ alg })
    .sign(new TextEncoder().encode(by));
let visitors = 0;
const say = (identity: string, more: object = {}) =>
  bench.say('Hello', { token: (visitors++).toString(16).padStart(32, '1'), identity, ...more });

test('who the site has signed in is known by its word, whatever they call themselves', async () => {
  expect((await say(await sign(), { name: 'Ada Larkmoor', email: 'ada@larkmoor.example' })).status).toBe(202);
  expect((await bench.going())[0]).toMatchObject({
    ...{ identity: 'member-7', name: 'Mira Stone', email: 'mira@stone.example' },
  });
});

test.each<[string, () => Promise<string> | string]>([
  ['signed with another secret', () => sign({}, 'x'.repeat(43))],
  ['not signed at all', async () => `${(await sign()).split('.').slice(0, 2).join('.')}.`],
  [
    'changed behind its signature',
    async () =>
      (await sign()).replace(/^([^.]+)\.[^.]+/, `$1.${Buffer.from('{"sub":"boss"}').toString('base64url')}`),
  ],
  ['of a time that is over', () => sign({ exp: now() - 600 })],
  ['valid for a year', () => sign({ exp: now() + 365 * 86_400 })],
  ['of another site', () => sign({ aud: 'another' })],
  ['of nobody', () => sign({ sub: '' })],
  ['no token', () => 'member-7'],
  [
    'of the algorithm “none”',
    () =>
      `${Buffer.from('{"alg":"none"}').toString('base64url')}.${Buffer.from(`{"sub":"boss","aud":"${bench.there.key}","exp":${now() + 60}}`).toString('base64url')}.`,
  ],
])('a token %s is refused, and nothing is stored', async (_, made) => {
  const before = (await bench.going()).length;
  const { status, body } = await say(await made());
  expect([status, body.message]).toEqual([401, expect.stringMatching(/^identity: /)]);
  expect((await bench.going()).length).toBe(before);
});

test('a clock that is a little off is borne with', async () => {
  expect((await say(await sign({ exp: now() - 30 }))).status).toBe(202);
});

test('a public key works as well, and the secret of before is good for nothing then', async () => {
  const pair = generateKeyPairSync('ed25519');
  const publicKey = pair.publicKey.export({ type: 'spki', format: 'pem' }) as string;
  const old = await sign();
  expect((await setPublicKey(publicKey)).body).toEqual({ secret: null });
  expect((await bench.server.get(key())).body).toEqual({ algorithm: 'EdDSA' });
  const token = await new SignJWT({ aud: bench.there.key, sub: 'member-8', exp: now() + 60 })
    .setProtectedHeader({ alg: 'EdDSA' })
    .sign(pair.privateKey);
  expect((await say(token)).status).toBe(202);
  expect((await say(old)).status).toBe(401);
  // The public key as a secret: the oldest trick there is.
  expect((await say(await sign({}, publicKey))).status).toBe(401);
});

test.each([
  '',
  'abc',
  generateKeyPairSync('rsa', { modulusLength: 2048 }).publicKey.export({
    type: 'spki',
    format: 'pem',
  }) as string,
])('a key that is none is refused (%#)', async (publicKey) => {
  expect((await setPublicKey(publicKey)).status).toBe(400);
});

test('without a key no token is taken', async () => {
  expect((await bench.server.send('DELETE', key())).status).toBe(204);
  expect((await bench.server.get(key())).body).toEqual({ algorithm: null });
  expect((await say(await sign())).status).toBe(401);
});
