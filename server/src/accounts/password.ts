import { randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { promisify } from 'node:util';

const derive = promisify<string, Buffer, number, ScryptOptions, Buffer>(scrypt);

// 64 MiB and about 0.2 s a guess: scrypt (RFC 7914) with the OWASP figures of N = 2^16, r = 8, p = 1.
const cost = { N: 2 ** 16, r: 8, p: 1, maxmem: 128 * 1024 * 1024 };
const bytes = 32;

/** Hashes a password for keeping. */
export async function hashPassword(password: string): Promise<string> {
  const salt = randomBytes(16);
  const hash = await derive(password.normalize('NFKC'), salt, bytes, cost);
  return ['scrypt', cost.N, cost.r, cost.p, salt.toString('base64'), hash.toString('base64')].join('$');
}

/** Whether a password is the one that was hashed. A missing hash costs the same time as a wrong password. */
export async function checkPassword(password: string, kept: string | null): Promise<boolean> {
  const [, n, r, p, salt, hash] = (kept ?? `scrypt$${cost.N}$8$1$AAAA$`).split('$') as string[];
  const options = { ...cost, N: Number(n), r: Number(r), p: Number(p) };
  const found = await derive(password.normalize('NFKC'), Buffer.from(salt ?? '', 'base64'), bytes, options);
  const expected = Buffer.from(hash ?? '', 'base64');
  return expected.length === bytes && timingSafeEqual(found, expected);
}
