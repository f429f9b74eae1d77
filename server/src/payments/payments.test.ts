import { OutboxService } from '../actions/outbox.service.js';
import { ServicesService } from '../services/services.service.js';
import { SitesService } from '../sites/sites.service.js';
import {
  origin,
  publishAlso,
  publishSignup,
  signupDocument,
  submission,
  TestServer,
} from '../testing/server.js';
import { webhookHeaders } from '../webhooks/signature.js';
import { PaymentsService } from './payments.service.js';

const port = 17_300 + (process.pid % 1000) * 2;
const standin = `http://127.0.0.1:${port + 1}`;

let server: TestServer;
let there: Awaited<ReturnType<typeof publishSignup>>;

beforeAll(async () => {
  server = await TestServer.start({
    port,
    origin: `http://127.0.0.1:${port}`,
    standinPaymentPort: port + 1,
    privateHosts: [`127.0.0.1:${port + 1}`],
  });
  there = await publishSignup(server);
  const document = signupDocument();
  document.name = 'Fund';
  document.elements['gift'] = {
    ...{ type: 'amounts', key: 'gift', label: 'Your gift', currency: 'EUR', locale: 'en' },
    amounts: [
      { value: 15, words: '' },
      { value: 40, words: '' },
    ],
    ...{ ownLabel: 'Another amount', ownMin: 5 },
  } as never;
  document.elements['form'] = { type: 'form', children: ['name', 'email', 'gift', 'send'] };
  document.afterwards.actions = [
    {
      ...{ type: 'payment', amount: '{{gift}}', currency: 'EUR', description: 'The motor, from {{name}}' },
      ...{ receiptSubject: 'Thank you, {{name}}', receipt: 'Your gift has arrived.' },
    },
  ];
  there = await publishAlso(server, there, document);
});
afterAll(() => server.stop());

const runDue = () => server.app.get(OutboxService).runDue();
const path = (rest: string) => `/api/sites/${there.siteId}/${rest}`;

async function give(gift: string, values = {}) {
  server.clock.pass(1000);
  const sent = submission(there, { gift, ...values });
  const answer = await server.post(`/c/${there.key}/submissions`, sent, { origin });
  expect(answer.status).toBe(202);
  return { sent, next: answer.body.next as string };
}

const stored = async ({ sent }: { sent: { id: string } }) =>
  (await server.get(path(`submissions/${sent.id}`))).body;
const paymentOf = async (given: { sent: { id: string } }) => (await stored(given)).payment;
const press = (url: string, outcome: string) =>
  fetch(`${url}/${outcome}`, { method: 'POST', redirect: 'manual' });

async function pageOf({ sent }: { sent: { id: string } }) {
  const payment = await server.app.get(PaymentsService).of(there.siteId, sent.id);
  return `/p/${there.key}/pay/${payment?.token}`;
}

/** Presses the button of a payment's page; returns where it goes on to. */
async function goOn(page: string): Promise<string> {
  const answer = await fetch(server.address + page, { method: 'POST' });
  return /http-equiv="refresh" content="0;url=([^"]+)"/.exec(await answer.text())?.[1] ?? '';
}

/** A result as the payment service would send it, with what is changed of it. */
async function tell(type: string, data: object, { id = `msg-${type}`, late = 0, key = '' } = {}) {
  const site = await server.app.get(SitesService).byKey(there.key);
  const account = await server.app.get(ServicesService).of(site, 'payments');
  const body = JSON.stringify({ type, data });
  const timestamp = Math.floor(server.clock.now() / 1000) - late;
  const headers = webhookHeaders({ id, timestamp, body }, [key || (account?.signingKey ?? '')]);
  return server.post(`/p/${there.key}/payments`, body, headers);
}

test('a visitor pays at the payment service; the submission says so, and the receipt goes out once', async () => {
  const given = await give('40');
  expect(given.next).toMatch(new RegExp(`^${standin}/pay/`));
  expect(await paymentOf(given)).toMatchObject({
    units: 4000,
    currency: 'EUR',
    state: 'open',
    description: 'The motor, from Mira Stone',
  });
  const page = await (await fetch(given.next)).text();
  expect(page).toContain('€40');
  const paid = await press(given.next, 'paid');
  expect([paid.status, paid.headers.get('location')]).toEqual([
    303,
    `${server.config.origin}${await pageOf(given)}`,
  ]);
  expect(await paymentOf(given)).toMatchObject({ state: 'paid' });
  const { body: receipt } = await server.get(await pageOf(given));
  expect(receipt).toContain('Thank you, it is paid');
  expect(receipt).toContain('€40');
  expect(receipt).not.toContain('<script');
  await press(given.next, 'failed');
  await runDue();
  const { deliveries, payment } = await stored(given);
  expect(payment.state).toBe('paid');
  expect(deliveries.map(({ label }: { label: string }) => label).sort()).toEqual([
    'Payment: The motor, from Mira Stone',
    'Receipt to mira@stone.example',
  ]);
  const { body: sessions } = await server.get(path('test-payments'));
  expect(sessions.sessions[0]).toMatchObject({ units: 4000, status: 'paid', told: true });
});

test('the same submission sent again leads to the same session', async () => {
  const given = await give('15');
  const again = await server.post(`/c/${there.key}/submissions`, given.sent, { origin });
  expect(again.body.next).toBe(given.next);
});

test('what failed or was left can be tried again, with another session', async () => {
  const given = await give('15');
  await press(given.next, 'failed');
  expect(await paymentOf(given)).toMatchObject({ state: 'failed' });
  const page = await pageOf(given);
  expect((await server.get(page)).body).toContain('The payment did not work');
  const second = await goOn(page);
  expect(second).toMatch(standin);
  expect(second).not.toBe(given.next);
  // A result of the first try says nothing of the second.
  const { payment } = await stored(given);
  const first = given.next.split('/').at(-1);
  const old = { session: first, reference: payment.id, amount: 1500, currency: 'EUR' };
  expect((await tell('payment.left', old)).status).toBe(204);
  expect(await paymentOf(given)).toMatchObject({ state: 'open' });
  await press(second, 'left');
  expect(await paymentOf(given)).toMatchObject({ state: 'left' });
});

test('an amount of one’s own is taken from the least on, and nothing else is', async () => {
  expect(await paymentOf(await give('27,50'))).toMatchObject({ units: 2750 });
  for (const gift of ['2', 'much', '-40', '1e9', '']) {
    const sent = submission(there, { gift });
    expect((await server.post(`/c/${there.key}/submissions`, sent, { origin })).status).toBe(422);
  }
});

test('only a signed result of this moment counts, for the amount that was asked for', async () => {
  const given = await give('40');
  const { id: reference } = await paymentOf(given);
  const session = given.next.split('/').at(-1);
  const right = { session, reference, amount: 4000, currency: 'EUR' };
  const forged = `whsec_${Buffer.alloc(32).toString('base64')}`;
  expect((await tell('payment.paid', right, { key: forged })).status).toBe(401);
  expect((await tell('payment.paid', right, { late: 400 })).status).toBe(401);
  expect((await server.post(`/p/${there.key}/payments`, { type: 'payment.paid', data: right })).status).toBe(
    401,
  );
  expect((await tell('payment.paid', { ...right, amount: 1 })).status).toBe(409);
  expect((await tell('payment.paid', { ...right, currency: 'JPY' })).status).toBe(409);
  expect(await paymentOf(given)).toMatchObject({
    state: 'open',
    trouble: 'The payment service told of 4000 JPY in the place of 4000 EUR.',
  });
  expect((await tell('payment.paid', { ...right, reference: 'pay_none' })).status).toBe(404);
  expect((await tell('payment.gone', right)).status).toBe(400);
  expect((await tell('payment.paid', { ...right, amount: 'all' })).body.message).toMatch(/^data\.amount/);
  expect(await paymentOf(given)).toMatchObject({ state: 'open' });
  expect((await tell('payment.paid', right, { id: 'one' })).status).toBe(204);
  // Replayed, and out of order.
  expect((await tell('payment.paid', right, { id: 'one' })).status).toBe(204);
  expect((await tell('payment.failed', right, { id: 'two' })).status).toBe(204);
  expect(await paymentOf(given)).toMatchObject({ state: 'paid', trouble: null });
  const receipts = (await stored(given)).deliveries.filter(({ label }: { label: string }) =>
    label.startsWith('Receipt'),
  );
  expect(receipts).toHaveLength(1);
});

test('what is paid back is no part of what was raised', async () => {
  const site = await server.app.get(SitesService).byKey(there.key);
  const raised = () => server.app.get(PaymentsService).raised(site, there.widget, 'EUR');
  const before = await raised();
  const given = await give('40');
  expect(await raised()).toEqual(before);
  const { id } = await paymentOf(given);
  expect((await server.post(path(`payments/${id}/refund`))).status).toBe(409);
  await press(given.next, 'paid');
  expect(await raised()).toEqual({ units: before.units + 4000, payments: before.payments + 1 });
  const asked = `/c/${there.key}/raised?widget=${there.widget}&currency=EUR`;
  expect((await server.get(asked, { origin })).body).toEqual(await raised());
  expect((await server.get(asked, { origin: 'https://elsewhere.example' })).status).toBe(403);
  expect((await server.get(asked.replace('EUR', 'euros'), { origin })).status).toBe(400);
  expect((await server.post(path(`payments/${id}/refund`))).status).toBe(204);
  expect(await paymentOf(given)).toMatchObject({ state: 'refunded' });
  const { person } = await stored(given);
  const { timeline } = (await server.get(path(`persons/${person.id}`))).body;
  expect(timeline).toContainEqual(
    expect.objectContaining({ kind: 'payment', units: 4000, currency: 'EUR', state: 'refunded' }),
  );
  expect(await raised()).toEqual(before);
  expect((await server.post(path('payments/pay_none/refund'))).status).toBe(404);
});

test('what was paid stays when its sender is erased, without what tells who it was', async () => {
  const site = await server.app.get(SitesService).byKey(there.key);
  const raised = () => server.app.get(PaymentsService).raised(site, there.widget, 'EUR');
  const given = await give('40', { email: 'leaving@stone.example' });
  await press(given.next, 'paid');
  const [before, page] = [await raised(), await pageOf(given)];
  const { person } = await stored(given);
  expect((await server.send('DELETE', path(`persons/${person.id}`))).status).toBe(204);
  expect(await raised()).toEqual(before);
  const { body } = await server.get(page);
  expect(body).toContain('Thank you, it is paid');
  expect(body).not.toContain('Mira');
});

test('where the service can’t be had the payment waits, and its page says so', async () => {
  const settings = {
    url: 'http://127.0.0.1:9/',
    key: 'k',
    signingKey: `whsec_${Buffer.alloc(32, 1).toString('base64')}`,
  };
  expect((await server.put(path('services/payments'), { ...settings, signingKey: 'secret' })).status).toBe(
    400,
  );
  const { body } = await server.put(path('services/payments'), settings);
  expect(body).toMatchObject({ url: settings.url, isTest: false });
  expect(JSON.stringify(body)).not.toContain(settings.signingKey);
  const given = await give('15');
  expect(given.next).toBe(`${server.config.origin}${await pageOf(given)}`);
  await runDue();
  expect((await stored(given)).deliveries[0]).toMatchObject({
    state: 'waiting',
    lastError: 'The payment service can’t be reached (private).',
  });
  const tried = await fetch(server.address + (await pageOf(given)), { method: 'POST' });
  expect([tried.status, await tried.text()]).toEqual([
    200,
    expect.stringContaining('does not answer at the moment'),
  ]);
  await server.send('DELETE', path('services/payments'));
  expect(await goOn(await pageOf(given))).toMatch(standin);
});

test('a link that belongs to no payment, or to another site, shows none', async () => {
  const { body, headers } = await server.get(`/p/${there.key}/pay/none`);
  expect(body).toContain('This link leads nowhere');
  expect(headers.get('cache-control')).toBe('no-store');
  const { body: other } = await server.post('/api/sites', { name: 'Other', origins: [origin] });
  const elsewhere = (await pageOf(await give('15'))).replace(there.key, other.key);
  expect((await server.get(elsewhere)).body).toContain('This link leads nowhere');
});
