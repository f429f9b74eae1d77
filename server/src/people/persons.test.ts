import ICAL from 'ical.js';
import { OutboxService } from '../actions/outbox.service.js';
import { AccountsService } from '../accounts/accounts.service.js';
import { origin, publishSignup, submission, TestServer } from '../testing/server.js';

let server: TestServer;
let there: Awaited<ReturnType<typeof publishSignup>>;

beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
  for (const [name, email] of [
    ['Mira Stone', 'mira@stone.example'],
    ['Bran Holt', 'bran@holt.example'],
    ['Cleo Ash', 'cleo_ash@stone.example'],
  ]) {
    server.clock.pass(1000);
    await server.post(`/c/${there.key}/submissions`, submission(there, { name, email }), { origin });
  }
});
afterAll(() => server.stop());

const path = (rest = '') => `/api/sites/${there.siteId}/persons${rest}`;
const names = ({ body }: { body: { persons: { name: string }[] } }) => body.persons.map(({ name }) => name);
const idOf = async (words: string) =>
  (await server.get(path(`?words=${words}`))).body.persons[0].id as string;

test('people are found by part of a name or an address, a page at a time', async () => {
  expect(names(await server.get(path()))).toEqual(['Cleo Ash', 'Bran Holt', 'Mira Stone']);
  expect(names(await server.get(path('?words=stone')))).toEqual(['Cleo Ash', 'Mira Stone']);
  expect(names(await server.get(path('?words=cleo_%20stone')))).toEqual(['Cleo Ash']);
  expect(names(await server.get(path('?words=%25')))).toEqual([]);
  const first = await server.get(path('?limit=2'));
  const second = await server.get(path(`?limit=2&after=${first.body.next}`));
  expect([names(first), names(second), second.body.next, second.body.total]).toEqual([
    ['Cleo Ash', 'Bran Holt'],
    ['Mira Stone'],
    null,
    3,
  ]);
});

test('a person has a name, tags, notes, and a timeline of all that', async () => {
  const id = await idOf('mira');
  const changed = await server.send('PATCH', path(`/${id}`), { name: 'Mira S.', tags: ['Teacher', 'Press'] });
  expect(changed.body).toMatchObject({ name: 'Mira S.', tags: ['Teacher', 'Press'] });
  expect((await server.get(path('?tag=Press'))).body).toMatchObject({
    total: 1,
    tags: ['Press', 'Teacher'],
  });
  server.clock.pass(1000);
  const noted = await server.post(path(`/${id}/notes`), { text: ' Wants the dome open. ' });
  expect(noted.body.timeline).toMatchObject([
    { kind: 'note', text: 'Wants the dome open.', by: 'Demo designer' },
    { kind: 'submission', text: 'Signup' },
  ]);
  const note = noted.body.timeline[0].id;
  const of = (person: string) => server.send('DELETE', path(`/${person}/notes/${note}`));
  expect((await of(await idOf('bran'))).status).toBe(404);
  expect((await of(id)).status).toBe(204);
  expect((await server.get(path(`/${id}`))).body.timeline).toHaveLength(1);
});

test.each([
  [{}, 'Say what is to change'],
  [{ tags: ['a', 'a'] }, 'tags must not say a tag twice'],
  [{ tags: [' a'] }, 'tags must each be 1 to 40 characters'],
  [{ tags: Array.from({ length: 31 }, (_, at) => `t${at}`) }, 'tags'],
  [{ email: 'x@y.example' }, 'email is not a known field'],
])('the change %j is refused', async (change, reason) => {
  const answer = await server.send('PATCH', path(`/${await idOf('mira')}`), change);
  expect([answer.status, answer.body.message]).toEqual([400, expect.stringContaining(reason)]);
});

test('all that is kept of a person can be had, and erased by an owner alone', async () => {
  const id = await idOf('bran');
  await server.post(path(`/${id}/notes`), { text: 'Left-handed' });
  const told = await server.get(path(`/${id}/export.json`));
  expect(told.headers.get('content-disposition')).toBe('attachment; filename="person.json"');
  expect(JSON.stringify(told.body)).toMatch(/Left-handed.*bran@holt\.example/);

  expect((await server.send('DELETE', path(`/${id}`))).status).toBe(204);
  expect((await server.get(path(`/${id}`))).status).toBe(404);
  const { body } = await server.get(`/api/sites/${there.siteId}/submissions?words=holt`);
  expect(body.total).toBe(0);
  // What was on its way is dropped with it, and nobody else's is.
  await server.app.get(OutboxService).runDue();
  const left = await server.get(`/api/sites/${there.siteId}/submissions`);
  expect([left.body.total, left.body.submissions[0].deliveries.length]).toEqual([2, 2]);

  const kept = await idOf('mira');
  const invitation = await server.post(`/api/sites/${there.siteId}/invitations`, { role: 'member' });
  expect(invitation.status).toBeLessThan(300);
  const token = String(invitation.body.link).split('/').at(-1);
  server.forgetCookie();
  await server.app.get(AccountsService).create('ed@place.example', 'Ed', 'a long enough password');
  await server.post('/api/session', { email: 'ed@place.example', password: 'a long enough password' });
  expect((await server.post(`/api/session/invitations/${token}/join`)).status).toBeLessThan(300);
  expect((await server.get(path(`/${kept}`))).status).toBe(200);
  expect((await server.send('DELETE', path(`/${kept}`))).status).toBe(403);
});

test('people are exported as a table and as cards, which another library reads', async () => {
  const cleo = await idOf('cleo');
  await server.send('PATCH', path(`/${cleo}`), {
    name: '=Cleo "Ash"',
    tags: ['Press, radio', 'Ärzte'],
  });
  const cards = await server.get(path('.vcf?tag=Press%2C%20radio'));
  expect(cards.headers.get('content-type')).toBe('text/vcard; charset=utf-8');
  const [, properties] = ICAL.parse(cards.body as string) as unknown as [string, unknown[][]];
  const value = (name: string) => properties.find(([own]) => own === name)?.slice(3);
  expect([value('version'), value('fn'), value('email'), value('uid')]).toEqual([
    ['4.0'],
    ['=Cleo "Ash"'],
    ['cleo_ash@stone.example'],
    [cleo],
  ]);
  expect(value('categories')).toEqual(['Press, radio', 'Ärzte']);
  expect((await server.get(path('.vcf'))).body.match(/BEGIN:VCARD/g)).toHaveLength(
    (await server.get(path())).body.total,
  );
  const csv = await server.get(path('.csv?words=cleo'));
  // A name is no formula.
  expect(csv.body).toContain(`"'=Cleo ""Ash"""`);
  expect(csv.body.trim().split('\r\n')).toHaveLength(2);
});
