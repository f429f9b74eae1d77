import type { SiteEntity } from '../sites/sites.entity.js';
import type { Cursor } from '../shared/cursor.js';
import { entriesPerMs, matchOf, type Reach } from '../search/search-words.js';
import type { FilterSubmissionsDto } from './dto/list-submissions.dto.js';

/** A statement with what stands for its question marks. */
interface Query {
  sql: string;
  values: (string | number)[];
}

/** Submissions that are counted: of those found by words, each costs a look at itself. Beyond is only told that there are more. */
const mostCounted = { all: 10_000, byWords: 1000 };

/** What finds the ids of the submissions that match, newest first. */
export function idsOf(
  site: SiteEntity,
  filter: FilterSubmissionsDto,
  limit: number,
  after: Cursor | null,
  reach: Reach,
): Query {
  const { from, where, values, order } = matching(site, filter, reach);
  const later = after ? order.after(site, after) : { sql: '', values: [] };
  return {
    sql: `SELECT submission.id FROM ${from} WHERE ${where}${later.sql} ORDER BY ${order.by} LIMIT ?`,
    values: [...values, ...later.values, limit],
  };
}

/** What counts the submissions that match, as far as they are counted. */
export function countOf(
  site: SiteEntity,
  filter: FilterSubmissionsDto,
  reach: Reach,
): Query & { most: number } {
  const { from, where, values, order } = matching(site, filter, reach);
  const most = order === byTime ? mostCounted.all : mostCounted.byWords;
  return {
    sql: `SELECT count(*) AS total FROM (SELECT 1 FROM ${from} WHERE ${where} LIMIT ${most + 1})`,
    values,
    most,
  };
}

interface Order {
  by: string;
  after(site: SiteEntity, cursor: Cursor): Query;
}

const byTime: Order = {
  by: 'submission.receivedAt DESC, submission.id',
  after: (_, { at, id }) => ({
    sql: ' AND (submission.receivedAt < ? OR (submission.receivedAt = ? AND submission.id > ?))',
    values: [at, at, id],
  }),
};

// The index of words is read from its end, entry by entry, until there are enough: nothing is sorted.
const byEntry: Order = {
  by: 'search_words.rowid DESC',
  after: ({ id: siteId }, { at, id }) => ({
    sql: ` AND search_words.rowid <
      coalesce((SELECT id FROM search_entry WHERE kind = 'submission' AND ref = ? AND siteId = ?), ?)`,
    values: [id, siteId, at * entriesPerMs],
  }),
};

function matching(site: SiteEntity, filter: FilterSubmissionsDto, reach: Reach) {
  const { words = '', widget, held, unread, assignee, since, until } = filter;
  const conditions: Query[] = [
    { sql: 'submission.siteId = ?', values: [site.id] },
    { sql: `submission.held IS ${held ? 'NOT ' : ''}NULL`, values: [] },
    ...(widget ? [{ sql: 'submission.widgetId = ?', values: [widget] }] : []),
    ...(unread ? [{ sql: 'submission.readAt IS NULL', values: [] }] : []),
    ...(assignee === 'nobody' ? [{ sql: 'submission.assigneeId IS NULL', values: [] }] : []),
    ...(assignee && assignee !== 'nobody' ? [{ sql: 'submission.assigneeId = ?', values: [assignee] }] : []),
    ...(since !== undefined ? [{ sql: 'submission.receivedAt >= ?', values: [since] }] : []),
    ...(until !== undefined ? [{ sql: 'submission.receivedAt < ?', values: [until] }] : []),
  ];
  const match = matchOf(site.id, 'submission', words, reach);
  const found = match === null ? [] : [{ sql: 'search_words MATCH ?', values: [match] }];
  const all = [...found, ...conditions];
  return {
    // CROSS JOIN holds SQLite to this order: the words first.
    from:
      match === null
        ? 'submission'
        : `search_words CROSS JOIN search_entry entry ON entry.id = search_words.rowid
             CROSS JOIN submission ON submission.siteId = entry.siteId AND submission.id = entry.ref`,
    where: all.map(({ sql }) => sql).join(' AND '),
    values: all.flatMap(({ values }) => values),
    order: match === null ? byTime : byEntry,
  };
}
