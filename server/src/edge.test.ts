import { ServingService } from './serving/serving.service.js';
import fc from 'fast-check';
import { AccountsService } from './accounts/accounts.service.js';
import { origin, publishSignup, TestServer, type Published } from './testing/server.js';

interface Route {
  method: string;
  path: string;
}

let owners: TestServer;
let there: Published;
let routes: Route[];

const stranger = { email: 'stranger@elsewhere.example', password: 'a long enough password' };

beforeAll(async () => {
  owners = await TestServer.start();
  there = await publishSignup(owners);
  await owners.app.get(AccountsService).create(stranger.email, 'Stranger', stranger.password);
  const { body } = await owners.get('/api/openapi.json');
  routes = Object.entries(body.paths as Record<string, object>).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => ({ method: method.toUpperCase(), path })),
  );
});
afterAll(() => owners.stop());

/** Sends with a session, or with none, whatever the server's own helper remembers. */
async function send({ method, path }: Route, cookie: string, body?: string, type = 'application/json') {
  const response = await fetch(owners.address + path, {
    method,
    headers: {
      ...(!path.startsWith('/api/') && { origin }),
      ...(cookie && { cookie }),
      ...(body !== undefined && { 'content-type': type }),
    },
    ...(body !== undefined && { body }),
  });
  const text = await response.text();
  return { status: response.status, text };
}

const filled = (path: string, ids: Record<string, string> = {}) =>
  path.replace(/\{(\w+)\}/g, (_, name: string) => ids[name] ?? 'none');
const realIds = () => ({ site: there.siteId, widget: there.widget, key: there.key, number: '1' });
const takesBody = ({ method }: Route) => method === 'POST' || method === 'PUT' || method === 'PATCH';
/** Those behind the sign-in, but for what would end the session in the middle of a test. */
const guarded = () => routes.filter(({ path }) => path.startsWith('/api/') && !/session/.test(path));
const asked = (route: Route) => (takesBody(route) ? '{}' : undefined);

test('the API describes itself, and there is something to look at', () => {
  expect(guarded().length).toBeGreaterThan(30);
});

test('nothing behind the sign-in is told or done without it', async () => {
  for (const route of guarded()) {
    const { status } = await send({ ...route, path: filled(route.path, realIds()) }, '', asked(route));
    expect([route.method, route.path, status]).toEqual([route.method, route.path, 401]);
  }
});

test('what belongs to others is not there: nothing is told, changed or taken away', async () => {
  const signedIn = await fetch(`${owners.address}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(stranger),
  });
  const cookie = signedIn.headers.get('set-cookie')?.split(';')[0] ?? '';
  expect(cookie).not.toBe('');
  const state = async () => [
    (await owners.get(`/api/widgets/${there.widget}`)).body,
    (await owners.get(`/api/sites/${there.siteId}`)).body,
  ];
  // That its script was seen is written a moment later: before the test, not in the middle of it.
  await owners.app.get(ServingService).onApplicationShutdown();
  const before = await state();
  for (const route of guarded().filter(({ path }) => /\{(site|widget)\}/.test(path))) {
    const { status } = await send({ ...route, path: filled(route.path, realIds()) }, cookie, asked(route));
    // A body that is wrong is told so first, which says nothing of what is there.
    expect([route.method, route.path, status === 404 || (takesBody(route) && status === 400)]).toEqual([
      route.method,
      route.path,
      true,
    ]);
  }
  expect(await state()).toEqual(before);
});

const strangeIds = [
  '%00',
  '..%2f..%2fetc',
  '%F0%9F%A6%AD',
  'x'.repeat(900),
  "';--",
  '%25',
  '__proto__',
  '1e999',
];

test.each(strangeIds)('the id %s is answered, not stumbled over', async (id) => {
  for (const route of routes.filter(({ path }) => path.includes('{'))) {
    const path = route.path.replace(/\{\w+\}/g, id);
    const { status } = await send({ ...route, path }, owners.cookie, asked(route));
    expect([route.method, path, status >= 400 && status < 500]).toEqual([route.method, path, true]);
  }
});

/** The names that bodies have, so that a random one reaches further than the first refusal. */
const names = [
  'name document base site kind origins address html text tokens looks fonts replacements widget purpose says',
  'branch id body form values page title email password counts number logo key schema elements scenes style',
]
  .join(' ')
  .split(' ');

const anyBody = fc.oneof(
  fc.jsonValue(),
  fc.dictionary(fc.constantFrom(...names), fc.oneof(fc.jsonValue(), fc.constant({}), fc.constant('x')), {
    maxKeys: 6,
  }),
);

test('whatever comes as a body is taken or refused in a sentence, and never breaks the server', async () => {
  const takers = routes.filter(takesBody).filter(({ path }) => !path.startsWith('/api/session'));
  await fc.assert(
    fc.asyncProperty(fc.constantFrom(...takers), anyBody, async (route, body) => {
      const path = filled(route.path, realIds());
      const { status, text } = await send({ ...route, path }, owners.cookie, JSON.stringify(body));
      expect([route.path, status < 500, text]).toEqual([route.path, true, text]);
      if (status >= 400)
        expect((JSON.parse(text) as { message: unknown }).message).toEqual(expect.any(String));
    }),
    { numRuns: 400 },
  );
}, 60_000);

test.each([
  ['no JSON', '{"name":', 'application/json'],
  ['another type', 'name=x', 'application/x-www-form-urlencoded'],
  ['lists 20 000 deep', '['.repeat(20_000) + ']'.repeat(20_000), 'application/json'],
  ['a prototype', '{"__proto__":{"admin":true},"constructor":{"prototype":{"a":1}}}', 'application/json'],
  ['more than is read', JSON.stringify({ name: 'x'.repeat(3_000_000) }), 'application/json'],
])('%s as a body is refused everywhere', async (_, body, type) => {
  for (const route of routes.filter(takesBody).filter(({ path }) => path.startsWith('/api/sites'))) {
    const { status } = await send(
      { ...route, path: filled(route.path, realIds()) },
      owners.cookie,
      body,
      type,
    );
    expect([route.method, route.path, status >= 400 && status < 500]).toEqual([
      route.method,
      route.path,
      true,
    ]);
  }
});
