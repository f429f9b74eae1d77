import { findProof, leastWork, workOf } from '@sirene/core/form/work';
import {
  origin,
  publishSignup,
  submission,
  submissionId,
  TestServer,
  type Published,
} from '../testing/server.js';

let server: TestServer;
let published: Published;

beforeAll(async () => {
  server = await TestServer.start({ writeThread: true });
  published = await publishSignup(server);
});
afterAll(() => server.stop());

const send = (body: unknown, headers: Record<string, string> = { origin }) =>
  server.post(`/c/${published.key}/submissions`, body, headers);
const stored = async () => (await server.get(`/api/sites/${published.siteId}/submissions`)).body;

test('a submission is stored with its person, page, version and deliveries before it is acknowledged', async () => {
  const sent = submission(published);
  const answer = await send(sent);
  expect(answer.status).toBe(202);
  expect(answer.body).toEqual({ id: sent.id });
  const { body } = await server.get(`/api/sites/${published.siteId}/submissions/${sent.id}`);
  expect(body).toMatchObject({
    widget: { name: 'Signup', version: 1 },
    person: { name: 'Mira Stone', email: 'mira@stone.example' },
    fields: [
      { key: 'name', label: 'Your name', value: 'Mira Stone' },
      { key: 'email', label: 'E-mail', value: 'mira@stone.example' },
    ],
    page: `${origin}/journal/`,
    pageTitle: 'Journal',
    receivedAt: server.clock.time,
  });
  expect(
    body.deliveries.map(({ target, state }: { target: string; state: string }) => [target, state]),
  ).toEqual([
    ['desk@larkmoor.example', 'waiting'],
    ['letters@larkmoor.example', 'waiting'],
  ]);
});

test('the same id twice is one row and the same answer, even at the same moment', async () => {
  const before = (await stored()).total;
  const sent = submission(published, { email: 'twice@x.example' });
  const answers = await Promise.all([send(sent), send(sent), send(sent)]);
  for (const answer of answers) expect([answer.status, answer.body]).toEqual([202, { id: sent.id }]);
  expect((await stored()).total).toBe(before + 1);
});

test('many at once are all stored, each with its own answer', async () => {
  const before = (await stored()).total;
  const all = Array.from({ length: 60 }, (_, at) => submission(published, { email: `p${at}@x.example` }));
  const answers = await Promise.all(all.map((one) => send(one)));
  expect(answers.map(({ status }) => status)).toEqual(all.map(() => 202));
  expect(answers.map(({ body }) => body.id)).toEqual(all.map(({ id }) => id));
  expect((await stored()).total).toBe(before + 60);
});

test('one person who sends twice stays one person, by the newer name', async () => {
  await send(submission(published, { email: 'same@x.example', name: 'First' }));
  await send(submission(published, { email: 'SAME@x.example', name: 'Second' }));
  const { body } = await server.get(`/api/sites/${published.siteId}/submissions?words=same@x.example`);
  expect(new Set(body.submissions.map(({ person }: { person: { id: string } }) => person.id)).size).toBe(1);
  expect(body.submissions[0].person.name).toBe('Second');
});

test('a mistake in a field is told by field, and nothing is stored', async () => {
  const before = (await stored()).total;
  const answer = await send(submission(published, { email: 'mira@stone' }));
  expect(answer.status).toBe(422);
  expect(answer.body.message).toMatch(/^values\.email: Please check the address/);
  expect(answer.body.faults).toEqual([
    expect.objectContaining({ key: 'email', element: 'email', problem: 'malformed' }),
  ]);
  expect((await stored()).total).toBe(before);
});

const manyFields = Object.fromEntries(Array.from({ length: 10_000 }, (_, at) => [`f${at}`, 'x']));

test.each<[string, (right: ReturnType<typeof submission>) => unknown, number, RegExp]>([
  ['a value missing', (right) => ({ ...right, values: {} }), 422, /^values\.email: Please enter/],
  [
    'a value that is no text',
    (right) => ({ ...right, values: { email: { $gt: '' } } }),
    422,
    /^values\.email/,
  ],
  [
    'a value too long',
    (right) => ({ ...right, values: { email: 'a@b.example', name: 'x'.repeat(121) } }),
    422,
    /^values\.name: Please shorten/,
  ],
  [
    'an unknown field',
    (right) => ({ ...right, values: { ...right.values, role: 'admin' } }),
    400,
    /^values\.role is not a known field/,
  ],
  [
    '10 000 fields',
    (right) => ({ ...right, values: { email: 'a@b.example', ...manyFields } }),
    413,
    /too large/,
  ],
  ['an unknown property', (right) => ({ ...right, admin: true }), 400, /^admin is not a known field/],
  ['an unknown widget', (right) => ({ ...right, widget: 'w_nobody' }), 404, /^widget is not known/],
  [
    'an unknown body',
    (right) => ({ ...right, body: `/b/${'0'.repeat(32)}.json` }),
    404,
    /^body was never published/,
  ],
  ['an unknown form', (right) => ({ ...right, form: 'elsewhere' }), 404, /^form elsewhere is not part/],
  [
    'a form of the prototype',
    (right) => ({ ...right, form: 'constructor' }),
    404,
    /^form constructor is not part/,
  ],
  ['an id that is none', (right) => ({ ...right, id: 'x' }), 400, /^id must be 32 hexadecimal digits/],
  ['no values at all', ({ values: _, ...rest }) => rest, 400, /^values must be an object/],
  ['a list for values', (right) => ({ ...right, values: [] }), 400, /^values must be an object/],
  [
    'a page that is too long',
    (right) => ({ ...right, page: `https://x.example/${'a'.repeat(3000)}` }),
    400,
    /^page must be shorter/,
  ],
  ['no JSON', () => '{"id":', 400, /not valid JSON/],
  ['a text for a body', () => '"hello"', 400, /./],
  ['null', () => 'null', 400, /./],
  ['nothing', () => '', 400, /./],
  ['5 MB', () => JSON.stringify({ id: 'x'.repeat(5_000_000) }), 413, /too large/],
])('%s is refused with a plain reason', async (_, wrong, status, message) => {
  const before = (await stored()).total;
  const answer = await send(wrong(submission(published)));
  expect(answer.body.message).toMatch(message);
  expect(answer.status).toBe(status);
  expect((await stored()).total).toBe(before);
});

test('an unknown site key is named', async () => {
  const answer = await server.post('/c/nowhere/submissions', submission(published), { origin });
  expect([answer.status, answer.body.message]).toEqual([404, expect.stringContaining('"nowhere"')]);
});

test.each([{ origin: 'https://evil.example' }, { origin: 'null' }, {}])(
  'a page of %j is refused and told why',
  async (headers) => {
    const answer = await send(submission(published), headers as Record<string, string>);
    expect([answer.status, answer.body.message]).toEqual([
      403,
      expect.stringMatching(/allowed origins of Larkmoor/),
    ]);
  },
);

test('an id that another widget has used is not taken over', async () => {
  const { body: other } = await server.post(`/api/sites/${published.siteId}/widgets`, { name: 'Other' });
  expect(other.id).toBeDefined();
  const sent = submission(published);
  await send(sent);
  const second = await publishSignup(server);
  const elsewhere = await server.post(
    `/c/${second.key}/submissions`,
    { ...submission(second), id: sent.id },
    { origin },
  );
  expect(elsewhere.status).toBe(202);
  const { body } = await server.get(`/api/sites/${published.siteId}/submissions/${sent.id}`);
  expect(body.widget.id).toBe(published.widget);
});

test('whoever filled in an older version is held to the rules they saw', async () => {
  const { body: widget } = await server.get(`/api/widgets/${published.widget}`);
  const document = widget.document;
  document.elements.name.required = true;
  await server.put(`/api/widgets/${widget.id}/draft`, { base: widget.draftVersion, document });
  await server.post(`/api/widgets/${widget.id}/publish`, { base: widget.draftVersion + 1 });
  const { body: manifest } = await server.get(`/m/${published.key}.json`, { origin });
  const fresh = { ...published, body: manifest.widgets[0].body };
  expect(fresh.body).not.toBe(published.body);
  expect((await send(submission(published, { name: '' }))).status).toBe(202);
  expect((await send(submission(fresh, { name: '' }))).status).toBe(422);
});

/** Publishes another widget like the first, with one more field in its form, and says how a page knows it. */
async function withField(name: string, field: Record<string, unknown>) {
  const { body: widget } = await server.get(`/api/widgets/${published.widget}`);
  const document = structuredClone(widget.document);
  document.elements.more = field;
  document.elements.name.required = false;
  document.elements.form.children.push('more');
  const { body: made } = await server.post(`/api/sites/${published.siteId}/widgets`, { name, document });
  await server.post(`/api/widgets/${made.id}/publish`, { base: 1 });
  const manifest = await server.get(`/m/${published.key}.json`, { origin });
  const { body } = manifest.body.widgets.find(({ id }: { id: string }) => id === made.id);
  return { ...published, widget: made.id, body };
}

test('a password is checked and never stored', async () => {
  const of = await withField('Door', {
    type: 'field',
    kind: 'password',
    key: 'pass',
    label: 'Password',
    required: true,
  });
  const without = await send(submission(of));
  expect([without.status, without.body.message]).toEqual([422, 'values.pass: Please enter your password']);
  const sent = submission(of, { pass: 'open sesame' });
  expect((await send(sent)).status).toBe(202);
  const { body: kept } = await server.get(`/api/sites/${published.siteId}/submissions/${sent.id}`);
  expect(kept.fields.map(({ key }: { key: string }) => key)).toEqual(['name', 'email']);
  expect(JSON.stringify(kept)).not.toContain('sesame');
});

test('whoever enters a name in parts is known by all of them, in the order of the form', async () => {
  const of = await withField('Parts', {
    type: 'full-name',
    key: 'whole',
    label: 'Name',
    order: 'family-given',
    lines: { given: 'First name', family: 'Last name' },
    required: false,
  });
  const { name: _, ...values } = submission(of, { email: 'ada@parts.example' }).values as Record<
    string,
    string
  >;
  const sent = {
    ...submission(of),
    values: { ...values, 'whole-given': 'Ada', 'whole-family': 'Lovelace' },
  };
  expect((await send(sent)).status).toBe(202);
  const { body: kept } = await server.get(`/api/sites/${published.siteId}/submissions/${sent.id}`);
  expect(kept.person).toMatchObject({ email: 'ada@parts.example', name: 'Lovelace Ada' });
});

test('events are counted, and those of unknown widgets are dropped', async () => {
  const events = [
    { type: 'shown', widget: published.widget },
    { type: 'shown', widget: published.widget },
    { type: 'submitted', widget: published.widget },
    { type: 'shown', widget: 'w_gone' },
  ];
  const answer = await server.post(`/c/${published.key}/events`, { events }, { origin });
  expect(answer.status).toBe(202);
  const { body } = await server.get(`/api/sites/${published.siteId}/widgets`);
  expect(body.find(({ id }: { id: string }) => id === published.widget)).toMatchObject({
    shown: 2,
    submitted: 1,
  });
});

test.each([
  [{ events: [] }, /^events must contain at least 1/],
  [{ events: [{ type: 'hacked', widget: 'w' }] }, /^events\.0\.type must be one of/],
  [{ events: [{ type: 'shown', widget: 'w', extra: 1 }] }, /^events\.0\.extra is not a known field/],
  [{ events: 'shown' }, /^events/],
  [{ events: [[]] }, /^events/],
  [{ events: [[{ type: 'shown', widget: 'w' }]] }, /^events/],
  [{ events: [null] }, /^events/],
])('wrong events %j are refused', async (body, message) => {
  const answer = await server.post(`/c/${published.key}/events`, body, { origin });
  expect([answer.status, answer.body.message]).toEqual([400, expect.stringMatching(message)]);
});

test('visitors’ pages may ask from any origin and send no cookie', async () => {
  const answer = await server.send('OPTIONS', `/c/${published.key}/submissions`, undefined, {
    origin,
    'access-control-request-method': 'POST',
    'access-control-request-headers': 'content-type',
  });
  expect(answer.status).toBe(204);
  expect(answer.headers.get('access-control-allow-origin')).toBe('*');
  expect(answer.headers.get('access-control-allow-credentials')).toBeNull();
  expect(submissionId()).toHaveLength(32);
});

test('too many from one address are asked to wait', async () => {
  const limited = await TestServer.start({ submissionsPerMinute: 3 });
  try {
    const there = await publishSignup(limited);
    const post = () => limited.post(`/c/${there.key}/submissions`, submission(there), { origin });
    const statuses = [];
    for (let count = 0; count < 5; count++) statuses.push((await post()).status);
    expect(statuses).toEqual([202, 202, 202, 429, 429]);
  } finally {
    await limited.stop();
  }
});

test('a site’s own unwanted words hold a submission back, and only words as they stand', async () => {
  const site = `/api/sites/${published.siteId}`;
  const said = await server.send('PATCH', site, { unwantedWords: ['Casino', 'buy followers'] });
  expect(said.body.unwantedWords).toEqual(['casino', 'buy followers']);
  const before = (await stored()).held as number;
  await send(submission(published, { name: 'The CASINO' }));
  await send(submission(published, { name: 'Casinova' }));
  expect((await stored()).held).toBe(before + 1);
  const odd = await server.send('PATCH', site, { unwantedWords: [' x'] });
  expect(odd.status).toBe(400);
  await server.send('PATCH', site, { unwantedWords: [] });
});

test('a page proves that it worked for a form, and works more while the site is under attack', async () => {
  const server = await TestServer.start();
  try {
    const there = await publishSignup(server);
    const fast = { ...submission(there), took: 100 };
    const post = (more: object) =>
      server.post(`/c/${there.key}/submissions`, { ...fast, ...more }, { origin });
    const held = async () => (await server.get(`/api/sites/${there.siteId}/submissions`)).body.held;
    // Filled in by a browser at one press: with the work it is somebody's, without it is a program's.
    const proof = findProof(fast.id, leastWork, 0, Infinity) ?? '';
    expect((await post({ work: proof })).status).toBe(202);
    expect(await held()).toBe(0);
    // The same proof is none for another.
    expect((await post({ id: submission(there).id, work: proof })).status).toBe(202);
    expect(await held()).toBe(1);

    for (let spam = 0; spam < 60; spam++) await post({ ...submission(there), trap: 'x' });
    // One whose first proof happens to show no more than was asked for.
    const prove = (one: string) => findProof(one, leastWork, 0, Infinity) ?? '';
    const ids = [...'23456789abcdef'].map((digit) => digit.repeat(32));
    const id = ids.find((one) => workOf(one, prove(one)) === leastWork) as string;
    const some = prove(id);
    const more = await post({ id, work: some });
    expect([more.status, more.body]).toMatchObject([428, { bits: leastWork + 1 }]);
    const harder = findProof(id, more.body.bits, 0, Infinity) ?? '';
    expect((await post({ id, work: harder })).status).toBe(202);
    expect(await held()).toBe(61);
    // Ten minutes and more later all is as it was.
    server.clock.pass(1_300_000);
    expect(
      (await post({ id: '1'.repeat(32), work: findProof('1'.repeat(32), leastWork, 0, Infinity) })).status,
    ).toBe(202);
  } finally {
    await server.stop();
  }
});

test('what looks like spam is stored and held back: nobody is told before somebody lets it through', async () => {
  const server = await TestServer.start();
  try {
    const there = await publishSignup(server);
    const post = (more: object) =>
      server.post(`/c/${there.key}/submissions`, { ...submission(there), ...more }, { origin });
    const list = async (query = '') =>
      (await server.get(`/api/sites/${there.siteId}/submissions${query}`)).body;
    // Whoever sends it learns nothing of it.
    const spam = await post({ trap: 'http://cheap.example', took: 4000 });
    expect([spam.status, (await post({ trap: '', took: 4000 })).status]).toEqual([202, 202]);
    expect(await list()).toMatchObject({ total: 1, held: 1 });
    const held = await list('?held=true');
    expect(held.submissions).toMatchObject([
      {
        id: spam.body.id,
        person: null,
        deliveries: [],
        held: [
          'A field that visitors can’t see was filled in',
          'It was sent without the work that pages do for a form',
        ],
      },
    ]);
    expect((await server.get(`/api/sites/${there.siteId}/submissions.csv`)).body).not.toContain(spam.body.id);

    const release = () => server.post(`/api/sites/${there.siteId}/submissions/${spam.body.id}/release`);
    const answers = await Promise.all([release(), release()]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 200]);
    expect(await list()).toMatchObject({ total: 2, held: 0 });
    const { body: stored } = await server.get(`/api/sites/${there.siteId}/submissions/${spam.body.id}`);
    expect(stored).toMatchObject({ held: null, person: { email: 'mira@stone.example' } });
    expect(stored.deliveries).toHaveLength(2);
    expect((await release()).status).toBe(404);
    expect((await server.post(`/api/sites/${there.siteId}/submissions/nothing/release`)).status).toBe(404);
  } finally {
    await server.stop();
  }
});

test.each([
  ['a trap of a million characters', { trap: 'x'.repeat(50_000) }, /trap/],
  ['a time that is none', { took: -1 }, /took/],
  ['a time of another type', { took: '5' }, /took/],
])('%s is refused with the field and the reason', async (_, more, reason) => {
  const server = await TestServer.start();
  try {
    const there = await publishSignup(server);
    const { status, body } = await server.post(
      `/c/${there.key}/submissions`,
      { ...submission(there), ...more },
      { origin },
    );
    expect([status, body.message]).toEqual([400, expect.stringMatching(reason)]);
  } finally {
    await server.stop();
  }
});
