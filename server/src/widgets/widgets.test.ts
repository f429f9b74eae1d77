import { origin, publishSignup, signupDocument, submission, TestServer } from '../testing/server.js';
import { freeSlug, slugOf } from './slug.js';

let server: TestServer;
let siteId: string;
let key: string;

beforeAll(async () => {
  server = await TestServer.start();
  await server.signIn();
  const { body } = await server.post('/api/sites', { name: 'Larkmoor', origins: [origin] });
  [siteId, key] = [body.id, body.key];
});
afterAll(() => server.stop());

const create = async (name: string) =>
  (await server.post(`/api/sites/${siteId}/widgets`, { name, document: signupDocument() })).body;
const manifest = async () => (await server.get(`/m/${key}.json`, { origin })).body.widgets;

test('a widget made by name alone is empty, and its address name is free', async () => {
  const first = await server.post(`/api/sites/${siteId}/widgets`, { name: 'Été à la lande!' });
  const second = await server.post(`/api/sites/${siteId}/widgets`, { name: 'Été à la lande!' });
  expect([first.status, first.body.slug, second.body.slug]).toEqual([
    201,
    'ete-a-la-lande',
    'ete-a-la-lande-2',
  ]);
  expect(first.body).toMatchObject({ draftVersion: 1, publishedNumber: null, changedSince: false });
});

test.each([
  ['Sky letter', 'sky-letter'],
  ["Circle's plans", 'circles-plans'],
  ['星', 'widget'],
  ['-- a --', 'a'],
])('%s is addressed as %s', (name, slug) => {
  expect(slugOf(name)).toBe(slug);
  expect(freeSlug(name, new Set([slug, `${slug}-2`]))).toBe(`${slug}-3`);
});

test('draft, publish, edit, publish again, and back to an earlier version', async () => {
  const widget = await create('Whole way');
  expect(await manifest()).toEqual([]);

  const published = await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
  expect(published.body).toMatchObject({ publishedNumber: 1, changedSince: false });
  const [first] = await manifest();
  expect(first).toMatchObject({
    id: widget.id,
    slug: 'whole-way',
    mode: 'overlay',
    triggers: { any: [{ type: 'load' }] },
  });

  const document = {
    ...(JSON.parse(JSON.stringify(widget.document)) as typeof widget.document),
    name: 'Changed',
  };
  const saved = await server.put(`/api/widgets/${widget.id}/draft`, { base: 1, document });
  expect(saved.body).toMatchObject({ draftVersion: 2, changedSince: true, document: { name: 'Changed' } });
  expect(await manifest()).toEqual([first]);

  const undone = await server.put(`/api/widgets/${widget.id}/draft`, { base: 2, document: widget.document });
  expect(undone.body).toMatchObject({ draftVersion: 3, changedSince: false });

  document.elements.send = { ...document.elements.send, label: 'Go' };
  await server.put(`/api/widgets/${widget.id}/draft`, { base: 3, document });
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 4 });
  const [second] = await manifest();
  expect(second.body).not.toBe(first.body);

  const restored = await server.post(`/api/widgets/${widget.id}/versions/1/restore`, { base: 4 });
  expect(restored.body).toMatchObject({
    draftVersion: 5,
    changedSince: true,
    document: { name: 'Whole way' },
  });
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 5 });
  expect((await manifest())[0].body).toBe(first.body);

  const { body: versions } = await server.get(`/api/widgets/${widget.id}/versions`);
  expect(versions.map(({ number, live }: { number: number; live: boolean }) => [number, live])).toEqual([
    [3, true],
    [2, false],
    [1, false],
  ]);
  expect((await server.get(first.body)).status).toBe(200);

  await server.post(`/api/widgets/${widget.id}/unpublish`);
  expect(await manifest()).toEqual([]);
});

test('a body never changes and says so; the manifest is asked for anew', async () => {
  const there = await publishSignup(server);
  const body = await server.get(there.body);
  expect(body.headers.get('cache-control')).toBe('public, max-age=31536000, immutable');
  expect(body.body).toMatchObject({
    format: 2,
    scenes: { opening: expect.stringContaining('<form') as string },
  });
  const first = await server.get(`/m/${there.key}.json`, { origin });
  expect(first.headers.get('cache-control')).toBe('no-cache');
  const etag = first.headers.get('etag') ?? '';
  expect((await server.get(`/m/${there.key}.json`, { origin, 'if-none-match': etag })).status).toBe(304);
  expect(JSON.stringify(first.body).length).toBeLessThan(600);
});

test('the preview of a draft is what would be published', async () => {
  const widget = await create('Seen before it is out');
  const { status, body } = await server.get(`/api/widgets/${widget.id}/preview`);
  expect(status).toBe(200);
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
  const listed = (await manifest()).find(({ id }: { id: string }) => id === widget.id);
  expect(body).toEqual((await server.get(listed.body, { origin })).body);
  expect((await server.get('/api/widgets/w_of_nobody/preview')).status).toBe(404);
});

test('the list says of each widget whether anything can be sent with it', async () => {
  const withForm = await create('Has a form');
  const without = (await server.post(`/api/sites/${siteId}/widgets`, { name: 'Has none' })).body;
  const { body } = await server.get(`/api/sites/${siteId}/widgets`);
  const collects = (id: string) =>
    (body as { id: string; collects: boolean }[]).find((one) => one.id === id)?.collects;
  expect([collects(withForm.id), collects(without.id)]).toEqual([true, false]);
});

test('the same draft sent once more is no conflict: an answer may have been lost', async () => {
  const widget = await create('Twice');
  const document = { ...widget.document, name: 'Sent twice' };
  const send = () => server.put(`/api/widgets/${widget.id}/draft`, { base: 1, document });
  expect([await send(), await send()]).toMatchObject([
    { status: 200, body: { draftVersion: 2 } },
    { status: 200, body: { draftVersion: 2 } },
  ]);
});

test('a stale save is refused with the times of both, and nothing is lost', async () => {
  const widget = await create('Two tabs');
  server.clock.pass(5000);
  const theirs = { ...widget.document, name: 'Theirs' };
  await server.put(`/api/widgets/${widget.id}/draft`, { base: 1, document: theirs });
  const theirTime = server.clock.time;
  server.clock.pass(9000);
  const answer = await server.put(`/api/widgets/${widget.id}/draft`, {
    base: 1,
    document: { ...widget.document, name: 'Mine' },
  });
  expect(answer.status).toBe(409);
  expect(answer.body).toMatchObject({
    yours: { version: 1, at: theirTime + 9000 },
    saved: { version: 2, at: theirTime },
  });
  expect((await server.get(`/api/widgets/${widget.id}`)).body.document.name).toBe('Theirs');
  expect((await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 })).status).toBe(409);
});

test('of two saves at the same moment one wins and the other is told', async () => {
  const widget = await create('Race');
  const save = (name: string) =>
    server.put(`/api/widgets/${widget.id}/draft`, { base: 1, document: { ...widget.document, name } });
  const statuses = (await Promise.all([save('A'), save('B')])).map(({ status }) => status);
  expect(statuses.sort()).toEqual([200, 409]);
});

/* eslint-disable @typescript-eslint/no-explicit-any -- the documents below are wrong on purpose */
test.each<[string, (document: any) => unknown, number, RegExp]>([
  ['an unknown field', (document) => ({ ...document, extra: 1 }), 400, /extra is not a known field/],
  [
    'an unknown element',
    (document) => ((document.elements.send.type = 'blink'), document),
    400,
    /elements\.send\.type "blink" is not a known kind/,
  ],
  ['a circle', (document) => (document.elements.form.children.push('opening'), document), 400, /second time/],
  [
    'an orphan',
    (document) => ((document.elements.opening.children = []), document),
    400,
    /elements\.form stands in no scene/,
  ],
  [
    'a script in a link',
    (document) => ((document.elements.send.action = { type: 'link', address: 'javascript:x' }), document),
    400,
    /elements\.send\.action\.address/,
  ],
  ['a list', () => [], 400, /document must be an object/],
  [
    '5 MB',
    (document) => ((document.elements.send.label = 'x'.repeat(5_000_000)), document),
    413,
    /too large/,
  ],
])('%s in a document is refused, and the draft stays', async (_, change, status, message) => {
  const widget = await create('Wrong');
  const wrong = change(JSON.parse(JSON.stringify(widget.document)));
  const answer = await server.put(`/api/widgets/${widget.id}/draft`, { base: 1, document: wrong });
  expect([answer.status, answer.body.message]).toEqual([status, expect.stringMatching(message)]);
  expect((await server.get(`/api/widgets/${widget.id}`)).body.draftVersion).toBe(1);
});
/* eslint-enable @typescript-eslint/no-explicit-any */

test('script in a text is stored as text and delivered as text', async () => {
  const widget = await create('Text');
  const { document } = widget;
  document.elements.send.label = '<script>alert(1)</script>';
  await server.put(`/api/widgets/${widget.id}/draft`, { base: 1, document });
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 2 });
  const [entry] = (await manifest()).filter(({ id }: { id: string }) => id === widget.id);
  const { body } = await server.get(entry.body);
  expect(body.scenes.opening).toContain('&lt;script&gt;alert(1)&lt;/script&gt;');
});

test.each([
  ['/api/widgets/w_nobody', 404, /no such widget/],
  ['/api/sites/site_nobody/widgets', 404, /no such site/],
  ['/b/nothing.json', 404, /no such body/],
  ['/api/nothing', 404, /Cannot GET/],
])('GET %s answers %d', async (path, status, message) => {
  const answer = await server.get(path);
  expect([answer.status, answer.body.message]).toEqual([status, expect.stringMatching(message)]);
});

test('a deleted widget is gone for visitors, and its submissions stay', async () => {
  const there = await publishSignup(server);
  await server.post(`/c/${there.key}/submissions`, submission(there), { origin });
  expect((await server.send('DELETE', `/api/widgets/${there.widget}`)).status).toBe(204);
  expect((await server.get(`/m/${there.key}.json`, { origin })).body.widgets).toEqual([]);
  expect((await server.get(`/api/sites/${there.siteId}/submissions`)).body.total).toBe(1);
});

test('the schema and the API’s description are published', async () => {
  const schema = await server.get('/schema/widget.json');
  expect(schema.body).toMatchObject({ type: 'object', properties: { schema: { const: 1 } } });
  const api = await server.get('/api/openapi.json');
  expect(Object.keys(api.body.paths)).toEqual(
    expect.arrayContaining(['/api/widgets/{widget}/draft', '/c/{key}/submissions']),
  );
});

test.each([
  ['a look that every object has', { look: 'constructor' }],
  ['a child that every object has', { children: ['constructor'] }],
  ['a link of half a character', { look: undefined }],
])('%s is no cause of an error of ours', async (_, change) => {
  const { body: site } = await server.post('/api/sites', { name: 'Moor', origins: [origin] });
  const document = signupDocument();
  document.elements['form'] = { type: 'form', children: ['name', 'email', 'send', 'link'] };
  Object.assign(document.elements['opening'] as object, change);
  const action = { type: 'link', address: '/\ud800 a' } as const;
  document.elements['link'] = { type: 'button', label: 'Go', wide: false, action };
  const { status, body } = await server.post(`/api/sites/${site.id}/widgets`, { name: 'Odd', document });
  // What is odd is taken or refused; either way the studio and its visitors go on.
  expect([200, 201, 400]).toContain(status);
  if (status !== 201) return;
  const published = await server.post(`/api/widgets/${body.id}/publish`, { base: 1 });
  expect(published.status).toBe(200);
  const preview = await server.post(`/api/sites/${site.id}/brand/preview`, {
    tokens: {},
    looks: {},
    fonts: [],
  });
  expect(preview.status).toBe(200);
});

test('a style sheet nested 1 800 deep is published without it, and the brand can still be tried', async () => {
  const { body: site } = await server.post('/api/sites', { name: 'Moor', origins: [origin] });
  const document = { ...signupDocument(), css: '@media all{'.repeat(1800) };
  const { body: widget } = await server.post(`/api/sites/${site.id}/widgets`, { name: 'Deep', document });
  expect((await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 })).status).toBe(200);
  const brand = { tokens: {}, looks: {}, fonts: [] };
  expect((await server.post(`/api/sites/${site.id}/brand/preview`, brand)).status).toBe(200);
  expect((await server.put(`/api/sites/${site.id}/brand`, brand)).status).toBe(200);
});

test('a manifest that was being built while something was published is not kept', async () => {
  const there = await publishSignup(server);
  const { body: widget } = await server.get(`/api/widgets/${there.widget}`);
  const manifest = async () =>
    (await server.get(`/m/${there.key}.json`, { origin })).body.widgets as unknown[];
  // Both at once, many times: whichever comes first, what is asked for afterwards is what is published then.
  for (let round = 0; round < 10; round++) {
    await Promise.all([
      server.post(`/api/widgets/${there.widget}/unpublish`),
      ...Array.from({ length: 5 }, manifest),
    ]);
    expect(await manifest()).toHaveLength(0);
    await Promise.all([
      server.post(`/api/widgets/${there.widget}/publish`, { base: widget.draftVersion }),
      ...Array.from({ length: 5 }, manifest),
    ]);
    expect(await manifest()).toHaveLength(1);
  }
});
