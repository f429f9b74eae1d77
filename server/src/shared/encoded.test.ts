import { get, type IncomingMessage } from 'node:http';
import { brotliDecompressSync, gunzipSync, gzipSync } from 'node:zlib';
import { origin, publishSignup, TestServer } from '../testing/server.js';
import { encode } from './encoded.js';

let server: TestServer;
let there: Awaited<ReturnType<typeof publishSignup>>;
beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
});
afterAll(() => server.stop());

/** What comes over the wire, as it comes. */
const raw = (path: string, accepts?: string, more: Record<string, string> = {}) =>
  new Promise<{ response: IncomingMessage; bytes: Buffer }>((done, fail) => {
    const headers = { origin, ...(accepts !== undefined && { 'accept-encoding': accepts }), ...more };
    get(server.address + path, { headers }, (response) => {
      const chunks: Buffer[] = [];
      response.on('data', (chunk: Buffer) => chunks.push(chunk));
      response.on('end', () => done({ response, bytes: Buffer.concat(chunks) }));
    }).on('error', fail);
  });

const opened: Record<string, (bytes: Buffer) => Buffer> = {
  br: brotliDecompressSync,
  gzip: gunzipSync,
  none: (bytes) => bytes,
};

test.each([
  ['br, gzip', 'br'],
  ['gzip, deflate, br;q=0', 'gzip'],
  ['gzip;q=0.5, br;q=0.1', 'gzip'],
  ['gzip', 'gzip'],
  ['*', 'br'],
  ['identity', 'none'],
  ['deflate', 'none'],
  ['', 'none'],
  [undefined, 'none'],
])('who accepts %j is sent %s', async (accepts, form) => {
  const { response, bytes } = await raw(there.body, accepts);
  expect(response.statusCode).toBe(200);
  expect(response.headers['content-encoding'] ?? 'none').toBe(form);
  expect(response.headers.vary).toMatch(/accept-encoding/i);
  const text = opened[form]?.(bytes).toString() ?? '';
  expect(JSON.parse(text)).toMatchObject({ format: 2 });
  if (form !== 'none') expect(bytes.length).toBeLessThan(text.length / 2);
});

test('each form has a strong tag of its own, and by any of them the text is known again', async () => {
  const tags = await Promise.all(
    ['br', 'gzip', 'identity'].map(async (form) => (await raw(there.body, form)).response.headers.etag),
  );
  expect(new Set(tags).size).toBe(3);
  expect(tags.every((tag) => /^"[0-9a-f]{24}(-br|-gzip)?"$/.test(tag ?? ''))).toBe(true);
  for (const tag of tags) {
    const known = await raw(there.body, 'br', { 'if-none-match': `"other", ${tag}` });
    expect([known.response.statusCode, known.bytes.length]).toEqual([304, 0]);
  }
});

test('a manifest varies by the origin too', async () => {
  const { response } = await raw(`/m/${there.key}.json`, 'br');
  expect(response.headers.vary).toBe('Origin, Accept-Encoding');
});

test('an answer of the studio is compressed as it is made; a short one is not', async () => {
  await server.signIn();
  const long = await raw('/schema/widget.json', 'br');
  expect(long.response.headers['content-encoding']).toBe('br');
  expect(JSON.parse(brotliDecompressSync(long.bytes).toString())).toHaveProperty('type');
  const short = await raw('/api/session', 'br', { cookie: server.cookie });
  expect(short.response.headers['content-encoding']).toBeUndefined();
});

test('a body that comes compressed is refused: a small one must not become a large one', async () => {
  const { status } = await fetch(`${server.address}/c/${there.key}/events`, {
    method: 'POST',
    headers: { origin, 'content-type': 'application/json', 'content-encoding': 'gzip' },
    body: gzipSync(JSON.stringify({ events: [] })),
  });
  expect(status).toBeGreaterThanOrEqual(400);
  expect(status).toBeLessThan(500);
});

test('a short text has no compressed forms', async () => {
  expect((await encode('{"widgets":[]}')).forms).toBeNull();
  const { forms } = await encode('x'.repeat(1000));
  expect(forms?.br.length).toBeLessThan(100);
});
