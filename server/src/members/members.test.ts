import { publishSignup, TestServer } from '../testing/server.js';

let server: TestServer;
let site: string;
let key: string;
let owner: string;

const password = 'a long enough password';
const guest = (name: string) => ({ name, email: `${name.toLowerCase()}@studio.example`, password });
const tokenOf = (link: string) => link.split('/').at(-1) as string;
const invite = async (role = 'member') =>
  tokenOf((await server.post(`/api/sites/${site}/invitations`, { role }, { cookie: owner })).body.link);
const membersOf = async () =>
  (await server.get(`/api/sites/${site}/members`, { cookie: owner })).body as {
    members: { id: string; name: string; role: string }[];
    invitations: { id: string }[];
  };
async function accept(name: string, role = 'member'): Promise<string> {
  server.forgetCookie();
  expect((await server.post(`/api/session/invitations/${await invite(role)}`, guest(name))).status).toBe(204);
  return server.cookie;
}
const idOf = async (name: string) =>
  (await membersOf()).members.find((one) => one.name === name)?.id as string;

beforeEach(async () => {
  server = await TestServer.start();
  ({ siteId: site, key } = await publishSignup(server));
  owner = server.cookie;
});
afterEach(() => server.stop());

test('whoever holds the link learns what it is to, makes an account, and works on the site', async () => {
  const token = await invite();
  server.forgetCookie();
  expect((await server.get(`/api/session/invitations/${token}`)).body).toEqual({
    site: 'Larkmoor',
    by: 'Demo designer',
    role: 'member',
  });
  expect((await server.post(`/api/session/invitations/${token}`, guest('Ines'))).status).toBe(204);
  expect((await server.get('/api/sites')).body).toHaveLength(1);
  expect((await membersOf()).members.map(({ name, role }) => [name, role])).toEqual([
    ['Demo designer', 'owner'],
    ['Ines', 'member'],
  ]);
  server.forgetCookie();
  const again = await server.post(`/api/session/invitations/${token}`, guest('Otto'));
  expect([again.status, again.body.message]).toEqual([
    404,
    expect.stringMatching(/used, withdrawn or has expired/),
  ]);
});

test('somebody with an account joins by it, once', async () => {
  const ines = await accept('Ines');
  const other = (await server.post('/api/sites', { name: 'Other', origins: [] }, { cookie: owner })).body.id;
  const { link } = (
    await server.post(`/api/sites/${other}/invitations`, { role: 'owner' }, { cookie: owner })
  ).body;
  const path = `/api/session/invitations/${tokenOf(link)}`;
  server.forgetCookie();
  expect((await server.post(path, guest('Ines'))).status).toBe(409);
  expect((await server.post(`${path}/join`)).status).toBe(401);
  expect((await server.post(`${path}/join`, {}, { cookie: ines })).status).toBe(204);
  expect((await server.get('/api/sites', { cookie: ines })).body).toHaveLength(2);
  expect((await server.post(`${path}/join`, {}, { cookie: ines })).status).toBe(404);
  const twice = await invite();
  expect((await server.post(`/api/session/invitations/${twice}/join`, {}, { cookie: ines })).status).toBe(
    409,
  );
});

test('an invitation ends when it is withdrawn, and by itself after a week', async () => {
  const first = await invite();
  const [{ id } = { id: '' }] = (await membersOf()).invitations;
  expect(
    (await server.send('DELETE', `/api/sites/${site}/invitations/${id}`, undefined, { cookie: owner }))
      .status,
  ).toBe(204);
  expect((await server.get(`/api/session/invitations/${first}`)).status).toBe(404);
  const second = await invite();
  server.clock.pass(7 * 86_400_000 + 1);
  await server.signIn();
  owner = server.cookie;
  expect((await server.get(`/api/session/invitations/${second}`)).status).toBe(404);
  expect((await membersOf()).invitations).toEqual([]);
});

test('a member does not decide who else is one, and may leave', async () => {
  const ines = await accept('Ines');
  const as = { cookie: ines };
  const [self, first] = [await idOf('Ines'), await idOf('Demo designer')];
  expect((await server.post(`/api/sites/${site}/invitations`, { role: 'member' }, as)).status).toBe(403);
  expect(
    (await server.send('PATCH', `/api/sites/${site}/members/${self}`, { role: 'owner' }, as)).status,
  ).toBe(403);
  expect((await server.send('DELETE', `/api/sites/${site}/members/${first}`, undefined, as)).status).toBe(
    403,
  );
  expect((await server.send('PATCH', `/api/sites/${site}`, { archived: true }, as)).status).toBe(403);
  expect((await server.send('DELETE', `/api/sites/${site}/members/${self}`, undefined, as)).status).toBe(204);
  expect((await server.get(`/api/sites/${site}`, as)).status).toBe(404);
});

test('a site always keeps an owner', async () => {
  await accept('Ines');
  const [ines, first] = [await idOf('Ines'), await idOf('Demo designer')];
  const as = { cookie: owner };
  const demote = (id: string, role: string) =>
    server.send('PATCH', `/api/sites/${site}/members/${id}`, { role }, as);
  expect((await demote(first, 'member')).status).toBe(409);
  expect((await server.send('DELETE', `/api/sites/${site}/members/${first}`, undefined, as)).status).toBe(
    409,
  );
  expect((await demote(ines, 'owner')).status).toBe(204);
  expect((await demote(first, 'member')).status).toBe(204);
  expect((await demote('user_none', 'member')).status).toBe(403);
});

test.each([[{ role: 'admin' }], [{}], [{ role: 'member', site: 'x' }]])(
  'no invitation to %j',
  async (body) => {
    expect((await server.post(`/api/sites/${site}/invitations`, body, { cookie: owner })).status).toBe(400);
  },
);

test('an archived site shows visitors nothing, and all of it again once it is restored', async () => {
  const manifest = async () =>
    (await server.get(`/m/${key}.json`, { origin: 'https://larkmoor.example' })).body.widgets;
  expect(await manifest()).toHaveLength(1);
  const archive = (archived: boolean) =>
    server.send('PATCH', `/api/sites/${site}`, { archived }, { cookie: owner });
  const archived = await archive(true);
  expect(archived.body.archivedAt).toBe(server.clock.time);
  expect(await manifest()).toEqual([]);
  await archive(false);
  expect(await manifest()).toHaveLength(1);
});
