import { demoUser } from '../accounts/accounts.service.js';
import { origin, publishSignup, submission, TestServer, type Published } from '../testing/server.js';
import { PersonEntity, SubmissionEntity } from '../people/people.entity.js';
import { HookSink } from '../standins/hook-sink.js';
import { DataSource } from 'typeorm';

let server: TestServer;
let there: Published;
const smtp = 22_600 + (process.pid % 1000);
const hooks = smtp + 1100;

beforeAll(async () => {
  server = await TestServer.start({
    standinSmtpPort: smtp,
    standinHookPort: hooks,
    smtpUrl: `smtp://127.0.0.1:${smtp}`,
    privateHosts: [`127.0.0.1:${hooks}`, `localhost:${hooks}`],
  });
  there = await publishSignup(server);
});
afterAll(() => server.stop());

const ask = (what: 'preview' | 'test', action: unknown) =>
  server.post(`/api/widgets/${there.widget}/actions/${what}`, { action });
const reply = { type: 'reply', subject: 'Dear {{name}}', text: 'You wrote:\n\n{{form.answers}}' };

test('before anybody has sent the form, a mail is shown with answers that are made up', async () => {
  const { body } = await ask('preview', reply);
  expect(body).toMatchObject({
    isSample: true,
    mails: [
      {
        to: 'mira@stone.example',
        subject: 'Dear Mira Stone',
        text: expect.stringContaining('Your name: Mira'),
      },
    ],
  });
  expect(body.mails[0].html).toContain('<p ');
});

test('then with the answers of the last submission; nobody is written to, and nothing is kept', async () => {
  await server.post(
    `/c/${there.key}/submissions`,
    submission(there, { name: 'Bran <b>Holt</b>', email: 'bran@holt.example' }),
    { origin },
  );
  const { body } = await ask('preview', reply);
  expect(body).toMatchObject({
    isSample: false,
    mails: [{ to: 'bran@holt.example', subject: 'Dear Bran <b>Holt</b>' }],
  });
  expect(body.mails[0].html).not.toContain('<b>Holt');
  const notify = { type: 'notify', subject: 'New', recipients: ['a@x.example', 'b@x.example'] };
  const told = await ask('preview', notify);
  expect(told.body.mails.map(({ to }: { to: string }) => to)).toEqual(['a@x.example', 'b@x.example']);
  const dataSource = server.app.get(DataSource);
  expect(await dataSource.getRepository(SubmissionEntity).count()).toBe(1);
  expect(await dataSource.getRepository(PersonEntity).count()).toBe(1);
  expect((await server.get('/api/post')).body).toEqual([]);
});

test('a test goes to who asks, and says that it is one', async () => {
  expect((await ask('test', reply)).body).toEqual({ to: demoUser.email });
  const { body: mails } = await server.get('/api/post');
  expect(mails).toMatchObject([{ recipients: [demoUser.email], subject: 'Test: Dear Bran <b>Holt</b>' }]);
});

test('a server is called with a test, signed like the rest; what it says is told', async () => {
  const url = String(server.app.get(HookSink).urlOf(there.key));
  expect((await ask('test', { type: 'webhook', url })).body).toEqual({ to: url });
  const { body: seen } = await server.get(`/api/sites/${there.siteId}/test-webhooks`);
  expect(JSON.stringify(seen)).toContain('submission.test');
  const nowhere = await ask('test', { type: 'webhook', url: 'http://127.0.0.1:9/' });
  expect([nowhere.status, nowhere.body.message]).toEqual([409, expect.stringContaining('private')]);
});

test.each([
  [{ type: 'reply' }, 400],
  [{ type: 'nothing' }, 400],
  [{ ...reply, extra: 1 }, 400],
  ['reply', 400],
])('the action %j is refused', async (action, status) => {
  expect((await ask('preview', action)).status).toBe(status);
});

test('what has no mail has none to show, and is not run for a test', async () => {
  const tag = { type: 'tag', tag: 'Press' };
  expect((await ask('preview', tag)).body).toEqual({ isSample: false, mails: [] });
  const tested = await ask('test', tag);
  expect([tested.status, tested.body.message]).toEqual([409, 'Only mails and webhooks can be tested.']);
});
