// Pages that are fetched for the stage: never from the network that the server stands in, however its address is written.
import { createServer } from 'node:http';

const spellings = (port) =>
  [
    '127.0.0.1',
    '127.1',
    '127.0.1',
    '2130706433',
    '0x7f000001',
    '0x7f.0.0.1',
    '017700000001',
    '0177.0.0.1',
    '0',
    '0.0.0.0',
    '127.0.0.2',
    '127.255.255.254',
    'localhost',
    'LOCALHOST',
    'localhost.',
    '[::1]',
    '[::]',
    '[0:0:0:0:0:0:0:1]',
    '[::ffff:127.0.0.1]',
    '[::ffff:7f00:1]',
    '[0:0:0:0:0:ffff:7f00:1]',
    '[::127.0.0.1]',
    '[64:ff9b::7f00:1]',
    '[64:ff9b:1::7f00:1]',
    '[2002:7f00:1::]',
    '[2001::1]',
    '[fe80::1]',
    '[fec0::1]',
    '[fd00::1]',
    '[100::1]',
    '[3fff::1]',
    '[5f00::1]',
    '[ff02::1]',
    '[2001:db8::1]',
    '10.0.0.1',
    '10.255.255.255',
    '172.16.0.1',
    '172.31.255.255',
    '192.168.0.1',
    '169.254.169.254',
    '169.254.0.1',
    '100.64.0.1',
    '100.127.255.255',
    '192.0.0.1',
    '192.0.2.1',
    '192.88.99.1',
    '198.18.0.1',
    '198.51.100.1',
    '203.0.113.1',
    '224.0.0.1',
    '240.0.0.1',
    '255.255.255.255',
    '①②⑦.⓪.⓪.①',
    '127。0。0。1',
    '127%2e0.0.1',
  ].map((host) => `http://${host}:${port}`);

export default async function inside(target) {
  let reached = 0;
  const canary = createServer((_, response) => {
    reached++;
    response.writeHead(200, { 'content-type': 'text/html' }).end('<h1>Inside</h1>');
  });
  await new Promise((done) => canary.listen(0, '::', done));
  const { port } = canary.address();
  const { send } = await target.signIn();
  const refusals = [];
  for (const address of spellings(port)) {
    // As far as a site may have such an origin at all; a browser writes an address in one way, and so do origins.
    const origin = URL.canParse(address) ? new URL(address).origin : address;
    for (const origins of new Set([origin, address])) {
      const site = await send('POST', '/api/sites', { name: 'Inside', origins: [origins] });
      if (site.status >= 400) {
        refusals.push(site.status);
        continue;
      }
      for (const [path, body] of [
        ['pages/fetch', { address: `${address}/` }],
        ['brand/proposal', { address: `${address}/` }],
      ])
        refusals.push((await send('POST', `/api/sites/${site.body.id}/${path}`, body)).status);
    }
  }
  canary.close();
  return [
    {
      name: `${refusals.length} tries to fetch from inside: all refused`,
      ok: refusals.every((status) => status >= 400 && status < 500),
      detail: [...new Set(refusals)].join(', '),
    },
    { name: 'no connection was made', ok: reached === 0, detail: `${reached} requests arrived` },
  ];
}
