import { publishSignup, TestServer } from '../testing/server.js';
import { AccountsService } from './accounts.service.js';
import { checkPassword, hashPassword } from './password.js';

let server: TestServer;

beforeAll(async () => {
  server = await TestServer.start();
  await server.app.get(AccountsService).create('mira@studio.example', 'Mira', 'a long enough password');
});
afterAll(() => server.stop());
beforeEach(() => server.forgetCookie());

const signIn = (email: string, password: string) => server.post('/api/session', { email, password });

test('the right password signs in, with a cookie that scripts can’t read', async () => {
  const answer = await signIn('Mira@studio.example', 'a long enough password');
  expect(answer.status).toBe(204);
  expect(answer.headers.get('set-cookie')).toMatch(
    /^sirene_session=[\w-]{43}; Max-Age=1209600; Path=\/; HttpOnly; SameSite=Strict$/,
  );
  expect((await server.get('/api/session')).body).toEqual({
    user: { name: 'Mira', email: 'mira@studio.example' },
    demo: true,
    setUp: false,
  });
});

test.each([
  ['mira@studio.example', 'wrong'],
  ['nobody@studio.example', 'a long enough password'],
  ['designer@sirene.example', 'anything'],
])('%s with %s is not signed in, with the same answer', async (email, password) => {
  const answer = await signIn(email, password);
  expect([answer.status, answer.body.message]).toEqual([
    401,
    expect.stringMatching(/Wrong e-mail address or password/),
  ]);
});

test('a session ends when it is signed out, and by itself after two weeks', async () => {
  await signIn('mira@studio.example', 'a long enough password');
  expect((await server.get('/api/sites')).status).toBe(200);
  server.clock.pass(14 * 86_400_000);
  expect((await server.get('/api/sites')).status).toBe(401);
  await server.signIn();
  expect((await server.send('DELETE', '/api/session')).status).toBe(204);
  expect((await server.get('/api/sites')).status).toBe(401);
});

test.each<Record<string, string>>([
  { origin: 'https://evil.example' },
  { origin: 'null' },
  { 'sec-fetch-site': 'cross-site' },
])('another site’s page can’t act with our cookie: %j', async (headers) => {
  await server.signIn();
  const answer = await server.post('/api/sites', { name: 'X', origins: [] }, headers);
  expect(answer.status).toBe(403);
  expect((await server.post('/api/session/demo', {}, headers)).status).toBe(403);
});

test('nobody sees or changes a site they are no member of', async () => {
  const there = await publishSignup(server);
  server.forgetCookie();
  await signIn('mira@studio.example', 'a long enough password');
  const paths = [
    `/api/sites/${there.siteId}`,
    `/api/widgets/${there.widget}`,
    `/api/sites/${there.siteId}/submissions.csv`,
  ];
  for (const path of paths) expect((await server.get(path)).status).toBe(404);
  expect((await server.post(`/api/widgets/${there.widget}/publish`, { base: 1 })).status).toBe(404);
});

test('without the demo nobody gets in by one click', async () => {
  const real = await TestServer.start({ demo: false });
  try {
    expect((await real.post('/api/session/demo')).status).toBe(401);
  } finally {
    await real.stop();
  }
});

test('guessing passwords is slowed down', async () => {
  const limited = await TestServer.start({ signInsPerMinute: 2 });
  try {
    const statuses = [];
    for (let count = 0; count < 4; count++) {
      statuses.push((await limited.post('/api/session', { email: 'a@b.example', password: 'x' })).status);
    }
    expect(statuses).toEqual([401, 401, 429, 429]);
  } finally {
    await limited.stop();
  }
});

test.each([
  [{ email: 'no address', password: 'x' }, /^email must be an email/],
  [{ email: 'a@b.example' }, /^password/],
  [{ email: 'a@b.example', password: 'x', admin: true }, /^admin is not a known field/],
])('sign-in with %j is refused by field', async (body, message) => {
  const answer = await server.post('/api/session', body);
  expect([answer.status, answer.body.message]).toEqual([400, expect.stringMatching(message)]);
});

test('a hash is salted, costs memory, and knows its password only', async () => {
  const [one, other] = await Promise.all([hashPassword('pässword'), hashPassword('pässword')]);
  expect(one).not.toBe(other);
  expect(one).toMatch(/^scrypt\$65536\$8\$1\$/);
  expect(await checkPassword('pa\u0308ssword', one)).toBe(true);
  expect(await checkPassword('password', one)).toBe(false);
  expect(await checkPassword('anything', null)).toBe(false);
});
