import { randomBytes } from 'node:crypto';
import { DataSource } from 'typeorm';
import { UserEntity } from '../accounts/accounts.entity.js';
import { newId } from '../shared/ids.js';
import { TestServer } from '../testing/server.js';
import { GroupWriter } from './group-writer.js';
import { statement } from './statements.js';
import { Transactions } from './transactions.js';

let server: TestServer;
beforeAll(async () => {
  server = await TestServer.start();
});
afterAll(() => server.stop());

const insert = 'INSERT INTO user (id, email, name, createdAt) VALUES (?, ?, ?, 0)';
const newUser = () => [newId('user'), `${randomBytes(6).toString('hex')}@x.example`, 'X'] as const;
const exists = async (id: string) =>
  (await server.app.get(DataSource).getRepository(UserEntity).countBy({ id })) === 1;

test('the database keeps its promises: write-ahead log, foreign keys, full synchronisation', async () => {
  const pragma = (name: string) =>
    server.app.get(DataSource).query<Record<string, unknown>[]>(`PRAGMA ${name}`);
  expect(await pragma('journal_mode')).toEqual([{ journal_mode: 'wal' }]);
  expect(await pragma('foreign_keys')).toEqual([{ foreign_keys: 1 }]);
  expect(await pragma('synchronous')).toEqual([{ synchronous: 2 }]);
});

test('the entities and the migrated tables agree', async () => {
  const dataSource = server.app.get(DataSource);
  for (const { tableName, columns } of dataSource.entityMetadatas) {
    const found = await dataSource.query<{ name: string; notnull: number }[]>(
      `PRAGMA table_info(${tableName})`,
    );
    const names = columns.map(({ databaseName }) => databaseName).sort();
    expect([tableName, ...found.map(({ name }) => name).sort()]).toEqual([tableName, ...names]);
  }
});

test('the migrations can be taken back and made again', async () => {
  const other = await TestServer.start();
  try {
    const dataSource = other.app.get(DataSource);
    for (const _ of dataSource.migrations) await dataSource.undoLastMigration();
    const tables = await dataSource.query<{ name: string }[]>(
      `SELECT name FROM sqlite_master WHERE type = 'table'`,
    );
    expect(tables.map(({ name }) => name).filter((name) => !/^(migrations|sqlite_.*)$/.test(name))).toEqual(
      [],
    );
    await dataSource.runMigrations();
    expect((await other.get('/health')).status).toBe(200);
  } finally {
    await other.stop();
  }
});

test('jobs of one moment share a commit, and each gets its own result', async () => {
  const groups = server.app.get(GroupWriter);
  const users = Array.from({ length: 30 }, newUser);
  const inTransaction = await Promise.all(
    users.map((user) =>
      groups.add((database) => {
        statement(database, insert).run(...user);
        return [database.inTransaction, user[0]];
      }),
    ),
  );
  expect(inTransaction).toEqual(users.map(([id]) => [true, id]));
  for (const [id] of users) expect(await exists(id)).toBe(true);
});

test('a job that fails is told so, and those beside it do not suffer', async () => {
  const groups = server.app.get(GroupWriter);
  const [good, other] = [newUser(), newUser()];
  const outcomes = await Promise.allSettled([
    groups.add((database) => statement(database, insert).run(...good)),
    groups.add((database) => statement(database, insert).run(good[0], 'again@x.example', 'X')),
    groups.add((database) => statement(database, insert).run(...other)),
  ]);
  expect(outcomes.map(({ status }) => status)).toEqual(['fulfilled', 'rejected', 'fulfilled']);
  expect([await exists(good[0]), await exists(other[0])]).toEqual([true, true]);
});

test('transactions wait for each other, and one that fails leaves nothing and holds up nobody', async () => {
  const transactions = server.app.get(Transactions);
  const order: string[] = [];
  const [lost, kept] = [newUser(), newUser()];
  const first = transactions.write(async (manager) => {
    order.push('first begins');
    await manager.query(insert, [...lost]);
    await new Promise((done) => setImmediate(done));
    order.push('first fails');
    throw new Error('no');
  });
  const second = transactions.write(async (manager) => {
    order.push('second begins');
    await manager.query(insert, [...kept]);
  });
  await expect(first).rejects.toThrow('no');
  await second;
  expect(order).toEqual(['first begins', 'first fails', 'second begins']);
  expect([await exists(lost[0]), await exists(kept[0])]).toEqual([false, true]);
});

test('a statement is prepared once a connection', async () => {
  const transactions = server.app.get(Transactions);
  const [one, other] = await Promise.all(
    [0, 1].map(() => transactions.writeBare((database) => statement(database, 'SELECT 1'))),
  );
  expect(one).toBe(other);
});

test('ids are unique and say what they are of', () => {
  const first = newId('w');
  const many = Array.from({ length: 1000 }, () => newId('w'));
  expect(new Set(many).size).toBe(1000);
  expect(first).toMatch(/^w_[0-9a-f]{28}$/);
});
