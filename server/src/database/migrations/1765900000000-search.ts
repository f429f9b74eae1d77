import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A table whose rows can be found. */
interface Source {
  table: string;
  kind: string;
  /** Columns whose change changes what a row is found by. */
  changes: string;
}

const sources: readonly Source[] = [
  { table: 'submission', kind: 'submission', changes: 'fields, page, widgetName' },
  { table: 'person', kind: 'person', changes: 'name, email, phone, tags' },
  { table: 'person_note', kind: 'note', changes: 'text, personId' },
  { table: 'lead', kind: 'lead', changes: 'title, personId' },
  { table: 'invoice', kind: 'invoice', changes: 'number, buyer, lines, note' },
];

// Ids are unique by themselves but for those of submissions, which visitors' pages make.
const siteOf = (table: string, row: 'new' | 'old' | 'r') => (table === 'submission' ? `${row}.siteId` : `''`);

const isChanged = (changes: string) =>
  changes
    .split(', ')
    .map((column) => `old.${column} IS NOT new.${column}`)
    .join(' OR ');

/**
 * Everything that people look for, in one index of words (FTS5, https://sqlite.org/fts5.html). The tables say by themselves which
 * of their rows have to be read again, in the transaction that writes them; reading them there and then took as long as
 * the rest of a submission. What is erased leaves the index at once.
 */
export class Search1765900000000 implements MigrationInterface {
  name = 'Search1765900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE search_entry (
      id INTEGER PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      kind TEXT NOT NULL,
      ref TEXT NOT NULL,
      target TEXT NOT NULL,
      title TEXT NOT NULL,
      text TEXT NOT NULL,
      scope TEXT GENERATED ALWAYS AS (siteId || ' ' || kind) VIRTUAL) STRICT`);
    await runner.query(`CREATE UNIQUE INDEX search_entry_ref ON search_entry (kind, ref, siteId)`);
    await runner.query(`CREATE INDEX search_entry_site ON search_entry (siteId)`);
    await runner.query(`CREATE TABLE search_pending (
      kind TEXT NOT NULL, ref TEXT NOT NULL, siteId TEXT NOT NULL,
      PRIMARY KEY (kind, ref, siteId)) STRICT, WITHOUT ROWID`);
    await runner.query(`CREATE VIRTUAL TABLE search_words USING fts5 (title, text, scope,
      content = 'search_entry', content_rowid = 'id', prefix = '2 3', tokenize = "unicode61 remove_diacritics 2")`);
    // What is erased leaves nothing behind in the index.
    await runner.query(`INSERT INTO search_words (search_words, rank) VALUES ('secure-delete', 1)`);
    await runner.query(`CREATE TRIGGER search_entry_in AFTER INSERT ON search_entry BEGIN
      INSERT INTO search_words (rowid, title, text, scope)
        VALUES (new.id, new.title, new.text, new.siteId || ' ' || new.kind);
    END`);
    await runner.query(`CREATE TRIGGER search_entry_out AFTER DELETE ON search_entry BEGIN
      INSERT INTO search_words (search_words, rowid, title, text, scope)
        VALUES ('delete', old.id, old.title, old.text, old.siteId || ' ' || old.kind);
    END`);
    for (const { table, kind, changes } of sources) {
      const pending = `INSERT OR IGNORE INTO search_pending (kind, ref, siteId)
        VALUES ('${kind}', new.id, ${siteOf(table, 'new')})`;
      const old = `kind = '${kind}' AND ref = old.id${table === 'submission' ? ' AND siteId = old.siteId' : ''}`;
      await runner.query(
        `INSERT INTO search_pending SELECT '${kind}', r.id, ${siteOf(table, 'r')} FROM ${table} r`,
      );
      await runner.query(`CREATE TRIGGER search_${table}_in AFTER INSERT ON ${table} BEGIN ${pending}; END`);
      await runner.query(`CREATE TRIGGER search_${table}_on AFTER UPDATE OF ${changes} ON ${table}
        WHEN ${isChanged(changes)} BEGIN ${pending}; END`);
      await runner.query(`CREATE TRIGGER search_${table}_out AFTER DELETE ON ${table} BEGIN
        DELETE FROM search_entry WHERE ${old};
        DELETE FROM search_pending WHERE ${old};
      END`);
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const { table } of sources)
      for (const end of ['in', 'out', 'on']) await runner.query(`DROP TRIGGER search_${table}_${end}`);
    await runner.query(`DROP TABLE search_words`);
    await runner.query(`DROP TABLE search_pending`);
    await runner.query(`DROP TABLE search_entry`);
  }
}
