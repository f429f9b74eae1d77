import { XMLParser } from 'fast-xml-parser';
import pdfText from 'pdf-parse/lib/pdf-parse.js';
import {
  origin,
  publishAlso,
  publishSignup,
  signupDocument,
  submission,
  TestServer,
} from '../testing/server.js';
import { OutboxService } from '../actions/outbox.service.js';

const smtpPort = 21_400 + (process.pid % 1000);

let server: TestServer;
let there: Awaited<ReturnType<typeof publishSignup>>;
let person: string;

beforeAll(async () => {
  server = await TestServer.start({ standinSmtpPort: smtpPort, smtpUrl: `smtp://127.0.0.1:${smtpPort}` });
  there = await publishSignup(server);
  const document = { ...signupDocument(), name: 'Visit' };
  document.afterwards.actions = [
    { type: 'lead', stage: 'Asked', title: 'A visit of a class', value: '143.50', currency: 'EUR' },
  ];
  const sent = submission(await publishAlso(server, there, document));
  await server.post(`/c/${there.key}/submissions`, sent, { origin });
  await server.app.get(OutboxService).runDue();
  person = (await server.get(path(`submissions/${sent.id}`))).body.person.id;
});
afterAll(() => server.stop());

const path = (rest: string) => `/api/sites/${there.siteId}/${rest}`;
const draft = async () => (await server.post(path('invoices'), { person })).body;
const changesOf = ({ buyer, lines, currency, dueOn, note }: Record<string, unknown>) => ({
  ...{ buyer, lines, currency, dueOn, note },
});
const seller = {
  ...{
    name: 'Larkmoor Observatory',
    email: 'desk@larkmoor.example',
    street: 'High Lane 1',
    postcode: '12345',
  },
  ...{ city: 'Larkmoor', country: 'DE', taxId: 'DE123456789', iban: 'DE02120300000000202051' },
  ...{ exemption: '', foot: 'Open on clear evenings' },
};
const settings = {
  ...{ seller, series: 'LO-{year}-{number:4}', next: 7, dueDays: 30, currency: 'EUR' },
  items: [{ name: 'Evening for a class', unit: 'C62', price: 12_000, rate: 19 }],
};
const file = async (id: string, name: string) =>
  fetch(`${server.address}${path(`invoices/${id}/${name}`)}`, { headers: { cookie: server.cookie } });
const whole = {
  buyer: {
    ...{ name: 'Mira Stone & Söhne <Ltd>', email: 'mira@stone.example', street: 'Quarry Road 2' },
    ...{ postcode: 'AB1 2CD', city: 'Tarn', country: 'GB', taxId: '' },
  },
  lines: [
    { name: 'Evening for a class', unit: 'C62', quantity: 2, price: 12_000, rate: 19 },
    { name: 'Sky chart', unit: 'C62', quantity: 41, price: 350, rate: 7 },
    { name: 'Rebate', unit: 'LS', quantity: 1, price: -2000, rate: 19 },
  ],
  currency: 'EUR',
  dueOn: '2026-12-24',
  note: 'Thank you for coming.\u0007',
};

test('a draft begins with the person and what their lead is about', async () => {
  const { body } = await server.post(path('invoices'), { person });
  expect(body).toMatchObject({
    number: null,
    person,
    buyer: { name: 'Mira Stone', email: 'mira@stone.example' },
    lines: [{ name: 'A visit of a class', quantity: 1, price: 14_350, rate: 0 }],
    dueOn: '2026-12-08',
  });
  expect((await file(body.id, 'invoice.xml')).status).toBe(409);
  expect((await server.send('DELETE', path(`invoices/${body.id}`))).status).toBe(204);
  expect((await server.get(path(`invoices/${body.id}`))).status).toBe(404);
  expect((await server.post(path('invoices'), { person: 'p_none' })).status).toBe(404);
});

test('an invoice gets the next number, once, and is not changed from then on', async () => {
  expect((await server.put(path('invoice-settings'), settings)).status).toBe(200);
  const { id } = await draft();
  const empty = { ...whole, lines: [] };
  expect((await server.put(path(`invoices/${id}`), empty)).status).toBe(200);
  expect((await server.post(path(`invoices/${id}/issue`))).body.message).toBe('It has no lines yet.');
  expect((await server.post(path(`invoices/${id}/send`))).status).toBe(409);
  await server.put(path(`invoices/${id}`), whole);
  const { body } = await server.post(path(`invoices/${id}/issue`));
  expect(body).toMatchObject({ number: 'LO-2026-0007', issuedOn: '2026-11-24' });
  expect((await server.put(path(`invoices/${id}`), whole)).status).toBe(409);
  expect((await server.send('DELETE', path(`invoices/${id}`))).status).toBe(409);
  expect((await server.post(path(`invoices/${id}/issue`))).status).toBe(409);
  const paid = await server.put(path(`invoices/${id}/paid`), { paid: true });
  expect(paid.body.paidAt).toBe(server.clock.now());
  const { timeline } = (await server.get(path(`persons/${person}`))).body;
  const told = timeline.filter(({ kind }: { kind: string }) => kind === 'invoice');
  expect(told.map(({ text, what }: { text: string; what: string }) => [text, what])).toEqual([
    ['LO-2026-0007', 'paid'],
    ['LO-2026-0007', 'issued'],
  ]);
});

test('many who ask at once get a number each, and none is there twice, whatever the counter says', async () => {
  const drafts = await Promise.all(Array.from({ length: 12 }, draft));
  const issued = await Promise.all(drafts.map(({ id }) => server.post(path(`invoices/${id}/issue`))));
  const numbers = issued.map(({ body }) => body.number as string).sort();
  expect(numbers).toEqual(
    Array.from({ length: 12 }, (_, at) => `LO-2026-${String(at + 8).padStart(4, '0')}`),
  );
  await server.put(path('invoice-settings'), { ...settings, next: 3 });
  const taken = await Promise.all(
    Array.from(
      { length: 6 },
      async () => (await server.post(path(`invoices/${(await draft()).id}/issue`))).body.number,
    ),
  );
  expect(taken.sort()).toEqual([3, 4, 5, 6, 20, 21].map((n) => `LO-2026-${String(n).padStart(4, '0')}`));
});

test('the XML is read back by another library: parties, lines, tax and sums as EN 16931 has them', async () => {
  const { id } = await draft();
  await server.put(path(`invoices/${id}`), whole);
  await server.post(path(`invoices/${id}/issue`));
  const xml = await (await file(id, 'invoice.xml')).text();
  const { Invoice: read } = new XMLParser({
    ignoreAttributes: false,
    removeNSPrefix: true,
    parseTagValue: false,
  }).parse(xml) as { Invoice: Record<string, any> }; // eslint-disable-line @typescript-eslint/no-explicit-any -- as it was read
  expect(read).toMatchObject({
    CustomizationID: 'urn:cen.eu:en16931:2017',
    InvoiceTypeCode: '380',
    IssueDate: '2026-11-24',
    DueDate: '2026-12-24',
    Note: 'Thank you for coming.',
    DocumentCurrencyCode: 'EUR',
  });
  expect(read['AccountingCustomerParty'].Party.PartyLegalEntity.RegistrationName).toBe(
    'Mira Stone & Söhne <Ltd>',
  );
  expect(read['AccountingSupplierParty'].Party.PartyTaxScheme.CompanyID).toBe('DE123456789');
  expect(read['PaymentMeans'].PayeeFinancialAccount.ID).toBe(seller.iban);
  const subtotals = (read['TaxTotal'].TaxSubtotal as Record<string, Record<string, string>>[]).map((one) => [
    one['TaxCategory']?.['Percent'],
    one['TaxableAmount']?.['#text'],
    one['TaxAmount']?.['#text'],
  ]);
  expect(subtotals).toEqual([
    ['7', '143.50', '10.05'],
    ['19', '220.00', '41.80'],
  ]);
  expect(read['LegalMonetaryTotal']).toMatchObject({
    TaxExclusiveAmount: { '#text': '363.50', '@_currencyID': 'EUR' },
    TaxInclusiveAmount: { '#text': '415.35' },
    PayableAmount: { '#text': '415.35' },
  });
  expect(read['InvoiceLine']).toHaveLength(3);
  expect(read['InvoiceLine'][1]).toMatchObject({
    InvoicedQuantity: { '#text': '41', '@_unitCode': 'C62' },
    LineExtensionAmount: { '#text': '143.50' },
  });
});

test('the PDF is read back by another library, and a draft says that it is one', async () => {
  const { id } = await draft();
  await server.put(path(`invoices/${id}`), whole);
  const read = async () => {
    const answer = await file(id, 'invoice.pdf');
    expect(answer.headers.get('content-type')).toBe('application/pdf');
    return (await pdfText(Buffer.from(await answer.arrayBuffer()))).text;
  };
  expect(await read()).toContain('Draft');
  const { body } = await server.post(path(`invoices/${id}/issue`));
  const text = await read();
  for (const said of [
    body.number,
    'Mira Stone & Söhne <Ltd>',
    'Sky chart',
    '€415.35',
    'Open on clear evenings',
    seller.iban,
  ])
    expect(text).toContain(said);
  expect(text).not.toContain('Draft');
});

test('it is sent to its buyer as PDF and XML', async () => {
  const { id } = await draft();
  await server.put(path(`invoices/${id}`), whole);
  const { body } = await server.post(path(`invoices/${id}/issue`));
  const sent = await server.post(path(`invoices/${id}/send`));
  expect([sent.status, sent.body.sentAt]).toEqual([200, server.clock.now()]);
  const [mail] = (await server.get('/api/post')).body;
  expect(mail).toMatchObject({
    recipients: ['mira@stone.example'],
    subject: `Invoice ${body.number} from Larkmoor`,
  });
  const { attachments } = (await server.get(`/api/post/${mail.id}`)).body;
  expect(attachments.map(({ name, type }: { name: string; type: string }) => [name, type])).toEqual([
    [`invoice-${body.number}.pdf`, 'application/pdf'],
    [`invoice-${body.number}.xml`, 'application/xml'],
  ]);
});

test('the invoices of a person stay when they are erased', async () => {
  const before = (await server.get(path(`invoices?person=${person}`))).body;
  expect(before.length).toBeGreaterThan(5);
  await server.send('DELETE', path(`persons/${person}`));
  const after = (await server.get(path('invoices'))).body;
  expect(after).toHaveLength(before.length);
  expect(after[0]).toMatchObject({ person: null, buyer: { name: before[0].buyer.name } });
});

test.each([
  ['a country of three letters', { buyer: { ...whole.buyer, country: 'GER' } }, 'buyer.country'],
  ['a day that is none', { dueOn: '2026-02-30' }, 'dueOn'],
  ['a quantity of words', { lines: [{ ...whole.lines[0], quantity: 'two' }] }, 'lines.0.quantity'],
  ['a rate over all', { lines: [{ ...whole.lines[0], rate: 119 }] }, 'lines.0.rate'],
  [
    'an address that is none',
    { buyer: { ...whole.buyer, email: 'mira\r\nBcc: all@place.example' } },
    'buyer.email',
  ],
  ['an unknown field', { number: 'LO-1' }, 'number'],
])('what can’t be an invoice is refused: %s', async (_, change, at) => {
  const { body: site } = await server.post('/api/sites', { name: 'Other', origins: [origin] });
  const { status, body } = await server.put(`/api/sites/${site.id}/invoices/inv_none`, {
    ...changesOf(whole),
    ...change,
  });
  expect(status).toBe(400);
  expect(body.problems[0].path).toBe(at);
});

test('a series without a number is refused', async () => {
  const { status, body } = await server.put(path('invoice-settings'), { ...settings, series: 'LO-{year}' });
  expect([status, body.problems[0]]).toEqual([400, { path: 'series', reason: 'must have {number} in it' }]);
});
