import { newId } from '../shared/ids.js';

/** Somebody heard of again: by when they were first and last heard of, ms since 1970. */
interface Heard {
  siteId: string;
  email: string;
  /** Keeps the name that is known where it is empty. */
  name: string;
  at: number;
}

/** Stores whoever has this e-mail address on a site, or says that they have been heard of again; returns their id. */
export const upsertPerson = `INSERT INTO person (id, siteId, email, name, firstAt, lastAt) VALUES (?, ?, ?, ?, ?, ?)
  ON CONFLICT (siteId, email) DO UPDATE SET
    name = CASE WHEN excluded.name = '' THEN name ELSE excluded.name END,
    firstAt = min(firstAt, excluded.firstAt), lastAt = max(lastAt, excluded.lastAt)
  RETURNING id`;

/** What stands for the question marks of {@link upsertPerson}. */
export const heardOf = ({ siteId, email, name, at }: Heard) => [newId('p'), siteId, email, name, at, at];
