import { entriesPerMs, type SearchKind } from './search-words.js';

/** What a row can be found by, in terms of the row `r` of its table. */
interface Source {
  table: string;
  site: string;
  /** What the entry opens. */
  target: string;
  title: string;
  text: string;
  at: string;
}

const sources: Readonly<Record<SearchKind, Source>> = {
  submission: {
    table: 'submission',
    site: 'r.siteId',
    target: 'r.id',
    title: 'r.widgetName',
    text: `coalesce((SELECT group_concat(value ->> 'value', ' · ') FROM json_each(r.fields)), '') || ' · ' || r.page`,
    at: 'r.receivedAt',
  },
  person: {
    table: 'person',
    site: 'r.siteId',
    target: 'r.id',
    title: `coalesce(nullif(r.name, ''), nullif(r.email, ''), r.phone)`,
    text: `r.name || ' · ' || r.email || ' · ' || r.phone || ' · ' ||
      coalesce((SELECT group_concat(value, ' · ') FROM json_each(r.tags)), '')`,
    at: 'r.firstAt',
  },
  conversation: {
    table: 'conversation',
    site: 'r.siteId',
    target: 'r.id',
    title: `coalesce(nullif(r.name, ''), nullif(r.email, ''), r.widgetName)`,
    text: `coalesce((SELECT group_concat(text, ' · ') FROM chat_message WHERE conversationId = r.id), '') || ' · ' || r.email`,
    at: 'r.startedAt',
  },
  note: {
    table: 'person_note',
    site: '(SELECT siteId FROM person WHERE id = r.personId)',
    target: 'r.personId',
    // Told with whose it is, by who asks: their name may change.
    title: `''`,
    text: 'r.text',
    at: 'r.at',
  },
  lead: {
    table: 'lead',
    site: 'r.siteId',
    target: 'r.personId',
    title: 'r.title',
    text: 'r.title',
    at: 'r.createdAt',
  },
  invoice: {
    table: 'invoice',
    site: 'r.siteId',
    target: 'r.id',
    title: `coalesce(r.number, 'Draft')`,
    text: `coalesce(r.number, '') || ' · ' || (r.buyer ->> 'name') || ' · ' || (r.buyer ->> 'email') || ' · ' ||
      coalesce((SELECT group_concat(value ->> 'name', ' · ') FROM json_each(r.lines)), '') || ' · ' || r.note`,
    at: 'r.createdAt',
  },
};

/**
 * Writes the entry of a row, by its id (and its site, of a submission). Its number is the next of its moment, so that the newest
 * of many come first without sorting.
 */
export function insertEntry(kind: SearchKind): string {
  const { table, site, target, title, text, at } = sources[kind];
  const first = `${at} * ${entriesPerMs}`;
  return `INSERT INTO search_entry (id, siteId, kind, ref, target, title, text)
    SELECT coalesce(
        (SELECT max(id) + 1 FROM search_entry WHERE id >= ${first} AND id < ${first} + ${entriesPerMs}), ${first}),
      ${site}, '${kind}', r.id, ${target}, ${title}, ${text}
    FROM ${table} r WHERE r.id = ?${kind === 'submission' ? ' AND r.siteId = ?' : ''}`;
}

/** Drops the entry of a row, by the same. */
export const deleteEntry = (kind: SearchKind): string =>
  `DELETE FROM search_entry WHERE kind = '${kind}' AND ref = ?${kind === 'submission' ? ' AND siteId = ?' : ''}`;
