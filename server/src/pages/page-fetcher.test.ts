import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { gzipSync } from 'node:zlib';
import { TestServer } from '../testing/server.js';
import { isPrivateHost, isPublicAddress } from '../net/addresses.js';

const bomb = gzipSync(Buffer.alloc(50_000_000));

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
    const page = { 'content-type': 'text/html' };
    // A site that keeps its visitors waiting, one that breaks off, one that says "gzip" and does not send it, a bomb.
    if (url === '/slow') return void response.writeHead(200, page).write('<h1>');
    if (url === '/never') return;
    if (url === '/cut')
      return void response
        .writeHead(200, { ...page, 'content-length': 999 })
        .write('<h1>', () => response.destroy());
    if (url === '/unzipped')
      return void response.writeHead(200, { ...page, 'content-encoding': 'gzip' }).end('<h1>Home</h1>');
    if (url === '/bomb')
      return void response.writeHead(200, { ...page, 'content-encoding': 'gzip' }).end(bomb);
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
  expect([status, body.address, body.title]).toEqual([201, `http://${host}/`, 'Home & moor']);
  const copy = await server.get(`/stage/pages/${body.id}`);
  expect(copy.body).toContain('<h1>Home</h1>');
  expect(copy.body).not.toContain('alert');
  const policy = copy.headers.get('content-security-policy') ?? '';
  expect(policy).toMatch(/default-src 'none'/);
  // A widget shown on it brings images and fonts that were uploaded here, over http too.
  for (const kind of ['img', 'font', 'media']) expect(policy).toMatch(new RegExp(`${kind}-src 'self' `));
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
  ['/slow', /did not answer within 1 s/],
  ['/never', /did not answer within 1 s/],
  ['/cut', /did not send the whole page/],
  ['/unzipped', /did not send the whole page/],
  ['/bomb', /larger than 2 MB/],
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
  '127.0.0.1 10.1.2.3 169.254.169.254 172.31.0.1 192.168.1.1 100.64.0.1 0.0.0.0 0.1.2.3 192.0.0.1 192.0.2.1',
  '192.88.99.1 198.18.0.1 198.51.100.7 203.0.113.9 224.0.0.1 240.0.0.1 255.255.255.255',
  '::1 :: ::ffff:10.0.0.1 ::ffff:7f00:1 ::10.0.0.1 fd00::1 fe80::1 fec0::1 ff02::1 64:ff9b::7f00:1 64:ff9b:1::1',
  '100::1 100:0:0:1::1 2001::1 2001:2::1 2001:10::1 2001:20::1 2001:db8::1 2001:1ff::1 2002::1 2002:a00:1::1',
  '3fff::1 5f00::1 4000::1 1::1 nonsense',
])('no public addresses: %s', (addresses) => {
  for (const address of addresses.split(' '))
    expect([address, isPublicAddress(address)]).toEqual([address, false]);
});

test.each(['8.8.8.8', '1.1.1.1', '2606:4700::1111', '2a00:1450::1', '::ffff:8.8.8.8'])(
  '%s is public',
  (address) => {
    expect(isPublicAddress(address)).toBe(true);
  },
);

test.each<[string, boolean]>([
  ['localhost', true],
  ['printer.local', true],
  ['intranet', true],
  ['vault.corp', true],
  ['10.0.0.1', true],
  ['[::1]', true],
  ['[fd00::2]', true],
  ['larkmoor.example', false],
  ['8.8.8.8', false],
])('the host %s says by itself that it is private: %p', (host, is) => {
  expect(isPrivateHost(host)).toBe(is);
});
