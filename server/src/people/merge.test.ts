import { DataSource } from 'typeorm';
import { Transactions } from '../database/transactions.js';
import { origin, publishSignup, submission, TestServer, type Published } from '../testing/server.js';
import { knownPerson } from './known-person.js';

let server: TestServer;
let there: Published;
beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
  await server.app
    .get(DataSource)
    .query(`INSERT INTO list (id, siteId, name, createdAt) VALUES ('l', ?, 'Letter', 0)`, [there.siteId]);
});
afterAll(() => server.stop());

const path = (rest: string) => `/api/sites/${there.siteId}/persons/${rest}`;
const hear = async (email: string, phone = '') => {
  const heard = {
    siteId: there.siteId,
    email,
    phone,
    name: email.split('@')[0] ?? '',
    at: server.clock.now(),
  };
  return server.app
    .get(Transactions)
    .writeBare((database) => knownPerson(database, heard)) as Promise<string>;
};
const send = (email: string) => {
  server.clock.pass(1000);
  return server.post(`/c/${there.key}/submissions`, submission(there, { name: '', email }), { origin });
};
const sentBy = async (id: string) => {
  const { body } = await server.get(path(id));
  return body.timeline?.filter(({ kind }: { kind: string }) => kind === 'submission').length as number;
};
/** Puts somebody on the list, as a table brings them. */
async function subscribe(email: string): Promise<void> {
  const answer = await fetch(`${server.address}/api/sites/${there.siteId}/lists/l/import?words=By+hand`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream', cookie: server.cookie },
    body: `email\n${email}\n`,
  });
  expect(await answer.json()).toMatchObject({ added: 1 });
}

test('all of one goes over to the other, who is known by both addresses, and can be taken apart again', async () => {
  await send('mira@old.example');
  await send('mira@new.example');
  const [old, kept] = [await hear('mira@old.example', '+4930901820'), await hear('mira@new.example')];
  await server.send('PATCH', path(old), { tags: ['Teacher'] });
  await server.post(path(`${old}/notes`), { text: 'Left-handed' });
  const before = [(await server.get(path(kept))).body, (await server.get(path(old))).body];

  const merged = await server.post(path(`${kept}/merges`), { other: old });
  expect(merged.body).toMatchObject({
    ...{ email: 'mira@new.example', phone: '+4930901820', tags: ['Teacher'] },
    aliases: ['mira@old.example'],
  });
  expect(await sentBy(kept)).toBe(2);
  expect((await server.get(path(old))).status).toBe(404);
  await send('mira@old.example');
  expect(await sentBy(kept)).toBe(3);

  const merge = merged.body.timeline.find(({ kind }: { kind: string }) => kind === 'merge').id;
  expect((await server.send('DELETE', path(`${kept}/merges/${merge}`))).status).toBe(200);
  const [after, back] = [(await server.get(path(kept))).body, (await server.get(path(old))).body];
  expect(back).toEqual(before[1]);
  expect({ ...after, lastAt: 0, timeline: [] }).toEqual({ ...before[0], lastAt: 0, timeline: [] });
  // What came after stays with whoever was left.
  expect([await sentBy(kept), await sentBy(old)]).toEqual([2, 1]);
});

test('on a list that both were on, what was said last counts; taken apart, both stand as before', async () => {
  const [old, kept] = [await hear('a@m1.example'), await hear('b@m1.example')];
  const lists = async (id: string) =>
    ((await server.get(path(id))).body.lists ?? []).map(({ state }: { state: string }) => state);
  await subscribe('a@m1.example');
  server.clock.pass(5000);
  await subscribe('b@m1.example');
  const merged = await server.post(path(`${kept}/merges`), { other: old });
  expect(await lists(kept)).toEqual(['confirmed']);
  const merge = merged.body.timeline.find(({ kind }: { kind: string }) => kind === 'merge').id;
  await server.send('DELETE', path(`${kept}/merges/${merge}`));
  expect([await lists(kept), await lists(old)]).toEqual([['confirmed'], ['confirmed']]);
});

test('the last merge is undone first', async () => {
  const [one, two, three] = [
    await hear('a@m2.example'),
    await hear('b@m2.example'),
    await hear('c@m2.example'),
  ];
  await server.post(path(`${one}/merges`), { other: two });
  server.clock.pass(1000);
  const { body } = await server.post(path(`${one}/merges`), { other: three });
  const [last, first] = body.timeline.filter(({ kind }: { kind: string }) => kind === 'merge');
  expect([last.isLast, first.isLast]).toEqual([true, false]);
  expect((await server.send('DELETE', path(`${one}/merges/${first.id}`))).status).toBe(409);
  expect((await server.send('DELETE', path(`${one}/merges/${last.id}`))).status).toBe(200);
  expect((await server.send('DELETE', path(`${one}/merges/${first.id}`))).status).toBe(200);
  expect((await server.get(path(one))).body.aliases).toEqual([]);
});

test('one who had others in them takes those along, and gets them back', async () => {
  const [one, two, three] = [
    await hear('a@m3.example'),
    await hear('b@m3.example'),
    await hear('c@m3.example'),
  ];
  await server.post(path(`${two}/merges`), { other: three });
  server.clock.pass(1000);
  const { body } = await server.post(path(`${one}/merges`), { other: two });
  expect(body.aliases).toEqual(['b@m3.example', 'c@m3.example']);
  const [last] = body.timeline.filter(({ kind }: { kind: string }) => kind === 'merge');
  await server.send('DELETE', path(`${one}/merges/${last.id}`));
  expect((await server.get(path(two))).body).toMatchObject({ aliases: ['c@m3.example'] });
});

test.each([
  ['themselves', (id: string) => id, 400],
  ['nobody', () => 'p_none', 404],
])('a person is not merged with %s', async (_, other, status) => {
  const id = await hear('a@m4.example');
  expect((await server.post(path(`${id}/merges`), { other: other(id) })).status).toBe(status);
});

test('erased, a person leaves nothing of those who were merged into them', async () => {
  const [one, two] = [await hear('a@m5.example'), await hear('b@m5.example')];
  await server.post(path(`${one}/merges`), { other: two });
  await server.send('DELETE', path(one));
  const { body } = await server.get(`/api/sites/${there.siteId}/search?words=b@m5.example`);
  expect(body.hits).toEqual([]);
  expect(await hear('b@m5.example')).not.toBe(two);
});
