import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';
import { newId } from '../shared/ids.js';

/** Somebody heard of: by when that was, ms since 1970. */
export interface Heard {
  siteId: string;
  email: string;
  /** As all the world dials it (E.164). */
  phone: string;
  /** Keeps the name that is known where it is empty. */
  name: string;
  at: number;
}

// The conditions that an address is not empty let SQLite use the indexes of those that have one.
const byEmail = `SELECT coalesce(
  (SELECT personId FROM person_alias WHERE siteId = @siteId AND email = @email),
  (SELECT id FROM person WHERE siteId = @siteId AND email = @email AND email <> '')) AS id`;

const byPhone = `SELECT id FROM person WHERE siteId = @siteId AND phone = @phone AND phone <> ''
  ORDER BY lastAt DESC LIMIT 1`;

const byPhoneAlone = `SELECT id FROM person WHERE siteId = @siteId AND phone = @phone AND phone <> '' AND email = ''
  ORDER BY lastAt DESC LIMIT 1`;

const hearAgain = `UPDATE person SET
    name = CASE WHEN @name = '' THEN name ELSE @name END,
    email = CASE WHEN email = '' THEN @email ELSE email END,
    phone = CASE WHEN phone = '' THEN @phone ELSE phone END,
    firstAt = min(firstAt, @at), lastAt = max(lastAt, @at)
  WHERE id = @id`;

const meet = `INSERT INTO person (id, siteId, email, phone, name, firstAt, lastAt)
  VALUES (@id, @siteId, @email, @phone, @name, @at, @at)`;

/**
 * Stores that somebody has been heard of, whether or not they are known; returns their id, or `null` where nothing says who
 * it was. Called inside a transaction.
 *
 * Whoever leaves an address is known by it. Whoever leaves a phone number alone is whoever called from there last; people who
 * share a number (a school, a family) but have addresses of their own stay themselves.
 */
export function knownPerson(database: Database, heard: Heard): string | null {
  if (heard.email === '' && heard.phone === '') return null;
  const found = find(database, heard);
  const id = found ?? newId('p');
  statement(database, found === null ? meet : hearAgain).run({ ...heard, id });
  return id;
}

function find(database: Database, heard: Heard): string | null {
  const ask = (sql: string) => (statement(database, sql).get(heard) as { id: string | null } | undefined)?.id;
  const { email, phone } = heard;
  const ofAddress = email === '' ? null : ask(byEmail);
  if (ofAddress || phone === '') return ofAddress ?? null;
  return ask(email === '' ? byPhone : byPhoneAlone) ?? null;
}
