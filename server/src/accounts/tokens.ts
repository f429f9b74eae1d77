import { createHash, randomBytes, randomInt } from 'node:crypto';

/** A token that can't be guessed: 256 random bits, base64url. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** Of tokens only this is kept: a copy of the database opens nothing. */
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

// Without characters that are mistaken for each other when read off a screen.
const letters = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';

/** A code to be typed by hand, such as `K7QM-3FXP-WT4D`: 58 random bits. */
export function newCode(): string {
  const group = () => Array.from({ length: 4 }, () => letters[randomInt(letters.length)]).join('');
  return [group(), group(), group()].join('-');
}

/** A code as it was meant, however it was typed. */
export const plainCode = (typed: string): string => typed.toUpperCase().replace(/[^A-Z0-9]/g, '');
