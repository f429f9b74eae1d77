import { MemberSink, firstMember } from '../../standins/member-sink.js';
import {
  origin,
  publishAlso,
  publishSignup,
  signupDocument,
  submission,
  TestServer,
} from '../../testing/server.js';

const port = 19_300 + (process.pid % 1000) * 2;
const standin = `http://127.0.0.1:${port}`;
const smtpPort = port + 1;

let server: TestServer;
let there: Awaited<ReturnType<typeof publishSignup>>;

beforeAll(async () => {
  server = await TestServer.start({
    standinMemberPort: port,
    standinSmtpPort: smtpPort,
    smtpUrl: `smtp://127.0.0.1:${smtpPort}`,
    privateHosts: [`127.0.0.1:${port}`],
  });
  there = await publishSignup(server);
  const document = signupDocument();
  document.name = 'Door';
  document.elements = {
    opening: { type: 'group', direction: 'column', children: ['form', 'joining', 'forgotten'] },
    thanks: { type: 'group', direction: 'column', children: [] },
    form: { type: 'form', children: ['email', 'password'] },
    joining: { type: 'form', children: ['name', 'email2', 'password2'] },
    forgotten: { type: 'form', children: ['email3'] },
    name: { type: 'field', kind: 'name', key: 'name', label: 'Your name', required: true },
    ...Object.fromEntries(
      ['email', 'email2', 'email3'].map((id) => [
        id,
        { type: 'field', kind: 'email', key: 'email', label: 'E-mail', required: true },
      ]),
    ),
    ...Object.fromEntries(
      ['password', 'password2'].map((id) => [
        id,
        { type: 'field', kind: 'password', key: 'password', label: 'Password', required: true },
      ]),
    ),
  } as never;
  document.afterwards.actions = [
    { type: 'member', does: 'sign-in', form: 'form', page: `${origin}/members/?from=door` },
    { type: 'member', does: 'register', form: 'joining' },
    { type: 'member', does: 'reset', form: 'forgotten' },
    { type: 'tag', tag: 'member', form: 'joining' },
  ];
  there = await publishAlso(server, there, document);
});
afterAll(() => server.stop());

async function send(form: string, values: Record<string, string>, id?: string) {
  server.clock.pass(1000);
  const sent = { ...submission(there), form, values, ...(id && { id }) };
  return { id: sent.id, ...(await server.post(`/c/${there.key}/submissions`, sent, { origin })) };
}
const known = { email: firstMember.email, password: firstMember.password };
const submissions = async () => (await server.get(`/api/sites/${there.siteId}/submissions`)).body;

test('a member is signed in; who it is a page learns by a code, once and soon; nothing of it is kept', async () => {
  const { status, body } = await send('form', known);
  expect(status).toBe(202);
  expect(body.member).toEqual({ id: expect.any(String), name: 'Ada Fenwick' });
  const next = new URL(body.next);
  expect([next.origin, next.searchParams.get('from')]).toEqual([origin, 'door']);
  const code = `${standin}/codes/${next.searchParams.get('code')}`;
  expect(await (await fetch(code)).json()).toEqual({
    ...{ ...body.member, email: firstMember.email },
    // What the client's server would sign, for half a day.
    ...{
      token: expect.stringMatching(/^[\w-]+\.[\w-]+\.[\w-]+$/),
      until: server.clock.time + 12 * 3_600_000,
    },
  });
  expect((await fetch(code)).status).toBe(404);
  const late = new URL((await send('form', known)).body.next).searchParams.get('code');
  server.clock.pass(61_000);
  expect((await fetch(`${standin}/codes/${late}`)).status).toBe(404);
  expect((await submissions()).total).toBe(0);
});

test('a wrong password is said at its field, the same for those who are no members', async () => {
  const wrong = await send('form', { ...known, password: 'sunlight' });
  const stranger = await send('form', { email: 'nobody@circle.example', password: 'sunlight' });
  for (const { status, body } of [wrong, stranger]) {
    expect(status).toBe(422);
    expect(body.faults).toEqual([
      {
        key: 'password',
        element: 'password',
        problem: 'malformed',
        message: 'The e-mail address or the password is not right',
      },
    ]);
  }
});

test('who guesses has to wait, and only they', async () => {
  const guess = { email: 'guessed@circle.example', password: 'x' };
  for (let at = 0; at < 10; at++) await send('form', guess);
  expect((await send('form', guess)).body.faults[0].message).toMatch(/^Too many attempts/);
  expect((await send('form', known)).status).toBe(202);
  server.clock.pass(900_000);
  expect((await send('form', guess)).body.faults[0].message).toMatch(/is not right$/);
});

test('who registers is known from then on, and is kept as a submission without the password', async () => {
  const joining = { name: 'Jory Holt', email: 'jory@holt.example', password: 'starlight' };
  expect((await send('joining', { ...joining, password: 'short' })).body.faults[0]).toMatchObject({
    key: 'password',
    message: 'Please choose a longer password',
  });
  const made = await send('joining', joining);
  expect([made.status, made.body.member.name]).toEqual([202, 'Jory Holt']);
  // The answer was lost on the way: the same form again is no other registration.
  expect((await send('joining', joining, made.id)).status).toBe(202);
  expect((await send('joining', joining)).body.faults[0]).toMatchObject({
    key: 'email',
    message: 'There is an account with this e-mail address already',
  });
  expect((await send('form', joining)).status).toBe(400);
  expect((await send('form', { email: joining.email, password: joining.password })).status).toBe(202);
  const {
    total,
    submissions: [kept],
  } = await submissions();
  expect(total).toBe(1);
  expect(kept.fields.map(({ key }: { key: string }) => key)).toEqual(['name', 'email']);
  expect(JSON.stringify(kept)).not.toContain('starlight');
  expect(kept.deliveries.map(({ label }: { label: string }) => label)).toEqual(['Tag for jory@holt.example']);
});

test('a forgotten password is chosen anew by a link, once; nobody learns who is a member', async () => {
  const mails = async () => (await server.get('/api/post')).body.length;
  const before = await mails();
  const answers = [
    await send('forgotten', { email: 'nobody@circle.example' }),
    await send('forgotten', { email: firstMember.email }),
  ];
  expect(answers.map(({ status, body }) => [status, Object.keys(body)])).toEqual([
    [202, ['id']],
    [202, ['id']],
  ]);
  while ((await mails()) === before) await new Promise((turn) => setImmediate(turn));
  const [{ id }] = (await server.get('/api/post')).body;
  const { text } = (await server.get(`/api/post/${id}`)).body;
  const link = /http\S+\/password\/\S+/.exec(text)?.[0] ?? '';
  expect(await (await fetch(link)).text()).toContain('Choose a new password');
  const choose = (password: string) =>
    fetch(link, { method: 'POST', body: new URLSearchParams({ password }) }).then((answer) => answer.text());
  expect(await choose('short')).toContain('too short');
  expect(await choose('daybreak')).toContain('is set');
  expect(await choose('daybreak')).toContain('too old, or has been used');
  expect((await send('form', known)).status).toBe(422);
  expect((await send('form', { ...known, password: 'daybreak' })).status).toBe(202);
});

test('where the service does not answer nothing is said to be wrong, and only its own key is taken', async () => {
  expect((await fetch(`${standin}/sign-in`, { method: 'POST', body: '{}' })).status).toBe(401);
  const path = `/api/sites/${there.siteId}/services/members`;
  expect((await server.put(path, { url: 'http://127.0.0.1:9', key: 'k' })).body).toMatchObject({
    isTest: false,
  });
  const { status, body } = await send('form', known);
  expect([status, body.message]).toEqual([503, 'The member service can’t be reached (private).']);
  await server.put(path, { url: String(server.app.get(MemberSink).url), key: 'another' });
  expect((await send('form', known)).body.message).toBe('The member service does not know the API key.');
  await server.send('DELETE', path);
  expect((await server.get(path)).body).toMatchObject({ isTest: true, resultUrl: null });
  expect((await server.get(path.replace('members', 'moons'))).status).toBe(404);
});
