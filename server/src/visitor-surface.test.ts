import { connect } from 'node:net';
import { origin, publishSignup, submission, TestServer } from './testing/server.js';
import { visitorOf } from './visitor-surface.js';

const from = (address: string) => ({ origin, 'x-forwarded-for': address });

test('a limit counts a visitor across the routes of its group', async () => {
  const server = await TestServer.start({ submissionsPerMinute: 5 });
  try {
    const there = await publishSignup(server);
    const events = () =>
      server.post(
        `/c/${there.key}/events`,
        { events: [{ type: 'shown', widget: there.widget }] },
        { origin },
      );
    const submit = () => server.post(`/c/${there.key}/submissions`, submission(there), { origin });
    for (const send of [events, submit, events, submit, events]) expect((await send()).status).toBe(202);
    for (const send of [events, submit]) {
      const { status, headers, body } = await send();
      expect([status, Number(headers.get('retry-after')) > 0]).toEqual([429, true]);
      expect(body.message).toMatch(/^Too many requests from this address. Try again in \d+ seconds.$/);
    }
  } finally {
    await server.stop();
  }
});

test('what pages fetch has a limit too, a generous one', async () => {
  const server = await TestServer.start({ readsPerMinute: 20 });
  try {
    const there = await publishSignup(server);
    const statuses: number[] = [];
    for (let at = 0; at < 22; at++)
      statuses.push(
        (await server.get(at % 2 ? there.body : `/m/${there.key}.json`, { origin, cookie: '' })).status,
      );
    expect(statuses.filter((status) => status === 429).length).toBeGreaterThan(1);
    expect(statuses.slice(0, 18).every((status) => status === 200)).toBe(true);
    // The studio is not a visitor.
    expect((await server.get('/api/sites')).status).toBe(200);
  } finally {
    await server.stop();
  }
});

test.each<[string, false | number | string[], string[], number]>([
  ['nobody is believed without a proxy', false, ['1.1.1.1', '2.2.2.2', '3.3.3.3'], 1],
  [
    'one hop: what the proxy itself has seen',
    1,
    ['9.9.9.9, 1.1.1.1', '8.8.8.8, 1.1.1.1', '7.7.7.7, 1.1.1.1'],
    1,
  ],
  ['one hop: each visitor for themselves', 1, ['1.1.1.1', '2.2.2.2', '3.3.3.3'], 3],
  ['a network that this request does not come from', ['10.0.0.0/8'], ['1.1.1.1', '2.2.2.2'], 1],
  ['the network that it comes from', ['127.0.0.0/8'], ['1.1.1.1', '2.2.2.2'], 2],
])('limits: %s', async (_, trustProxy, addresses, visitors) => {
  const server = await TestServer.start({ trustProxy, submissionsPerMinute: 1 });
  try {
    const there = await publishSignup(server);
    const taken = [];
    for (const address of addresses) {
      const sent = submission(there, { email: `v${taken.length}@x.example` });
      taken.push((await server.post(`/c/${there.key}/submissions`, sent, from(address))).status);
    }
    expect(taken.filter((status) => status === 202)).toHaveLength(visitors);
  } finally {
    await server.stop();
  }
});

test.each([
  ['1.2.3.4', '1.2.3.4'],
  ['::ffff:1.2.3.4', '1.2.3.4'],
  ['2606:4700:1:2:3:4:5:6', '2606:4700:1:2'],
  ['2606:4700:1:2:ffff::1', '2606:4700:1:2'],
  ['nonsense', 'nonsense'],
])('%s is counted as %s', (ip, visitor) => {
  expect(visitorOf({ ip })).toBe(visitor);
});

/** Sends the head of a request with a large body to come, and none of it; resolved with what comes back, or nothing. */
function halfSent(server: TestServer, head: string): Promise<string> {
  const { hostname, port } = new URL(server.address);
  return new Promise((resolve) => {
    let heard = '';
    const socket = connect(Number(port), hostname, () =>
      socket.write(`${head}\r\nHost: x\r\nContent-Length: 39000000\r\n\r\n`),
    );
    socket.on('data', (chunk) => {
      heard += String(chunk);
      if (heard.includes('\r\n\r\n')) socket.destroy();
    });
    socket.on('close', () => resolve(heard));
    socket.on('error', () => {});
  });
}

test.each([
  ['an upload', 'POST /api/sites/any/assets?name=x HTTP/1.1\r\nContent-Type: application/octet-stream'],
  ['a document', 'PUT /api/widgets/any/draft HTTP/1.1\r\nContent-Type: application/json'],
  ['a brand', 'PUT /api/sites/any/brand HTTP/1.1\r\nContent-Type: application/json'],
])('strangers are turned away before a byte of %s is read', async (_, head) => {
  const server = await TestServer.start();
  try {
    expect(await halfSent(server, head)).toMatch(/^HTTP\/1.1 401 /);
  } finally {
    await server.stop();
  }
});

test('what is nowhere is not read', async () => {
  const server = await TestServer.start();
  try {
    expect(await halfSent(server, 'POST /nowhere HTTP/1.1\r\nContent-Type: application/json')).toMatch(
      /^HTTP\/1.1 404 /,
    );
  } finally {
    await server.stop();
  }
});

test('a sign-in is small', async () => {
  const server = await TestServer.start();
  try {
    const { status } = await server.post('/api/session', {
      email: 'a@x.example',
      password: 'x'.repeat(100_000),
    });
    expect(status).toBe(413);
  } finally {
    await server.stop();
  }
});

test('pages that load nothing from elsewhere unless it says so may load widgets', async () => {
  const server = await TestServer.start();
  try {
    const there = await publishSignup(server);
    for (const path of [`/m/${there.key}.json`, there.body, '/fonts/fraunces.woff2']) {
      const { headers } = await fetch(server.address + path, { headers: { origin } });
      expect([path, headers.get('cross-origin-resource-policy')]).toEqual([path, 'cross-origin']);
    }
  } finally {
    await server.stop();
  }
});

test('half a request does not keep the process from ending', async () => {
  const server = await TestServer.start();
  const { hostname, port } = new URL(server.address);
  const socket = connect(Number(port), hostname);
  socket.on('error', () => {});
  const closed = new Promise((done) => socket.on('close', done));
  socket.write(
    'POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nContent-Length: 50\r\n\r\n{',
  );
  await new Promise((done) => setTimeout(done, 100));
  await server.stop();
  await closed;
}, 12_000);
