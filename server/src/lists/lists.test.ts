import { OutboxService } from '../actions/outbox.service.js';
import {
  origin,
  publishAlso,
  publishSignup,
  signupDocument,
  submission,
  TestServer,
} from '../testing/server.js';

let server: TestServer;
let there: Awaited<ReturnType<typeof publishSignup>>;
const port = 17_325 + (process.pid % 1000);
const dayMs = 86_400_000;

beforeAll(async () => {
  server = await TestServer.start({ standinSmtpPort: port, smtpUrl: `smtp://127.0.0.1:${port}` });
  there = await publishSignup(server);
  const document = signupDocument();
  document.name = 'Letter';
  document.elements['agree'] = {
    ...{ type: 'field', kind: 'consent', key: 'agree', label: 'Letter', required: true },
    options: ['Yes, write to me once a month'],
  };
  document.elements['form'] = { type: 'form', children: ['name', 'email', 'agree', 'send'] };
  document.afterwards.actions = [
    {
      type: 'list',
      list: 'Sky letter',
      subject: 'Please confirm, {{name}}',
      text: 'You asked {{site.name}} for the letter.',
      welcomeSubject: 'Welcome',
      welcome: 'Dear {{name}}, clear skies.',
    },
  ];
  there = await publishAlso(server, there, document);
});
afterAll(() => server.stop());

/** A second later, so that mails have an order. */
const runDue = () => {
  server.clock.pass(1000);
  return server.app.get(OutboxService).runDue();
};

interface Mail {
  sender: string;
  subject: string;
  text: string;
  html: string;
  headers: { name: string; value: string }[];
}

async function mailsTo(email: string): Promise<Mail[]> {
  const { body } = await server.get('/api/post');
  const own = body.filter(({ recipients }: { recipients: string[] }) => recipients[0] === email);
  const read = await Promise.all(own.map(({ id }: { id: string }) => server.get(`/api/post/${id}`)));
  return read.map(({ body: mail }) => mail as Mail).reverse();
}

const pathIn = (text: string, to: string): string =>
  new RegExp(`http://studio\\.example(/p/\\S+/${to}/[\\w-]+)`).exec(text)?.[1] as string;

async function sendFrom(email: string) {
  const sent = submission(there, { email, agree: 'Yes, write to me once a month' });
  expect((await server.post(`/c/${there.key}/submissions`, sent, { origin })).status).toBe(202);
  await runDue();
  return sent;
}

async function entryOf(email: string) {
  const { body: lists } = await server.get(`/api/sites/${there.siteId}/lists`);
  const { body } = await server.get(
    `/api/sites/${there.siteId}/lists/${lists[0].id}/entries?words=${encodeURIComponent(email)}`,
  );
  return body.entries[0];
}

/** What a page without a script sends. */
const press = (path: string, body = 'x=y') =>
  server.send('POST', path, body, { 'content-type': 'application/x-www-form-urlencoded' });

test('whoever signs up is on the list once they have confirmed it from their mailbox', async () => {
  const email = 'mira@stone.example';
  const sent = await sendFrom(email);
  expect(await entryOf(email)).toMatchObject({
    state: 'pending',
    events: [
      {
        kind: 'asked',
        page: `${origin}/journal/`,
        words: 'Yes, write to me once a month',
        submission: sent.id,
      },
    ],
  });
  const [asked] = await mailsTo(email);
  expect(asked?.subject).toBe('Please confirm, Mira Stone');
  expect(asked?.sender).toBe('"Larkmoor" <post@sirene.example>');
  const path = pathIn(asked?.text ?? '', 'confirm');
  expect(asked?.html).toContain(path);

  // A mail scanner opens the link: nothing has been confirmed by that.
  const looked = await server.get(path);
  expect(looked.status).toBe(200);
  expect(looked.body).toContain('<form method="post"><button type="submit">Confirm my address');
  expect(looked.headers.get('content-security-policy')).toContain("default-src 'none'");
  expect(looked.headers.get('cache-control')).toBe('no-store');
  expect((await entryOf(email)).state).toBe('pending');

  const pressed = await press(path);
  expect(pressed.status).toBe(200);
  expect(pressed.body).toContain('Your address is confirmed');
  expect((await press(path)).body).toContain('Your address is confirmed');
  await runDue();
  const mails = await mailsTo(email);
  expect(mails.map(({ subject }) => subject)).toEqual(['Please confirm, Mira Stone', 'Welcome']);
  expect(mails[1]?.text).toContain('Dear Mira Stone, clear skies.');
  const entry = await entryOf(email);
  expect(entry.state).toBe('confirmed');
  expect(entry.events.map(({ kind }: { kind: string }) => kind)).toEqual(['asked', 'confirmed']);

  // Signing up once more asks nothing of those who are on it.
  await sendFrom(email);
  expect(await mailsTo(email)).toHaveLength(2);
});

test('a mail program unsubscribes by one click, and only a new sign-up undoes it', async () => {
  const email = 'bran@holt.example';
  await sendFrom(email);
  const confirm = pathIn((await mailsTo(email))[0]?.text ?? '', 'confirm');
  await press(confirm);
  await runDue();
  const welcome = (await mailsTo(email))[1];
  const header = (name: string) => welcome?.headers.find((one) => one.name === name)?.value;
  expect(header('list-unsubscribe-post')).toBe('List-Unsubscribe=One-Click');
  const path = pathIn(header('list-unsubscribe') ?? '', 'unsubscribe');
  expect((await server.get(path)).body).toContain('Do you want to leave');
  expect((await entryOf(email)).state).toBe('confirmed');
  const left = await press(path, 'List-Unsubscribe=One-Click');
  expect([left.status, left.headers.get('location')]).toEqual([200, null]);
  expect((await entryOf(email)).state).toBe('unsubscribed');

  // The old link does not bring them back.
  expect((await press(confirm)).body).toContain('You have left');
  expect((await entryOf(email)).state).toBe('unsubscribed');

  await sendFrom(email);
  const again = (await mailsTo(email)).at(-1);
  expect((await entryOf(email)).state).toBe('pending');
  expect(pathIn(again?.text ?? '', 'confirm')).not.toBe(confirm);
});

test('a delivery that is repeated asks nobody who has left since', async () => {
  const email = 'cleo@ash.example';
  const sent = await sendFrom(email);
  const path = pathIn((await mailsTo(email))[0]?.text ?? '', 'confirm');
  await press(path.replace('/confirm/', '/unsubscribe/'));
  const { body } = await server.get(`/api/sites/${there.siteId}/submissions/${sent.id}`);
  await server.post(`/api/sites/${there.siteId}/deliveries/${body.deliveries[0].id}/repeat`);
  await runDue();
  expect(await mailsTo(email)).toHaveLength(1);
  expect(await entryOf(email)).toMatchObject({ state: 'unsubscribed' });
});

test('a link that is late, of another site, or made up says so and changes nothing', async () => {
  const email = 'dara@fenwick.example';
  await sendFrom(email);
  const path = pathIn((await mailsTo(email))[0]?.text ?? '', 'confirm');
  const { body: other } = await server.post('/api/sites', { name: 'Weft', origins: [] });
  expect((await press(path.replace(there.key, other.key))).body).toContain('leads nowhere');
  for (const odd of ['x', '%00', '..%2f', 'a'.repeat(90)])
    expect((await press(path.replace(/[^/]+$/, odd))).status).toBe(200);
  expect((await entryOf(email)).state).toBe('pending');
  server.clock.pass(31 * dayMs);
  await server.signIn();
  expect((await press(path)).body).toContain('too old');
  expect((await entryOf(email)).state).toBe('pending');
});

test('the list is counted, read a page at a time and exported with its proof', async () => {
  const { body: lists } = await server.get(`/api/sites/${there.siteId}/lists`);
  expect(lists).toMatchObject([
    { name: 'Sky letter', counts: { pending: 2, confirmed: 1, unsubscribed: 1 } },
  ]);
  const path = `/api/sites/${there.siteId}/lists/${lists[0].id}/entries`;
  const first = await server.get(`${path}?limit=3`);
  const second = await server.get(`${path}?limit=3&after=${first.body.next}`);
  const all = [...first.body.entries, ...second.body.entries].map(({ person }) => person.email);
  expect([all.length, new Set(all).size, second.body.next]).toEqual([4, 4, null]);
  const csv = await server.get(`${path}.csv?state=confirmed`);
  const [head, row, end] = String(csv.body).split('\r\n');
  expect(head).toContain('E-mail,Name,State,Since,Asked,Page,Consent text,Confirmed,Unsubscribed');
  expect(row).toMatch(/^mira@stone\.example,Mira Stone,confirmed,.*Yes, write to me once a month/);
  expect(end).toBe('');
  expect((await server.get(`${path}?state=gone`)).status).toBe(400);
  expect((await server.get(`/api/sites/${there.siteId}/lists/no/entries`)).status).toBe(404);
});

test('a plain form is taken where links lead, and nowhere else', async () => {
  const { status } = await server.send('POST', `/c/${there.key}/submissions`, 'a=b', {
    'content-type': 'application/x-www-form-urlencoded',
    origin,
  });
  expect(status).toBe(415);
});

test('where the e-mail field has a tick for it, only who ticks it is put on the list', async () => {
  const document = signupDocument();
  document.name = 'Enquiry';
  Object.assign(document.elements['email'] ?? {}, { tick: 'Also send me the letter' });
  document.afterwards.actions = [
    { type: 'list', list: 'Sky letter', subject: 'Please confirm', text: 'You asked for the letter.' },
  ];
  const enquiry = await publishAlso(server, there, document);
  const send = async (email: string, tick: string) => {
    const sent = submission(enquiry, { email, 'email.list': tick });
    const { status } = await server.post(`/c/${enquiry.key}/submissions`, sent, { origin });
    await runDue();
    return status;
  };
  expect(await send('only@asks.example', '')).toBe(202);
  expect(await entryOf('only@asks.example')).toBeUndefined();
  expect(await send('wants@it.example', 'Also send me the letter')).toBe(202);
  expect(await entryOf('wants@it.example')).toMatchObject({
    state: 'pending',
    events: [{ words: 'Also send me the letter' }],
  });
  // Words that nobody was shown are no consent.
  expect(await send('made@up.example', 'Yes to everything')).toBe(422);
});

test('pages and mails of a mailing list speak the language of the site', async () => {
  const path = `/api/sites/${there.siteId}/brand`;
  const { body: brand } = await server.get(path);
  const speak = async (language: string) =>
    expect((await server.put(path, { ...brand, language })).status).toBe(200);
  await speak('de');
  const email = 'anna@stein.example';
  await sendFrom(email);
  const [asked] = await mailsTo(email);
  expect(asked?.html).toContain('<html lang="de" dir="ltr">');
  expect(asked?.text).toContain('Adresse bestätigen:');
  const confirm = pathIn(asked?.text ?? '', 'confirm');
  const looked = await server.get(confirm);
  expect(looked.body).toContain('<html lang="de" dir="ltr">');
  expect(looked.body).toContain('Bestätigen Sie, dass Sie „Sky letter“ von');
  expect((await press(confirm)).body).toContain('Ihre Adresse ist bestätigt');
  await runDue();
  const welcome = (await mailsTo(email))[1];
  expect(welcome?.text).toContain('Sie erhalten diese E-Mail, weil Sie dem zugestimmt haben.\nAbmelden: ');
  await speak('he');
  expect((await press(pathIn(welcome?.text ?? '', 'unsubscribe'))).body).toMatch(
    /<html lang="he" dir="rtl">.*<h1>הרישום בוטל/s,
  );
  await speak('en');
});
