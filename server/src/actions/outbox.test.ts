import { setImmediate } from 'node:timers/promises';
import { jest } from '@jest/globals';
import { DataSource } from 'typeorm';
import { Transactions } from '../database/transactions.js';
import { NotifyHandler } from './handlers/notify.js';
import {
  origin,
  publishSignup,
  signupDocument,
  submission,
  TestServer,
  type Published,
} from '../testing/server.js';
import { MailSink } from '../standins/mail-sink.js';
import { DeliveryEntity } from './actions.entity.js';
import { waitAfter } from './backoff.js';
import { OutboxService } from './outbox.service.js';
import { writeDeliveries } from './write-deliveries.js';

interface Seen {
  id: string;
  target: string;
  state: string;
  attempts: number;
  dueAt: number;
  lastError: string | null;
}

async function sendOne(server: TestServer, there: Published): Promise<() => Promise<Seen[]>> {
  const sent = submission(there);
  await server.post(`/c/${there.key}/submissions`, sent, { origin });
  return async () =>
    (await server.get(`/api/sites/${there.siteId}/submissions/${sent.id}`)).body.deliveries as Seen[];
}

test('each recipient gets a mail of their own, by SMTP, and the stand-in keeps it', async () => {
  const port = 14_325 + (process.pid % 1000);
  const server = await TestServer.start({ standinSmtpPort: port, smtpUrl: `smtp://127.0.0.1:${port}` });
  try {
    expect(server.app.get(MailSink).port).toBe(port);
    const there = await publishSignup(server);
    const deliveries = await sendOne(server, there);
    await server.app.get(OutboxService).runDue();
    expect((await deliveries()).map(({ target, state, attempts }) => [target, state, attempts])).toEqual([
      ['desk@larkmoor.example', 'sent', 1],
      ['letters@larkmoor.example', 'sent', 1],
    ]);
    const { body: mails } = await server.get('/api/post');
    expect(mails.map(({ recipients }: { recipients: string[] }) => recipients[0]).sort()).toEqual([
      'desk@larkmoor.example',
      'letters@larkmoor.example',
    ]);
    const { body: mail } = await server.get(`/api/post/${mails[0].id}`);
    expect(mail.subject).toBe('New reader');
    expect(mail.text).toContain('E-mail: mira@stone.example');
    expect(mail.text).toContain(`Sent from: Journal – ${origin}/journal/`);
    const header = (name: string) => mail.headers.find((one: { name: string }) => one.name === name)?.value;
    expect(header('reply-to')).toBe('mira@stone.example');
    expect(header('message-id')).toMatch(/^<d_[0-9a-f]+@sirene>$/);

    await server.app.get(OutboxService).runDue();
    expect((await server.get('/api/post')).body).toHaveLength(2);

    const [first] = await deliveries();
    await server.post(`/api/sites/${there.siteId}/deliveries/${first?.id}/repeat`);
    await server.app.get(OutboxService).runDue();
    expect((await server.get('/api/post')).body).toHaveLength(3);
  } finally {
    await server.stop();
  }
});

test('with the mail server down the submission is kept, and its deliveries wait, retry and show so', async () => {
  const server = await TestServer.start({ smtpUrl: 'smtp://127.0.0.1:9' });
  try {
    const there = await publishSignup(server);
    const deliveries = await sendOne(server, there);
    const outbox = server.app.get(OutboxService);
    await outbox.runDue();
    const [waiting] = await deliveries();
    const wait = (attempts: number) => waitAfter(attempts, waiting?.id ?? '') ?? 0;
    expect(waiting).toMatchObject({ state: 'waiting', attempts: 1, dueAt: server.clock.time + wait(1) });
    expect(waiting?.lastError).toMatch(/ECONNREFUSED/);

    await outbox.runDue();
    expect((await deliveries())[0]?.attempts).toBe(1);

    for (let attempts = 1; attempts <= 7; attempts++) {
      server.clock.pass(wait(attempts));
      await outbox.runDue();
    }
    expect((await deliveries())[0]).toMatchObject({ state: 'failed', attempts: 8 });

    await server.post(`/api/sites/${there.siteId}/deliveries/${waiting?.id}/repeat`);
    expect((await deliveries())[0]).toMatchObject({
      state: 'waiting',
      attempts: 0,
      dueAt: server.clock.time,
    });
  } finally {
    await server.stop();
  }
});

test('a target that is slow holds up no other, and nothing is tried twice at once', async () => {
  const server = await TestServer.start();
  const tried: string[] = [];
  let release = () => {};
  const slow = new Promise<void>((done) => (release = done));
  const run = jest.spyOn(server.app.get(NotifyHandler), 'run').mockImplementation(async ({ delivery }) => {
    tried.push(delivery.target);
    if (delivery.target.startsWith('desk')) await slow;
  });
  try {
    const there = await publishSignup(server);
    const outbox = server.app.get(OutboxService);
    const statesOf: (() => Promise<Seen[]>)[] = [];
    for (let at = 0; at < 30; at++) statesOf.push(await sendOne(server, there));
    const rounds = [outbox.runDue(), outbox.runDue(), outbox.runDue()];
    const letters = async () =>
      (await Promise.all(statesOf.map((states) => states())))
        .flat()
        .filter(({ target }) => target.startsWith('letters'));
    // Rounds as the clock has them, while the first is still waiting for the slow target.
    for (let left = 20; left > 0 && (await letters()).some(({ state }) => state !== 'sent'); left--)
      rounds.push(outbox.runDue());
    expect((await letters()).map(({ state }) => state)).toEqual(Array(30).fill('sent'));
    expect(tried.filter((target) => target.startsWith('desk'))).toHaveLength(16);
    release();
    await Promise.all(rounds);
    await outbox.runDue();
    await outbox.runDue();
    expect(tried.filter((target) => target.startsWith('desk'))).toHaveLength(30);
    expect(tried).toHaveLength(60);
  } finally {
    release();
    run.mockRestore();
    await server.stop();
  }
});

test('a backlog is done in one go, behind more than can be looked at of a target that hangs', async () => {
  const server = await TestServer.start();
  let release = () => {};
  const hangs = new Promise<void>((done) => (release = done));
  const tried = new Map<string, number>();
  const run = jest.spyOn(server.app.get(NotifyHandler), 'run').mockImplementation(async ({ delivery }) => {
    tried.set(delivery.target, (tried.get(delivery.target) ?? 0) + 1);
    if (delivery.target === 'hanging') await hangs;
  });
  try {
    const there = await publishSignup(server);
    await sendOne(server, there);
    const { siteId, submissionId } = await server.app
      .get(DataSource)
      .getRepository(DeliveryEntity)
      .findOneByOrFail({});
    const many = (target: string, count: number) =>
      Array.from({ length: count }, () => ({ type: 'notify', target, settings: {} }));
    await server.app
      .get(Transactions)
      .writeBare((database) =>
        writeDeliveries(
          database,
          { siteId, submissionId },
          [...many('hanging', 900), ...many('quick', 200)],
          0,
        ),
      );
    const outbox = server.app.get(OutboxService);
    const round = outbox.runDue();
    while ((tried.get('quick') ?? 0) < 200) await setImmediate();
    expect(tried.get('hanging')).toBe(16);
    release();
    await round;
    expect(tried.get('hanging')).toBe(900);
  } finally {
    release();
    run.mockRestore();
    await server.stop();
  }
});

test('what waits is tried after a restart too', async () => {
  const first = await TestServer.start();
  const there = await publishSignup(first);
  const sent = submission(there);
  await first.post(`/c/${there.key}/submissions`, sent, { origin });
  await first.stop({ keep: true });
  const second = await TestServer.start({ data: first.folder });
  try {
    await second.app.get(OutboxService).runDue();
    await second.signIn();
    const { body } = await second.get(`/api/sites/${there.siteId}/submissions/${sent.id}`);
    expect(body.deliveries[0]).toMatchObject({ attempts: 1, state: 'waiting' });
  } finally {
    await second.stop();
  }
});

test('waits grow, and end after about two days', () => {
  const waits = [1, 2, 3, 4, 5, 6, 7, 8].map((attempts) => waitAfter(attempts, 'd_1'));
  expect(waits.at(-1)).toBeNull();
  const known = waits.filter((wait) => wait !== null);
  expect([...known].sort((a, b) => a - b)).toEqual(known);
  expect(known.reduce((sum, wait) => sum + wait, 0)).toBeGreaterThan(86_400_000);
});

test('a delivery of another site can’t be repeated', async () => {
  const server = await TestServer.start();
  try {
    const there = await publishSignup(server);
    const elsewhere = await publishSignup(server);
    const [delivery] = await (await sendOne(server, there))();
    const answer = await server.post(`/api/sites/${elsewhere.siteId}/deliveries/${delivery?.id}/repeat`);
    expect(answer.status).toBe(404);
  } finally {
    await server.stop();
  }
});

test('a clock that is set back holds up nothing: neither what is new nor what waits', async () => {
  const server = await TestServer.start();
  try {
    const there = await publishSignup(server);
    const outbox = server.app.get(OutboxService);
    const tried = await sendOne(server, there);
    await outbox.runDue();
    const fresh = await sendOne(server, there);
    server.clock.pass(-86_400_000);
    await outbox.runDue();
    expect((await tried())[0]?.attempts).toBe(2);
    expect((await fresh())[0]?.attempts).toBe(1);
    // It is not tried without end either: from here on it waits by the clock as it is now.
    await outbox.runDue();
    expect((await tried())[0]?.attempts).toBe(2);
    expect((await fresh())[0]?.attempts).toBe(1);
  } finally {
    await server.stop();
  }
});

test('what has not been tried yet comes before what has failed', async () => {
  const server = await TestServer.start();
  try {
    const there = await publishSignup(server);
    const outbox = server.app.get(OutboxService);
    const sent = [];
    for (let at = 0; at < 10; at++) sent.push(await sendOne(server, there));
    await outbox.runDue();
    const fresh = await sendOne(server, there);
    // Ten to each of the two have failed, and are due again: one of each is tried, which is the new one.
    server.clock.pass(60_000);
    await outbox.runDue();
    expect((await fresh()).map(({ attempts }) => attempts)).toEqual([1, 1]);
    for (const of of sent) expect((await of()).map(({ attempts }) => attempts)).toEqual([1, 1]);
  } finally {
    await server.stop();
  }
});

test('an answer goes to who filled in the e-mail field, whatever other fields are called', async () => {
  const port = 15_325 + (process.pid % 1000);
  const server = await TestServer.start({ standinSmtpPort: port, smtpUrl: `smtp://127.0.0.1:${port}` });
  try {
    await server.signIn();
    const { body: site } = await server.post('/api/sites', { name: 'Larkmoor', origins: [origin] });
    const document = signupDocument();
    // A text field that somebody called "email", beside the real one.
    document.elements['name'] = {
      type: 'field',
      kind: 'text',
      key: 'email',
      label: 'Your e-mail program',
      required: false,
    };
    document.elements['email'] = {
      type: 'field',
      kind: 'email',
      key: 'address',
      label: 'E-mail',
      required: true,
    };
    const { body: widget } = await server.post(`/api/sites/${site.id}/widgets`, { name: 'Signup', document });
    await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
    const { body: manifest } = await server.get(`/m/${site.key}.json`, { origin });
    const sent = submission({
      siteId: site.id,
      key: site.key,
      widget: widget.id,
      body: manifest.widgets[0].body,
    });
    const values = { email: 'boss@elsewhere.example', address: 'mira@stone.example' };
    await server.post(`/c/${site.key}/submissions`, { ...sent, values }, { origin });
    await server.app.get(OutboxService).runDue();
    const { body: mails } = await server.get('/api/post');
    const { body: mail } = await server.get(`/api/post/${mails[0].id}`);
    const header = mail.headers.find(({ name }: { name: string }) => name === 'reply-to');
    expect(header?.value).toBe('mira@stone.example');
  } finally {
    await server.stop();
  }
});
