import { readdir, readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { deflateSync } from 'node:zlib';
import sharp from 'sharp';
import { origin, TestServer } from '../testing/server.js';

let server: TestServer;
let site: string;

beforeAll(async () => {
  server = await TestServer.start();
  await server.signIn();
  site = (await server.post('/api/sites', { name: 'Larkmoor', origins: [origin] })).body.id;
});
afterAll(() => server.stop());

async function upload(name: string, content: Uint8Array | string) {
  const response = await fetch(
    `${server.address}/api/sites/${site}/assets?name=${encodeURIComponent(name)}`,
    {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream', cookie: server.cookie },
      body: content as never,
    },
  );
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- tests look into whatever came
  return { status: response.status, body: (await response.json()) as any };
}

// Served from the data folder as they lie there; how, the browser tests look at.
const kept = (id: string, file: string) => readFile(join(server.folder, 'assets', id, file));
const gone = (id: string, file: string) => expect(kept(id, file)).rejects.toThrow('ENOENT');

/** A PNG whose header claims a size, and whose pixels are a few bytes. */
function imageBomb(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const length = Buffer.alloc(4);
    length.writeUInt32BE(data.length);
    const body = Buffer.concat([Buffer.from(type), data]);
    const sum = Buffer.alloc(4);
    sum.writeUInt32BE(crc(body));
    return Buffer.concat([length, body, sum]);
  };
  const header = Buffer.alloc(13);
  header.writeUInt32BE(width, 0);
  header.writeUInt32BE(height, 4);
  header.set([8, 2, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', header),
    chunk('IDAT', deflateSync(Buffer.alloc(1000))),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

function crc(data: Buffer): number {
  let sum = 0xffffffff;
  for (const byte of data) {
    sum ^= byte;
    for (let bit = 0; bit < 8; bit++) sum = sum & 1 ? (sum >>> 1) ^ 0xedb88320 : sum >>> 1;
  }
  return (sum ^ 0xffffffff) >>> 0;
}

/** A WOFF2 font whose directory claims a size, and whose content is nothing (W3C WOFF2, 4). */
function fontBomb(size: number, tables = 1): Buffer {
  const header = Buffer.alloc(48);
  header.write('wOF2', 0, 'latin1');
  header.writeUInt16BE(tables, 12);
  // The first known table, not transformed, and its length in groups of seven bits.
  const length = [];
  for (let left = size; length.length === 0 || left > 0; left = Math.floor(left / 128))
    length.unshift((left % 128) | (length.length === 0 ? 0 : 0x80));
  return Buffer.concat([header, Buffer.from([0, ...length])]);
}

const png = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#171a48' } })
    .png()
    .toBuffer();

test('an image is kept in sizes, with nothing wider than it is', async () => {
  const { status, body } = await upload('moor.png', await png(900, 600));
  expect(status).toBe(201);
  expect(body).toMatchObject({
    kind: 'image',
    name: 'moor.png',
    width: 900,
    height: 600,
    src: `asset:${body.id}`,
  });
  const small = await sharp(await kept(body.id, '320.webp')).metadata();
  expect([small.format, small.width]).toEqual(['webp', 320]);
  await gone(body.id, '1280.webp');
  const list = await server.get(`/api/sites/${site}/assets`);
  expect(list.body[0].id).toBe(body.id);
});

test('a photo on its side is put upright', async () => {
  const turned = await sharp(await png(400, 200))
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();
  expect((await upload('side.jpg', turned)).body).toMatchObject({ width: 200, height: 400 });
});

test('an SVG is kept without what it might run', async () => {
  const { body } = await upload(
    'mark.svg',
    '<svg viewBox="0 0 24 12" onload="alert(1)"><script>alert(1)</script><path d="M0 0h24v12z" fill="#fff"/></svg>',
  );
  expect(body).toMatchObject({ kind: 'image', width: 24, height: 12, src: `asset:${body.id}/full.svg` });
  const text = await kept(body.id, 'full.svg').then(String);
  expect(text).toContain('<path');
  expect(text).not.toMatch(/script|onload/);
});

test('a typeface says its family and its weights', async () => {
  const file = createRequire(import.meta.url).resolve(
    '@fontsource-variable/figtree/files/figtree-latin-wght-normal.woff2',
  );
  const { body } = await upload('figtree.woff2', await readFile(file));
  expect(body).toMatchObject({ kind: 'font', family: expect.stringContaining('Figtree'), weight: '300 900' });
  expect((await kept(body.id, 'font.woff2')).subarray(0, 4).toString()).toBe('wOF2');
});

test.each([
  ['an empty file', '', /empty/],
  ['a text', 'I am an image, believe me', /not an image, video or font/],
  ['half an image', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 1, 2, 3]), /not an image/],
  ['an image of 50 000 by 50 000', imageBomb(50_000, 50_000), /50000 × 50000 pixels; at most 50 million/],
  [
    'a typeface that is none',
    Buffer.from('wOF2 and then nothing that makes sense'),
    /WOFF2 font but can’t be read/,
  ],
  ['one byte', Buffer.from([1]), /not an image/],
  ['two bytes', Buffer.from([1, 2]), /not an image/],
  ['three bytes', Buffer.from('wOF'), /not an image/],
  ['a font of four bytes', Buffer.from('wOF2'), /can’t be read/],
  ['a font that unpacks to 400 MB', fontBomb(400_000_000), /unpacks to more than 32 MB/],
  ['a font of 65 535 tables', fontBomb(1, 65_535), /can’t be read/],
  ['comments without a drawing', '<!---->'.repeat(28), /no drawing/],
  ['elements inside each other', `<svg>${'<g>'.repeat(100_000)}`, /nested more than 128 deep/],
  ['elements without end', `<svg>${'<g/>'.repeat(100_000)}</svg>`, /more than 20000 elements/],
  ['attributes without end', `<svg ${'a '.repeat(1000)}/>`, /more than 100 attributes/],
  ['an SVG of 3 MB', `<svg>${' '.repeat(3_000_000)}`, /SVG is larger than 2 MB/],
  ['an SVG without a drawing', '<svg><script>alert(1)</script></svg>', /no drawing/],
])('%s is refused with its sentence', async (_, content, reason) => {
  const { status, body } = await upload('any', content);
  expect(status).toBe(400);
  expect(body.message).toMatch(reason);
});

test('what is larger than an upload may be is broken off, and nothing of it stays', async () => {
  const { status, body } = await upload('large.mp4', Buffer.alloc(40_000_001));
  expect([status, body.message]).toEqual([413, 'The file is larger than 40 MB.']);
  expect(await readdir(join(server.folder, 'uploads'))).toEqual([]);
});

test('a video is kept as it came', async () => {
  const video = Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypisom'), Buffer.alloc(5000, 7)]);
  const { status, body } = await upload('moor.mp4', video);
  expect([status, body.kind, body.bytes]).toEqual([201, 'video', video.length]);
  expect(await kept(body.id, 'video.mp4')).toEqual(video);
  expect(await readdir(join(server.folder, 'uploads'))).toEqual([]);
});

test('a PDF is kept as it came, under its own name in letters of addresses', async () => {
  const pdf = Buffer.from('%PDF-1.4\n1 0 obj\n<<>>\nendobj\ntrailer\n<<>>\n%%EOF\n');
  const { status, body } = await upload('Über uns & Preise 2027.PDF', pdf);
  expect([status, body.kind, body.src]).toEqual([
    201,
    'document',
    `asset:${body.id}/uber-uns-preise-2027.pdf`,
  ]);
  expect(await kept(body.id, 'uber-uns-preise-2027.pdf')).toEqual(pdf);
  const { body: other } = await upload('日本.pdf', pdf);
  expect(other.src).toBe(`asset:${other.id}/document.pdf`);
  const served = await fetch(`${server.address}/a/${body.id}/uber-uns-preise-2027.pdf`);
  expect(served.headers.get('content-disposition')).toBe('attachment');
});

test('a file is taken where files are taken, and nowhere else', async () => {
  const answer = await fetch(`${server.address}/api/sites/${site}/widgets`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream', cookie: server.cookie },
    body: Buffer.alloc(100),
  });
  expect(answer.status).toBe(415);
});

test('what a widget uses stays; what none uses goes', async () => {
  const { body: asset } = await upload('used.png', await png(40, 40));
  const { body: widget } = await server.post(`/api/sites/${site}/widgets`, { name: 'Uses it' });
  const document = structuredClone(widget.document);
  document.elements.pic = { type: 'image', src: asset.src, alt: 'A moor' };
  document.elements.opening.children = ['pic'];
  await server.put(`/api/widgets/${widget.id}/draft`, { base: 1, document });
  const refused = await server.send('DELETE', `/api/sites/${site}/assets/${asset.id}`);
  expect([refused.status, refused.body.message]).toEqual([
    409,
    'It is still used by Uses it. Remove it there first.',
  ]);
  await server.put(`/api/widgets/${widget.id}/draft`, { base: 2, document: widget.document });
  expect((await server.send('DELETE', `/api/sites/${site}/assets/${asset.id}`)).status).toBe(204);
  await gone(asset.id, 'full.webp');
});

test('what can be brought back keeps its uploads: an earlier version, a deleted widget, a starter, the shelf', async () => {
  const { body: asset } = await upload('kept.png', await png(40, 40));
  const remove = async () =>
    (await server.send('DELETE', `/api/sites/${site}/assets/${asset.id}`)).body.message;
  const { body: widget } = await server.post(`/api/sites/${site}/widgets`, { name: 'Had it' });
  const document = structuredClone(widget.document);
  document.elements.pic = { type: 'image', src: asset.src, alt: 'A moor' };
  document.elements.opening.children = ['pic'];
  await server.put(`/api/widgets/${widget.id}/draft`, { base: 1, document });
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 2 });
  await server.put(`/api/widgets/${widget.id}/draft`, { base: 2, document: widget.document });
  expect(await remove()).toContain('version 1 of Had it');
  await server.put(`/api/widgets/${widget.id}/draft`, { base: 3, document });
  await server.send('DELETE', `/api/widgets/${widget.id}`);
  expect(await remove()).toContain('Had it (deleted)');
});

test('nobody but the site’s own people uploads or looks', async () => {
  expect((await fetch(`${server.address}/api/sites/${site}/assets`)).status).toBe(401);
  expect((await server.get('/api/sites/site_other/assets')).status).toBe(404);
});
