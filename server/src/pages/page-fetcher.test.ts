import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { TestServer } from '../testing/server.js';
import { isSpecialAddress } from './page-fetcher.js';

let client: Server;
let host: string;
let server: TestServer;
let path: string;

const answers: Record<string, [status: number, type: string, body: string, location?: string]> = {
  '/': [
    200,
    'text/html',
    '<title>Home &amp; moor</title><h1>Home</h1><script>alert(1)</script><link rel=stylesheet href=/site.css>',
  ],
  '/site.css': [
    200,
    'text/css',
    'body{color:#223344;background:#fdfbf7}a.button{background:#2255aa;border-radius:5px}',
  ],
  '/moved': [302, 'text/html', '', '/'],
  '/round': [302, 'text/html', '', '/round'],
  '/away': [302, 'text/html', '', 'http://169.254.169.254/latest/meta-data'],
  '/picture': [200, 'image/png', 'not text'],
  '/large': [200, 'text/html', 'x'.repeat(2_100_000)],
  '/broken': [500, 'text/html', 'no'],
};

beforeAll(async () => {
  client = createServer(({ url = '/' }, response) => {
    const [status, type, body, location] = answers[url] ?? [404, 'text/html', 'none'];
    response.writeHead(status, { 'content-type': type, ...(location && { location }) }).end(body);
  });
  await new Promise<void>((done) => client.listen(0, '127.0.0.1', done));
  host = `localhost:${(client.address() as AddressInfo).port}`;
  server = await TestServer.start({ privateHosts: [host] });
  await server.signIn();
  const origins = [`http://${host}`, 'http://127.0.0.1:1', 'http://nowhere.invalid'];
  const { body } = await server.post('/api/sites', { name: 'Larkmoor', origins });
  path = `/api/sites/${body.id}`;
});
afterAll(async () => {
  await server.stop();
  client.closeAllConnections();
  client.close();
});

const fetched = (address: string) => server.post(`${path}/pages/fetch`, { address });

test('a page of the site is fetched, and a still copy of it kept', async () => {
  const { status, body } = await fetched(`http://${host}/moved`);
  expect([status, body.address, body.title]).toEqual([201, `http://${host}/`, 'Home &amp; moor']);
  const copy = await server.get(`/stage/pages/${body.id}`);
  expect(copy.body).toContain('<h1>Home</h1>');
  expect(copy.body).not.toContain('alert');
  expect(copy.headers.get('content-security-policy')).toMatch(/default-src 'none'/);
});

test('a brand is read off the page and the sheets it links to', async () => {
  const { body } = await server.post(`${path}/brand/proposal`, { address: `http://${host}/` });
  expect(body.colours.map(({ hex }: { hex: string }) => hex)).toContain('#2255aa');
});

test.each([
  ['/round', /more than 4 redirects/],
  ['/away', /not on the site/],
  ['/picture', /is no page: it is image\/png/],
  ['/large', /larger than 2 MB/],
  ['/broken', /answered 500/],
])('%s is refused with its sentence', async (at, reason) => {
  const { status, body } = await fetched(`http://${host}${at}`);
  expect(status).toBe(400);
  expect(body.message).toMatch(reason);
});

test.each([
  ['nonsense', /full one/],
  ['file:///etc/passwd', /not on the site/],
  ['https://elsewhere.example/', /not on the site/],
  ['http://127.0.0.1:1/', /private address.*SIRENE_PRIVATE_HOSTS/],
  ['http://nowhere.invalid/', /can’t be found/],
])('%s is refused before anything is asked for', async (address, reason) => {
  const { status, body } = await fetched(address);
  expect(status).toBe(400);
  expect(body.message).toMatch(reason);
});

test.each([
  ['127.0.0.1', true],
  ['10.1.2.3', true],
  ['169.254.169.254', true],
  ['172.31.0.1', true],
  ['192.168.1.1', true],
  ['100.64.0.1', true],
  ['0.0.0.0', true],
  ['::1', true],
  ['::ffff:10.0.0.1', true],
  ['fd00::1', true],
  ['fe80::1', true],
  ['64:ff9b::7f00:1', true],
  ['8.8.8.8', false],
  ['2606:4700::1111', false],
])('%s is a special address: %s', (address, special) => {
  expect(isSpecialAddress(address)).toBe(special);
});
