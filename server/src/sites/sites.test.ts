import { ServingService } from '../serving/serving.service.js';
import { origin, publishSignup, TestServer } from '../testing/server.js';

let server: TestServer;
beforeAll(async () => {
  server = await TestServer.start();
});
afterAll(() => server.stop());

test('health says that all is well', async () => {
  expect((await server.get('/health')).body).toEqual({ status: 'ok', version: '0.1.0', database: 'ok' });
});

test('the install check knows when and where the script was last seen', async () => {
  const there = await publishSignup(server);
  const { body: fresh } = await server.post('/api/sites', { name: 'Fresh', origins: [origin] });
  expect((await server.get(`/api/sites/${fresh.id}/install`)).body).toEqual({
    connected: false,
    at: null,
    page: null,
  });
  server.clock.pass(60_000);
  await server.get(`/m/${there.key}.json`, { origin, referer: `${origin}/shop/` });
  const install = (await server.get(`/api/sites/${there.siteId}/install`)).body;
  expect(install).toEqual({ connected: true, at: server.clock.time, page: `${origin}/shop/` });
});

test('nothing is shown to an origin that is not allowed, and the page is told why', async () => {
  const there = await publishSignup(server);
  const answer = await server.get(`/m/${there.key}.json`, { origin: 'https://elsewhere.example' });
  expect(answer.status).toBe(403);
  expect(answer.body.message).toBe(
    'The origin https://elsewhere.example is not among the allowed origins of Larkmoor. Add it in Sirene under Site, then load the page again.',
  );
  expect(answer.headers.get('access-control-allow-origin')).toBe('*');
  await server.send('PATCH', `/api/sites/${there.siteId}`, {
    origins: [origin, 'https://elsewhere.example'],
  });
  expect((await server.get(`/m/${there.key}.json`, { origin: 'https://elsewhere.example' })).status).toBe(
    200,
  );
});

test.each([
  [{ origins: ['larkmoor.example'] }, /^origins must be origins such as/],
  [{ origins: ['https://x.example/path'] }, /^origins must be origins such as/],
  [{ origins: ['*'] }, /^origins must be origins such as/],
  [{ origins: 'https://x.example' }, /^origins must/],
  [{ name: '' }, /^name (must be longer|must not be blank)/],
  [{ name: '  ' }, /^name must not be blank/],
  [{ name: null }, /^name must/],
  [{ origins: null }, /^origins must be/],
  [{ archived: null }, /^archived must be/],
  [{ zone: 'Europe/Atlantis' }, /^zone must be a time zone/],
  [{ zone: null }, /^zone must be a time zone/],
  [{ policy: { quietGap: 0 } }, /^policy.perPage must/],
  [{ policy: { quietGap: -1, perPage: null, perVisit: null, waiting: 'later' } }, /^policy.quietGap must/],
  [{ policy: { quietGap: 0, perPage: 0, perVisit: null, waiting: 'later' } }, /^policy.perPage must/],
  [{ policy: { quietGap: 0, perPage: null, perVisit: null, waiting: 'soon' } }, /^policy.waiting must/],
  [
    { policy: { quietGap: 0, perPage: null, perVisit: null, waiting: 'later', more: 1 } },
    /^policy.more is not a known field/,
  ],
  [{ policy: null }, /^policy must be an object/],
  [{ key: 'mine' }, /^key is not a known field/],
])('a change to %j is refused', async (change, message) => {
  const there = await publishSignup(server);
  const answer = await server.send('PATCH', `/api/sites/${there.siteId}`, change);
  expect([answer.status, answer.body.message]).toEqual([400, expect.stringMatching(message)]);
});

test('a stored page has nothing left that runs, and is shown to members only', async () => {
  const there = await publishSignup(server);
  const html = `<html><head><title>T</title><script>bad()</script><script type="application/ld+json">{"@type":"Article"}</script><link rel="stylesheet" href="/a.css"><link rel="preload" href="x">
    <meta http-equiv="refresh" content="0;url=https://evil.example"><base href="https://evil.example"></head>
    <body onload="bad()"><p onclick="bad()">Words</p><div data-sirene="letter"></div><a href="javascript:bad()">x</a><iframe src="https://evil.example"></iframe>
    <form action="https://evil.example"><button formaction="x">Go</button></form><svg><script>bad()</script><path d="M0 0"/></svg></body></html>`;
  const stored = await server.post(`/api/sites/${there.siteId}/pages`, {
    address: `${origin}/a/`,
    title: 'A',
    html,
  });
  expect(stored.status).toBe(201);
  const page = await server.get(`/stage/pages/${stored.body.id}`);
  expect(page.body).toContain('<p>Words</p>');
  expect(page.body).toContain('<base href="https://larkmoor.example/a/">');
  expect(page.body).toContain('href="/a.css"');
  expect(page.body).not.toMatch(/script|bad\(|evil|onload|onclick|iframe|preload/);
  expect(page.headers.get('content-security-policy')).toContain("default-src 'none'");
  const again = await server.post(`/api/sites/${there.siteId}/pages`, {
    address: `${origin}/a/`,
    title: 'B',
    html,
  });
  expect(again.body).toEqual({
    id: stored.body.id,
    address: `${origin}/a/`,
    title: 'B',
    types: ['article'],
    markers: ['letter'],
  });
  const elsewhere = await server.post(`/api/sites/${there.siteId}/pages`, {
    address: 'https://x.example/',
    title: 'X',
    html,
  });
  expect(elsewhere.status).toBe(400);
  server.forgetCookie();
  expect((await server.get(`/stage/pages/${stored.body.id}`)).status).toBe(401);
  await server.signIn();
});

test('the policy of a site and the time zone of its clocks are kept, and reach its pages', async () => {
  const { siteId, key } = await publishSignup(server);
  const policy = { quietGap: 30, perPage: 1, perVisit: null, waiting: 'never' };
  const changed = await server.send('PATCH', `/api/sites/${siteId}`, { policy, zone: 'Europe/London' });
  expect(changed.body).toMatchObject({ policy, zone: 'Europe/London', name: 'Larkmoor' });
  expect((await server.get(`/m/${key}.json`, { origin })).body).toMatchObject({ policy, signals: [] });
});

test('the script of a site brings its manifest along, and where it may show it', async () => {
  const { siteId, key } = await publishSignup(server);
  const script = await server.get(`/s/${key}.js`, { referer: `${origin}/journal/moon?x=1` });
  expect(script.headers.get('content-type')).toBe('text/javascript; charset=utf-8');
  const given = JSON.parse(/\((\{.*\})\);$/s.exec(String(script.body))?.[1] ?? '') as unknown;
  const { body: manifest } = await server.get(`/m/${key}.json`, { origin });
  expect(given).toEqual({ key, origins: [origin], site: 'Larkmoor', manifest });
  // Who has it is told so, in whatever form it came.
  const tag = script.headers.get('etag') ?? '';
  expect(tag).toMatch(/^"[0-9a-f]{24}(-br|-gzip)?"$/);
  const again = await server.get(`/s/${key}.js`, { 'if-none-match': tag });
  expect([again.status, again.headers.get('etag')]).toEqual([304, tag]);
  expect((await server.get(`/s/${key}.js`, { 'if-none-match': `W/${tag}` })).status).toBe(304);
  // The page is one of those that a designer may choose; one that is not the site's is not.
  await server.get(`/s/${key}.js`, { referer: 'https://elsewhere.example/secret' });
  await server.app.get(ServingService).onApplicationShutdown();
  const { body: seen } = await server.get(`/api/sites/${siteId}/seen-pages`);
  expect(seen).toContain('/journal/moon');
  expect(seen).not.toContain('/secret');
  expect((await server.get('/s/nobody.js')).status).toBe(404);
});
