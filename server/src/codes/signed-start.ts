import { createHmac, timingSafeEqual } from 'node:crypto';

/** When a countdown of a visitor's own began, and when it is over, ms since 1970. */
export interface Start {
  widget: string;
  element: string;
  at: number;
  until: number;
}

const sign = (text: string, key: string): Buffer => createHmac('sha256', key).update(text).digest();

/** A start as a text that only who has the key can make (HMAC, RFC 2104). */
export function signStart(start: Start, key: string): string {
  const text = Buffer.from(JSON.stringify(start)).toString('base64url');
  return `${text}.${sign(text, key).toString('base64url')}`;
}

/** Reads a start that was signed with the key; `null` for any other text. */
export function readStart(token: string, key: string): Start | null {
  const [text = '', signature = ''] = token.split('.');
  const given = Buffer.from(signature, 'base64url');
  const own = sign(text, key);
  if (given.length !== own.length || !timingSafeEqual(given, own)) return null;
  return JSON.parse(Buffer.from(text, 'base64url').toString()) as Start;
}
