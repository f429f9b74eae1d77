import type { Database } from 'better-sqlite3';
import { writeDeliveries, type NewDelivery } from '../actions/write-deliveries.js';
import { statement } from '../database/statements.js';
import { claimFiles } from '../files/claim-files.js';
import { knownPerson, type Heard } from '../people/known-person.js';
import type { Held, SubmittedField } from '../people/people.entity.js';

/** A submission that has been checked, with all that is written with it. Plain data: it goes to another thread. */
export interface CheckedSubmission {
  siteId: string;
  id: string;
  widget: { id: string; name: string; version: number };
  fields: SubmittedField[];
  page: string;
  title: string;
  /** ms since 1970. */
  receivedAt: number;
  /** Who it was, as far as they said. */
  heard: Heard;
  /** Why it is held back; `null` where it counts. */
  held: Held | null;
  /** What is to follow it. */
  deliveries: NewDelivery[];
}

/** What has become of it: stored now or before; or its id belongs to another. */
export type Stored = 'stored' | 'again' | 'taken';

const insertSubmission = `INSERT INTO submission
    (siteId, id, widgetId, widgetName, versionNumber, personId, fields, page, pageTitle, receivedAt, held)
  VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?) ON CONFLICT DO NOTHING`;

const selectWidget = 'SELECT widgetId FROM submission WHERE siteId = ? AND id = ?';

/** Stores a submission, who sent it, and what is to follow; called inside a transaction. */
export function storeSubmission(database: Database, checked: CheckedSubmission): Stored {
  const { siteId, id, widget, fields, held } = checked;
  const personId = held ? null : knownPerson(database, checked.heard);
  const { changes } = statement(database, insertSubmission).run(
    siteId,
    id,
    widget.id,
    widget.name,
    widget.version,
    personId,
    JSON.stringify(fields),
    checked.page,
    checked.title,
    checked.receivedAt,
    held && JSON.stringify(held),
  );
  if (changes === 0) {
    const known = statement(database, selectWidget).get(siteId, id) as { widgetId: string };
    return known.widgetId === widget.id ? 'again' : 'taken';
  }
  const files = fields.flatMap(({ files: own = [] }) => own.map((one) => one.id));
  claimFiles(database, siteId, id, files);
  writeDeliveries(database, { siteId, submissionId: id }, checked.deliveries, checked.receivedAt);
  return 'stored';
}
