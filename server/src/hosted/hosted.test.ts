import { createHash } from 'node:crypto';
import { jest } from '@jest/globals';
import { createWidget } from '@sirene/core/document/widget';
import { createPlacement } from '@sirene/core/document/placement';
import { DataSource } from 'typeorm';
import { compileWidget } from '@sirene/core/compile';
import { plainBrand } from '@sirene/core/style';
import { origin, TestServer } from '../testing/server.js';
import { hostedPage } from './hosted-page.js';

let server: TestServer;
let site: string;
let key: string;

beforeAll(async () => {
  server = await TestServer.start();
  await server.signIn();
  const { body } = await server.post('/api/sites', { name: 'Larkmoor', origins: [origin] });
  [site, key] = [body.id, body.key];
});
afterAll(() => server.stop());

async function door(type: 'page' | 'inline') {
  const document = { ...createWidget('Members’ <door>'), placement: createPlacement(type) };
  document.elements['opening'] = { type: 'group', direction: 'column', children: ['title'] };
  document.elements['title'] = { type: 'text', level: 1, content: [{ text: 'Come in & sit <down>' }] };
  const { body } = await server.post(`/api/sites/${site}/widgets`, { name: document.name, document });
  return body as { id: string; slug: string };
}

test('a page of its own is served once it is published, to anybody, under a strict policy', async () => {
  const widget = await door('page');
  const path = `/p/${key}/${widget.slug}`;
  expect((await server.get(path)).status).toBe(404);
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
  const page = await fetch(server.address + path);
  expect(page.status).toBe(200);
  expect(page.headers.get('content-security-policy')).toMatch(/default-src 'none'; script-src 'self'/);
  const html = await page.text();
  expect(html).toContain('<title>Members’ &lt;door&gt;</title>');
  expect(html).toContain(`src="/s/${key}.js"`);
  expect(html).toContain(`data-sirene="${widget.slug}"`);
});

test('a page is drawn once a publishing, and said to be unchanged', async () => {
  const widget = await door('page');
  const path = `/p/${key}/${widget.slug}`;
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
  const queries = jest.spyOn(server.app.get(DataSource), 'getRepository');
  const first = await fetch(server.address + path);
  const etag = first.headers.get('etag') as string;
  queries.mockClear();
  expect((await fetch(server.address + path)).status).toBe(200);
  expect((await fetch(server.address + path, { headers: { 'if-none-match': etag } })).status).toBe(304);
  expect((await server.get(`/p/${key}/none`)).status).toBe(404);
  expect(queries).not.toHaveBeenCalled();
  queries.mockRestore();
  // What is published anew is seen at once.
  const { body } = await server.get(`/api/widgets/${widget.id}`);
  body.document.elements.title.content = [{ text: 'Another door' }];
  await server.put(`/api/widgets/${widget.id}/draft`, {
    base: 1,
    document: { ...body.document, name: 'Another' },
  });
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 2 });
  expect(await (await fetch(server.address + path)).text()).toContain('<title>Another</title>');
});

test('bodies are what the manifest says they are', async () => {
  const { body: manifest } = await server.get(`/m/${key}.json`, { origin });
  expect(manifest.widgets.length).toBeGreaterThan(0);
  for (const { body, integrity } of manifest.widgets) {
    const content = await (await fetch(server.address + body)).text();
    expect(integrity).toBe(`sha256-${createHash('sha256').update(content).digest('base64')}`);
  }
});

test('what is no page of its own has no page', async () => {
  const widget = await door('inline');
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
  expect((await server.get(`/p/${key}/${widget.slug}`)).status).toBe(404);
  expect((await server.get(`/p/nokey/${widget.slug}`)).status).toBe(404);
});

test('a widget is written out as one file that asks nobody for anything', async () => {
  const widget = await door('inline');
  await server.put(`/api/sites/${site}/brand`, {
    tokens: { font: { $type: 'fontFamily', title: { $value: ['Fraunces', 'serif'] } } },
    looks: {},
    fonts: [],
  });
  const file = await server.get(`/api/widgets/${widget.id}/export.html`);
  expect(file.headers.get('content-disposition')).toBe(`attachment; filename="${widget.slug}.html"`);
  expect(file.body).toContain('Come in &amp; sit &lt;down&gt;');
  expect(file.body).toContain('url("data:font/woff2;base64,');
  expect(file.body).not.toMatch(/<script|src="\/|url\(\/|https?:\/\//);
});

test('the schema of documents is published, and a newer one is told apart', async () => {
  const schema = await server.get('/schema/widget.json');
  expect(schema.body.$schema).toBe('https://json-schema.org/draft/2020-12/schema');
  const document = { ...createWidget('From later'), schema: 99 };
  const refused = await server.post(`/api/sites/${site}/widgets`, { name: 'Later', document });
  expect(refused.status).toBe(400);
  expect(refused.body.message).toMatch(/schema/);
});

test('3 000 elements are refused with the limit named', async () => {
  const document = createWidget('Huge');
  const ids = Array.from({ length: 3000 }, (_, at) => `e${at}`);
  document.elements['opening'] = { type: 'group', direction: 'column', children: ids };
  for (const id of ids) document.elements[id] = { type: 'badge', words: id };
  const refused = await server.post(`/api/sites/${site}/widgets`, { name: 'Huge', document });
  expect(refused.status).toBe(400);
  expect(refused.body.message).toMatch(/2000/);
});

test.each(['fraunces.woff2', 'figtree.woff2'])('the typeface %s ships', async (file) => {
  const answer = await fetch(`${server.address}/fonts/${file}`);
  expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'font/woff2']);
  expect((await answer.arrayBuffer()).byteLength).toBeGreaterThan(10_000);
});

test('no other file is had as a typeface', async () => {
  expect((await fetch(`${server.address}/fonts/..%2fpackage.json`)).status).toBe(404);
  expect((await fetch(`${server.address}/fonts/nothing.woff2`)).status).toBe(404);
});

test('nothing of a name, an address name or a key becomes markup', () => {
  const body = compileWidget(createWidget('Any'), plainBrand);
  const evil = '"><script>alert(1)</script>';
  const page = hostedPage(evil, evil, evil, body);
  expect(page).not.toContain('<script>alert');
  expect(page.match(/<script/g)).toHaveLength(1);
});

test('a window holds one widget, opened at once; who opened it is believed only from the site’s own pages', async () => {
  const [widget, other] = [await door('inline'), await door('inline')];
  const path = `/p/${key}/window/${widget.id}`;
  expect((await server.get(path)).status).toBe(404);
  for (const { id } of [widget, other]) await server.post(`/api/widgets/${id}/publish`, { base: 1 });
  const scriptFrom = async (referer?: string) => {
    const { body } = await server.get(path, referer === undefined ? {} : { referer });
    const [, src = ''] = /<script async src="([^"]+)">/.exec(body as string) ?? [];
    return (await server.get(src)).body as string;
  };
  const own = await scriptFrom(`${origin}/tonight/`);
  expect(own.startsWith(`location.hash="#${encodeURIComponent(widget.slug)}";`)).toBe(true);
  expect([own.includes(widget.id), own.includes(other.id)]).toEqual([true, false]);
  for (const stranger of [undefined, 'https://elsewhere.example/', 'no address'])
    expect((await scriptFrom(stranger)).startsWith("window.name='';location.hash=")).toBe(true);
  expect((await server.get(`/s/${key}/w_none.js`)).status).toBe(404);
});
