import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import type { Asked, Kept } from '../testing/write-thread-script.js';
import type { Connection } from './connection.js';
import { prepareDatabase } from './prepare.js';
import { StorageFault } from './storage-fault.js';
import { Transactions } from './transactions.js';
import { WriteThread } from './write-thread.js';

const script = new URL('../testing/write-thread-script.js', import.meta.url);
let folder: string;
let database: Database.Database;
let transactions: Transactions;
let thread: WriteThread<Asked, Kept>;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'sirene-thread-'));
  const file = join(folder, 'words.db');
  database = new Database(file);
  prepareDatabase(database);
  database.exec('CREATE TABLE word (word TEXT NOT NULL PRIMARY KEY)');
  const own = {
    transaction: (work: (open: Database.Database) => unknown) =>
      Promise.resolve(database.transaction(() => work(database)).immediate()),
  };
  transactions = new Transactions(own as unknown as Connection);
  thread = new WriteThread(transactions, script, file);
});
afterEach(async () => {
  await thread.end();
  database.close();
  rmSync(folder, { recursive: true });
});

const words = () => database.prepare('SELECT word FROM word ORDER BY rowid').pluck().all();
const all = (count: number) => Array.from({ length: count }, (_, at) => `w${at}`);

test('what is asked together is kept in turn, each with its own answer, by a thread that stays', async () => {
  const kept = await Promise.all(all(1200).map((word) => thread.add({ word })));
  expect(kept.map((one) => one.words)).toEqual(Array.from({ length: 1200 }, (_, at) => at + 1));
  expect(words()).toEqual(all(1200));
  const { thread: again } = await thread.add({ word: 'later' });
  expect(new Set([...kept.map((one) => one.thread), again]).size).toBe(1);
});

test('one that is at fault fails by itself, and those beside it are kept', async () => {
  const asked = [...all(5), 'w3', ...all(8).slice(5)];
  const outcomes = await Promise.allSettled(asked.map((word) => thread.add({ word })));
  expect(outcomes.map(({ status }) => status === 'fulfilled')).toEqual(asked.map((_, at) => at !== 5));
  expect(outcomes[5]).toMatchObject({
    reason: { message: expect.stringContaining('UNIQUE') as string },
  });
  expect(words()).toEqual(all(8));
});

test('the disk fails one as it fails all; nothing of them is kept, and the next is', async () => {
  const asked: Asked[] = [{ word: 'a' }, { full: true }, { word: 'b' }];
  const outcomes = await Promise.allSettled(asked.map((one) => thread.add(one)));
  for (const one of outcomes) expect(one).toMatchObject({ reason: { reason: 'The disk is full.' } });
  expect(words()).toEqual([]);
  expect((await thread.add({ word: 'c' })).words).toBe(1);
});

test.each<[string, Asked]>([
  ['ends', { exit: true }],
  ['breaks', { throwLater: true }],
])('where the thread %s, who waits is told to come again, and another takes its place', async (_, asked) => {
  const { thread: first } = await thread.add({ word: 'before' });
  await Promise.allSettled([thread.add(asked)]);
  for (let at = 0; ; at++) {
    const [one] = await Promise.allSettled([thread.add({ word: `w${at}` })]);
    if (one.status === 'rejected') expect(one.reason).toBeInstanceOf(StorageFault);
    else if (one.value.thread !== first) break;
  }
  expect((await thread.add({ word: 'after' })).words).toBe(words().length);
});

test('while the thread writes nobody else does, and those who asked have their turn', async () => {
  const order: string[] = [];
  const writing = transactions.writeBare(() => order.push('here'));
  const elsewhere = thread.add({ word: 'a' }).then(() => order.push('thread'));
  await new Promise(setImmediate);
  const after = transactions.writeBare(() => {
    order.push(`here, with ${words().join()}`);
  });
  await Promise.all([writing, elsewhere, after]);
  expect(order[0]).toBe('here');
  expect(order).toContain('here, with a');
});

test('who goes on with what was kept is not left waiting', async () => {
  for (const word of all(30)) await thread.add({ word });
  const chains = ['x', 'y'].map(async (letter) => {
    for (const word of all(30)) await thread.add({ word: letter + word });
  });
  await Promise.all(chains);
  expect(words()).toHaveLength(90);
});

test('it ends once all that waits is kept; one that has not begun has nothing to end', async () => {
  const kept = Promise.all(all(50).map((word) => thread.add({ word })));
  await thread.end();
  await kept;
  expect(words()).toHaveLength(50);
  await new WriteThread(transactions, script, join(folder, 'other.db')).end();
});
