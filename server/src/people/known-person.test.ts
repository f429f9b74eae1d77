import { Transactions } from '../database/transactions.js';
import { publishSignup, TestServer, type Published } from '../testing/server.js';
import { knownPerson } from './known-person.js';

let server: TestServer;
let there: Published;
beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
});
afterAll(() => server.stop());

let at = 1000;
const hear = (email: string, phone: string, name = '') =>
  server.app
    .get(Transactions)
    .writeBare((database) => knownPerson(database, { siteId: there.siteId, email, phone, name, at: at++ }));
const whole = async (id: string | null) =>
  (await server.get(`/api/sites/${there.siteId}/persons/${id}`)).body as Record<string, unknown>;

test('whoever says neither address nor number is nobody', async () => {
  expect(await hear('', '', 'Mira')).toBeNull();
});

test('one address is one person, however it is written', async () => {
  const first = await hear('mira@stone.example', '');
  expect(await hear('Mira@Stone.example', '+4930901820', 'Mira')).toBe(first);
  expect(await hear('mira@stone.example', '+4930901821')).toBe(first);
  expect(await whole(first)).toMatchObject({
    name: 'Mira',
    phone: '+4930901820',
    firstAt: 1001,
    lastAt: 1003,
  });
});

test('a number alone is whoever called from there last, and an address that comes to it belongs to them', async () => {
  const caller = await hear('', '+442079460018', 'Bran');
  expect(await hear('', '+442079460018')).toBe(caller);
  expect(await hear('bran@holt.example', '+442079460018')).toBe(caller);
  expect(await whole(caller)).toMatchObject({ name: 'Bran', email: 'bran@holt.example' });
});

test('who share a number but have addresses of their own stay themselves, and are shown as perhaps the same', async () => {
  const [one, other] = [
    await hear('a@school.example', '+4930901822'),
    await hear('b@school.example', '+4930901822'),
  ];
  expect(one).not.toBe(other);
  expect(await hear('', '+4930901822')).toBe(other);
  expect((await whole(one))['same']).toEqual([{ id: other, name: '', email: 'b@school.example' }]);
});
