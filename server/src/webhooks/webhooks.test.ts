import { OutboxService } from '../actions/outbox.service.js';
import { HookSink } from '../standins/hook-sink.js';
import {
  publishAlso,
  publishSignup,
  signupDocument,
  submission,
  origin,
  TestServer,
} from '../testing/server.js';
import { Webhook } from 'standardwebhooks';
import { isGenuine, newWebhookKey, webhookHeaders } from './signature.js';

describe('a signature', () => {
  const key = 'whsec_plJ3nmyCDGBKInavdOK15jsl';
  const message = {
    id: 'msg_loFOjxNNrRLzqYUf',
    timestamp: 1_731_705_121,
    body: '{"event_type":"ping","data":{"success":true}}',
  };

  it('is what the standard’s own library takes', () => {
    const now = Math.floor(Date.now() / 1000);
    const fresh = { ...message, timestamp: now };
    const own = newWebhookKey();
    const headers = webhookHeaders(fresh, [own, key]);
    for (const one of [own, key])
      expect(new Webhook(one).verify(message.body, headers)).toEqual(JSON.parse(message.body));
    expect(() => new Webhook(newWebhookKey()).verify(message.body, headers)).toThrow();
    const signature = new Webhook(own).sign(fresh.id, new Date(now * 1000), fresh.body);
    expect(isGenuine(fresh, signature, [own], now)).toBe(true);
  });

  it('is taken from who has the key, a moment ago, and from nobody else', () => {
    const other = 'whsec_c2VjcmV0c2VjcmV0c2VjcmV0c2VjcmV0';
    const { 'webhook-signature': both = '' } = webhookHeaders(message, [other, key]);
    const now = message.timestamp + 60;
    expect(isGenuine(message, both, [key], now)).toBe(true);
    expect(isGenuine(message, both, [other], now)).toBe(true);
    expect(isGenuine(message, both.split(' ')[0] ?? '', [key], now)).toBe(false);
    expect(isGenuine({ ...message, body: '{}' }, both, [key], now)).toBe(false);
    expect(isGenuine({ ...message, id: 'msg_other' }, both, [key], now)).toBe(false);
    expect(isGenuine(message, both, [key], message.timestamp + 301)).toBe(false);
    expect(isGenuine({ ...message, timestamp: NaN }, both, [key], now)).toBe(false);
    for (const odd of ['', 'v1', 'v1,', 'v2,abc', 'v1a,rAvf'])
      expect(isGenuine(message, odd, [key], now)).toBe(false);
  });
});

describe('a webhook', () => {
  let server: TestServer;
  let there: Awaited<ReturnType<typeof publishSignup>>;
  let url: string;
  const port = 16_325 + (process.pid % 1000);

  beforeAll(async () => {
    server = await TestServer.start({ standinHookPort: port, privateHosts: [`127.0.0.1:${port}`] });
    there = await publishSignup(server);
    url = String(server.app.get(HookSink).urlOf(there.key));
  });
  afterAll(() => server.stop());

  /** Sends a submission of a widget with these actions. */
  async function send(actions: object[], values = {}) {
    const document = { ...signupDocument(), name: 'Hooked' };
    document.afterwards.actions = actions as never;
    const sent = submission(await publishAlso(server, there, document), values);
    const answer = await server.post(`/c/${there.key}/submissions`, sent, { origin });
    expect([answer.status, answer.body]).toEqual([202, { id: sent.id }]);
    return {
      sent,
      run: () => server.app.get(OutboxService).runDue(),
      deliveries: async () => {
        const { body: stored } = await server.get(`/api/sites/${there.siteId}/submissions/${sent.id}`);
        return stored.deliveries as {
          state: string;
          lastError: string | null;
          label: string;
          attempts: number;
        }[];
      },
    };
  }
  const received = async () => (await server.get(`/api/sites/${there.siteId}/test-webhooks`)).body;
  const behave = (behaviour: string) => server.put(`/api/sites/${there.siteId}/test-webhooks`, { behaviour });

  it('arrives signed, with the answers', async () => {
    const { sent, run, deliveries } = await send([{ type: 'webhook', url }]);
    await run();
    expect(await deliveries()).toMatchObject([{ state: 'sent', label: `Webhook to 127.0.0.1:${port}` }]);
    const [call] = (await received()).calls;
    expect(call).toMatchObject({ genuine: true, times: 1, answered: 204 });
    expect(JSON.parse(call.body)).toMatchObject({
      type: 'submission.received',
      data: {
        id: sent.id,
        widget: { name: 'Hooked' },
        person: { email: 'mira@stone.example' },
        answers: [
          { key: 'name', value: 'Mira Stone' },
          { key: 'email', value: 'mira@stone.example' },
        ],
      },
    });
  });

  it('is tried again under the same id where the receiver fails', async () => {
    await behave('fail');
    const { run, deliveries } = await send([{ type: 'webhook', url }]);
    await run();
    expect(await deliveries()).toMatchObject([
      { state: 'waiting', lastError: 'The receiver answered 500.', attempts: 1 },
    ]);
    await behave('ok');
    server.clock.pass(60_000);
    await run();
    expect(await deliveries()).toMatchObject([{ state: 'sent', attempts: 2 }]);
    expect((await received()).calls[0]).toMatchObject({ times: 2, answered: 204 });
  });

  it('is not tried again where the receiver wants no more', async () => {
    await behave('gone');
    const { run, deliveries } = await send([{ type: 'webhook', url }]);
    await run();
    await behave('ok');
    expect(await deliveries()).toMatchObject([{ state: 'failed', lastError: expect.stringMatching(/410/) }]);
  });

  it('never calls into the server’s own network', async () => {
    for (const address of ['http://127.0.0.1:9/x', 'http://10.0.0.1/x', 'http://[::1]/x']) {
      const { run, deliveries } = await send([{ type: 'webhook', url: address }]);
      await run();
      expect(await deliveries()).toMatchObject([
        { state: 'waiting', lastError: expect.stringMatching(/private one/) },
      ]);
    }
  });

  it('follows only where its condition holds', async () => {
    const when = { all: [{ type: 'answer', field: 'name', how: 'equals', value: 'Mira Stone' }] };
    expect(await (await send([{ type: 'webhook', url, when }])).deliveries()).toHaveLength(1);
    expect(await (await send([{ type: 'webhook', url, when }], { name: 'Jory' })).deliveries()).toHaveLength(
      0,
    );
  });

  it('is signed with the old key too for a day after a new one was made', async () => {
    const path = `/api/sites/${there.siteId}/webhook-key`;
    const { body: before } = await server.get(path);
    expect(before.key).toMatch(/^whsec_[A-Za-z0-9+/]{43}=$/);
    server.clock.pass(1000);
    const rotate = () => server.post(`${path}/rotate`, { since: before.createdAt });
    const { body: after } = await rotate();
    expect((await rotate()).status).toBe(409);
    expect(after.key).not.toBe(before.key);
    expect(after.previousUntil).toBe(server.clock.time + 86_400_000);
    const { run } = await send([{ type: 'webhook', url }]);
    await run();
    expect((await received()).calls[0]).toMatchObject({ genuine: true });
    server.clock.pass(86_400_001);
    expect((await server.get(path)).body).toEqual({ ...after, previousUntil: null });
  });

  it('what is no signed message of the site is refused, and shown as such', async () => {
    const forged = await fetch(url, {
      method: 'POST',
      headers: { 'webhook-id': 'd_forged', 'webhook-timestamp': '1', 'webhook-signature': 'v1,AAAA' },
      body: '{}',
    });
    expect(forged.status).toBe(401);
    expect((await received()).calls).toContainEqual(
      expect.objectContaining({ id: 'd_forged', genuine: false }),
    );
    expect((await fetch(`${url}x`, { method: 'POST', body: '{}' })).status).toBe(404);
    expect((await fetch(url)).status).toBe(404);
  });

  it('an address that is none can’t be saved', async () => {
    const document = signupDocument();
    document.afterwards.actions = [{ type: 'webhook', url: 'ftp://place.example' }];
    const { status, body } = await server.post(`/api/sites/${there.siteId}/widgets`, {
      name: 'Hooked',
      document,
    });
    expect([status, JSON.stringify(body)]).toEqual([400, expect.stringMatching(/actions\.0\.url/)]);
  });

  it('its key is no part of the database as it lies there', async () => {
    const { body } = await server.get(`/api/sites/${there.siteId}/webhook-key`);
    const { readFileSync, readdirSync } = await import('node:fs');
    const files = readdirSync(server.folder).filter((name) => name.startsWith('sirene.db'));
    for (const file of files)
      expect(readFileSync(`${server.folder}/${file}`).includes(body.key.slice(6))).toBe(false);
  });
});

test('the sender is answered in their own words, and people are told in theirs', async () => {
  const port = 17_325 + (process.pid % 1000);
  const server = await TestServer.start({ standinSmtpPort: port, smtpUrl: `smtp://127.0.0.1:${port}` });
  try {
    const there = await publishSignup(server);
    const document = signupDocument();
    document.afterwards.actions = [
      {
        type: 'notify',
        recipients: ['desk@larkmoor.example'],
        subject: 'From {{name}}',
        text: '{{email}} wrote.',
      },
      {
        type: 'reply',
        subject: 'Hello {{name}}{{nothing}}',
        text: 'Dear {{name}},\n\n{{form.answers}}\n\n{{site.name}}',
        replyTo: 'desk@larkmoor.example',
      },
    ];
    const { body: widget } = await server.post(`/api/sites/${there.siteId}/widgets`, {
      name: 'Letters',
      document,
    });
    await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
    const { body: manifest } = await server.get(`/m/${there.key}.json`, { origin });
    const { body } = manifest.widgets.find(({ id }: { id: string }) => id === widget.id);
    const values = { name: 'Mira\r\nBcc: boss@elsewhere.example' };
    await server.post(
      `/c/${there.key}/submissions`,
      submission({ ...there, widget: widget.id, body }, values),
      {
        origin,
      },
    );
    await server.app.get(OutboxService).runDue();
    const { body: mails } = await server.get('/api/post');
    const read = async (to: string) => {
      const { id } = mails.find(({ recipients }: { recipients: string[] }) => recipients.includes(to));
      return (await server.get(`/api/post/${id}`)).body;
    };
    const name = 'Mira Bcc: boss@elsewhere.example';
    const told = await read('desk@larkmoor.example');
    expect([told.subject, told.text.trim(), told.recipients]).toEqual([
      `From ${name}`,
      'mira@stone.example wrote.',
      ['desk@larkmoor.example'],
    ]);
    const reply = await read('mira@stone.example');
    expect(reply.subject).toBe(`Hello ${name}`);
    expect(reply.text).toContain('E-mail: mira@stone.example');
    expect(reply.text).toContain('Larkmoor');
    const header = (wanted: string) =>
      reply.headers.find((one: { name: string }) => one.name === wanted)?.value;
    expect([header('reply-to'), header('auto-submitted')]).toEqual(['desk@larkmoor.example', 'auto-replied']);
  } finally {
    await server.stop();
  }
});
