import { DataSource } from 'typeorm';
import { TestServer } from '../testing/server.js';
import { SessionEntity, UserEntity } from './accounts.entity.js';
import { AccountsService } from './accounts.service.js';

const password = 'a long enough password';
const owner = { name: 'Mira Holt', email: 'mira@studio.example', password };

let server: TestServer;
beforeEach(async () => {
  server = await TestServer.start({ demo: false });
  await server.app.get(DataSource).getRepository(UserEntity).clear();
});
afterEach(() => server.stop());

const offered = async () => (await server.app.get(AccountsService).offerSetUp()) as string;

describe('the first account', () => {
  it('is made by the code that the server printed, however it is typed', async () => {
    const code = await offered();
    expect((await server.get('/api/session')).body).toEqual({ user: null, demo: false, setUp: true });
    const answer = await server.post('/api/session/setup', {
      ...owner,
      code: ` ${code.toLowerCase().replaceAll('-', ' ')} `,
    });
    expect(answer.status).toBe(204);
    expect((await server.get('/api/session')).body).toEqual({
      user: { name: owner.name, email: owner.email },
      demo: false,
      setUp: false,
    });
    expect((await server.get('/api/sites')).body).toEqual([]);
    expect(await server.app.get(AccountsService).offerSetUp()).toBeNull();
  });

  it('is made once, even by two at a time', async () => {
    const code = await offered();
    const answers = await Promise.all(
      ['a@studio.example', 'b@studio.example'].map((email) =>
        server.post('/api/session/setup', { ...owner, email, code }),
      ),
    );
    expect(answers.map(({ status }) => status).toSorted()).toEqual([204, 409]);
    expect((await server.post('/api/session/setup', { ...owner, code })).status).toBe(403);
  });

  it.each([
    ['a wrong code', { code: 'AAAA-AAAA-AAAA' }, 403, /That is not the code/],
    ['the code of an earlier start', {}, 403, /That is not the code/],
    ['a short password', { password: 'short' }, 400, /^password must have at least 10 characters/],
    ['no name', { name: '  ' }, 400, /^name/],
    ['a field of its own', { admin: true }, 400, /^admin is not a known field/],
  ])('is not made with %s', async (_, change, status, message) => {
    const code = await offered();
    await offered();
    const answer = await server.post('/api/session/setup', { ...owner, code, ...change });
    expect([answer.status, answer.body.message]).toEqual([status, expect.stringMatching(message)]);
  });

  it('is not made where no code was offered', async () => {
    expect((await server.post('/api/session/setup', { ...owner, code: 'x' })).status).toBe(403);
  });
});

describe('a password', () => {
  beforeEach(async () => {
    await server.post('/api/session/setup', { ...owner, code: await offered() });
  });

  it('is changed with the current one, which ends every other session', async () => {
    const here = server.cookie;
    server.forgetCookie();
    await server.post('/api/session', { email: owner.email, password });
    const change = (current: string) =>
      server.put('/api/account/password', { current, password: 'another long password' });
    expect((await change('wrong')).status).toBe(403);
    expect((await change(password)).status).toBe(204);
    expect((await server.get('/api/sites')).status).toBe(200);
    expect((await server.get('/api/sites', { cookie: here })).status).toBe(401);
    server.forgetCookie();
    expect((await server.post('/api/session', { email: owner.email, password })).status).toBe(401);
  });

  it('is reset by a link that works once, for an hour, and the last one only', async () => {
    const before = server.cookie;
    server.forgetCookie();
    const links = linksSent(server);
    const ask = (email: string) => server.post('/api/session/reset', { email });
    expect([(await ask(owner.email)).status, (await ask('nobody@studio.example')).status]).toEqual([
      204, 204,
    ]);
    await ask(owner.email);
    const [first, last] = await links(2);
    const reset = (token: string) =>
      server.put(`/api/session/reset/${token}`, { password: 'a new long password' });
    expect((await reset(first as string)).status).toBe(404);
    server.clock.pass(3_600_001);
    expect((await reset(last as string)).status).toBe(404);
    await ask(owner.email);
    const [, , fresh] = await links(3);
    expect((await reset(fresh as string)).status).toBe(204);
    expect((await server.get('/api/sites')).status).toBe(200);
    expect((await server.get('/api/sites', { cookie: before })).status).toBe(401);
    expect((await reset(fresh as string)).status).toBe(404);
  });
});

test('sessions are listed with their device, and ended one by one', async () => {
  await server.post('/api/session/setup', { ...owner, code: await offered() }, { 'user-agent': 'Desk' });
  const desk = server.cookie;
  server.forgetCookie();
  await server.post('/api/session', { email: owner.email, password }, { 'user-agent': 'Phone' });
  const sessions = (await server.get('/api/account/sessions')).body as {
    id: string;
    device: string;
    current: boolean;
  }[];
  expect(sessions.map(({ device, current }) => [device, current]).toSorted()).toEqual([
    ['Desk', false],
    ['Phone', true],
  ]);
  const other = sessions.find(({ current }) => !current) as { id: string };
  expect((await server.send('DELETE', `/api/account/sessions/${other.id}`)).status).toBe(204);
  expect((await server.get('/api/sites', { cookie: desk })).status).toBe(401);
  expect((await server.send('DELETE', `/api/account/sessions/${other.id}`)).status).toBe(404);
  const kept = await server.app.get(DataSource).getRepository(SessionEntity).find();
  expect(JSON.stringify(kept)).not.toContain(server.cookie.split('=')[1]);
});

test('a name is changed', async () => {
  await server.post('/api/session/setup', { ...owner, code: await offered() });
  expect((await server.send('PATCH', '/api/account', { name: ' Mira H. ' })).status).toBe(204);
  expect((await server.get('/api/session')).body.user.name).toBe('Mira H.');
  expect((await server.send('PATCH', '/api/account', { name: '' })).status).toBe(400);
});

/** The tokens of the reset links that the mailer was asked to send. */
function linksSent({ app }: TestServer): (count: number) => Promise<string[]> {
  const accounts = app.get(AccountsService) as unknown as {
    mailer: { send(mail: { text: string }): Promise<void> };
  };
  const sent: string[] = [];
  accounts.mailer = {
    async send({ text }) {
      sent.push(/\/reset\/([\w-]{43})/.exec(text)?.[1] as string);
    },
  };
  return async (count) => {
    expect(sent).toHaveLength(count);
    return sent;
  };
}
