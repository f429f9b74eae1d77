import { randomBytes } from 'node:crypto';

/** A new id: a prefix that says what it is of, and 80 random bits. */
export function newId(prefix: string): string {
  return `${prefix}_${randomBytes(10).toString('hex')}`;
}
