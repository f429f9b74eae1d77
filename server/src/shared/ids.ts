import { randomUUID } from 'node:crypto';

/**
 * A new id: a prefix that says what it is of, the moment in ms, and 64 random bits, all in hex.
 *
 * Ids that grow with time (as in RFC 9562, version 7) land side by side in their indexes; random ones dirtied a page
 * each, and a commit of 64 submissions wrote ten times as much.
 */
export function newId(prefix: string): string {
  const time = Date.now().toString(16).padStart(12, '0');
  // randomUUID draws on a pool that Node.js fills ahead, and is far cheaper than asking for bytes each time.
  return `${prefix}_${time}${randomUUID().replaceAll('-', '').slice(-16)}`;
}
