import { demoUser } from '../accounts/accounts.service.js';
import { OutboxService } from '../actions/outbox.service.js';
import { origin, publishSignup, submission, TestServer, type Published } from '../testing/server.js';

let server: TestServer;
let there: Published;
let smtp: number;
const ids: string[] = [];

beforeAll(async () => {
  smtp = 20_000 + (process.pid % 20_000);
  server = await TestServer.start({ standinSmtpPort: smtp, smtpUrl: `smtp://127.0.0.1:${smtp}` });
  there = await publishSignup(server);
  for (const email of ['a@x.example', 'b@x.example', 'c@x.example']) {
    server.clock.pass(1000);
    const sent = submission(there, { email });
    ids.unshift(sent.id);
    await server.post(`/c/${there.key}/submissions`, sent, { origin });
  }
});
afterAll(() => server.stop());

const path = (rest: string) => `/api/sites/${there.siteId}/${rest}`;
const list = async (query = '') => {
  const { body } = await server.get(path(`submissions?${query}`));
  return body.submissions.map(({ id }: { id: string }) => ids.indexOf(id)) as number[];
};
const me = async () => (await server.get(path('members'))).body.members[0] as { id: string; name: string };

test('what is new is unread until somebody says that they have read it, and can be unread again', async () => {
  const { body } = await server.get(path('submissions'));
  expect([body.unread, body.submissions.map(({ read }: { read: boolean }) => read)]).toEqual([
    3,
    [false, false, false],
  ]);
  const change = { submissions: [ids[0], ids[1]], read: true };
  expect((await server.post(path('submissions/change'), change)).body).toEqual({ changed: 2 });
  expect(await list('unread=true')).toEqual([2]);
  await server.post(path('submissions/change'), { submissions: [ids[1]], read: false });
  expect(await list('unread=true')).toEqual([1, 2]);
});

test('a member takes some on; nobody else can', async () => {
  const { id, name } = await me();
  await server.post(path('submissions/change'), { submissions: [ids[0]], assignee: id });
  expect(await list(`assignee=${id}`)).toEqual([0]);
  expect(await list('assignee=nobody')).toEqual([1, 2]);
  expect((await server.get(path(`submissions/${ids[0]}`))).body.assignee).toEqual({ id, name });
  const stranger = await server.post(path('submissions/change'), {
    submissions: [ids[0]],
    assignee: 'user_x',
  });
  expect(stranger.status).toBe(404);
  await server.post(path('submissions/change'), { submissions: [ids[0]], assignee: null });
  expect(await list('assignee=nobody')).toEqual([0, 1, 2]);
});

test('a time is a filter', async () => {
  const { body } = await server.get(path(`submissions/${ids[1]}`));
  expect(await list(`since=${body.receivedAt}`)).toEqual([0, 1]);
  expect(await list(`until=${body.receivedAt}`)).toEqual([2]);
});

test.each([
  [{}, 400],
  [{ submissions: [] }, 400],
  [{ submissions: ['x'] }, 400],
  [{ submissions: ['x', 'x'], read: true }, 400],
  [{ submissions: ['x'], read: 'yes' }, 400],
  [{ submissions: Array.from({ length: 201 }, (_, at) => `x${at}`), read: true }, 400],
  [{ submissions: ['of another site'], read: true }, 200],
])('the change %j is answered with %i', async (body, status) => {
  expect((await server.post(path('submissions/change'), body)).status).toBe(status);
});

test('an answer goes out as a mail of its own, in the brand, to be answered to whoever wrote it', async () => {
  const answer = { subject: 'Your visit', text: 'Dear Mira,\n\nyes, Friday it is.' };
  expect((await server.post(path(`submissions/${ids[1]}/answer`), answer)).status).toBe(204);
  await server.app.get(OutboxService).runDue();
  const { body: mails } = await server.get('/api/post');
  const { id: mailId } = mails.find(({ subject }: { subject: string }) => subject === 'Your visit');
  const { body: mail } = await server.get(`/api/post/${mailId}`);
  expect(mail).toMatchObject({
    recipients: ['b@x.example'],
    text: expect.stringContaining('Friday it is'),
    html: expect.stringContaining('<p '),
  });
  const header = (wanted: string) =>
    mail.headers.find(({ name }: { name: string }) => name === wanted)?.value;
  expect([header('auto-submitted'), header('reply-to')]).toEqual(['no', demoUser.email]);
  const { body } = await server.get(path(`submissions/${ids[1]}`));
  const { name } = await me();
  expect(body.read).toBe(true);
  expect(body.deliveries.map(({ written }: { written: unknown }) => written)).toContainEqual({
    by: name,
    ...answer,
  });
});

test.each([
  [{ subject: ' ', text: 'x' }, 400],
  [{ subject: 'x\r\nBcc: all@x.example', text: 'x' }, 400],
  [{ subject: 'x', text: ' ' }, 400],
  [{ subject: 'x', text: 'x'.repeat(10_001) }, 400],
])('the answer %j is refused', async (body, status) => {
  expect((await server.post(path(`submissions/${ids[1]}/answer`), body)).status).toBe(status);
});

test('views are saved by a name that is theirs alone', async () => {
  const view = { name: 'Mine', filter: { unread: 'true', words: 'mira' }, columns: ['email'] };
  const made = await server.post(path('submission-views'), view);
  expect(made.body).toMatchObject(view);
  expect((await server.post(path('submission-views'), { ...view, name: 'MINE' })).status).toBe(409);
  const other = await server.post(path('submission-views'), { ...view, name: 'All' });
  const saved = await server.put(path(`submission-views/${other.body.id}`), {
    ...view,
    name: 'A',
    filter: {},
  });
  expect(saved.body).toMatchObject({ name: 'A', filter: {} });
  const names = async () =>
    (await server.get(path('submission-views'))).body.map(({ name }: { name: string }) => name);
  expect(await names()).toEqual(['A', 'Mine']);
  expect((await server.send('DELETE', path(`submission-views/${other.body.id}`))).status).toBe(204);
  expect((await server.send('DELETE', path(`submission-views/${other.body.id}`))).status).toBe(404);
  expect(await names()).toEqual(['Mine']);
  const odd = await server.post(path('submission-views'), { ...view, name: 'B', filter: { sql: '1' } });
  expect(odd.status).toBe(400);
});

test('some are deleted for good, with what followed; whoever sent them stays', async () => {
  expect((await server.post(path('submissions/delete'), { submissions: [ids[2]] })).body).toEqual({
    changed: 1,
  });
  expect(await list()).toEqual([0, 1]);
  expect((await server.get(path('persons?words=a@x.example'))).body.total).toBe(1);
});
