import { sha256 } from '@noble/hashes/sha2.js';
import { utf8ToBytes } from '@noble/hashes/utils.js';

/** What a page does for each submission at rest, bits: some 4000 hashes, a tenth of a second on a slow phone. */
export const leastWork = 12;
/** The most that is asked of anybody, bits: 64 times as much. */
export const mostWork = 18;
/** So much spam in the time that is looked at is usual. */
const usual = 50;
/** The longest proof that is read, in characters. */
export const longestProof = 20;

/** How many bits at the beginning of a hash are zero. */
function zeros(hash: Uint8Array): number {
  const first = hash.findIndex((byte) => byte !== 0);
  return first < 0 ? hash.length * 8 : first * 8 + Math.clz32(hash[first] as number) - 24;
}

/**
 * How much work a proof shows, bits: the zeros that SHA-256 of the submission's id and the proof begins with (hashcash, Back 2002).
 * The id is made for one submission and taken once, so a proof is of no use a second time.
 */
export const workOf = (id: string, proof: string): number => zeros(sha256(utf8ToBytes(`${id}:${proof}`)));

/**
 * Looks for a proof of work among some numbers.
 *
 * @param from the first that is tried
 * @param count how many are tried: some thousands take about as many hundredths of a millisecond
 * @returns the proof; `null` where none of them is one
 * @example findProof('018f…', 12, 0, 1e6) // '2931'
 */
export function findProof(id: string, bits: number, from: number, count: number): string | null {
  for (let number = from; number < from + count; number++) {
    const proof = number.toString(36);
    if (workOf(id, proof) >= bits) return proof;
  }
  return null;
}

/**
 * How much work is asked for, bits: one more each time that the spam of the last minutes doubles.
 *
 * @param spam how many submissions were held back in that time
 */
export const workAsked = (spam: number): number =>
  Math.min(mostWork, leastWork + Math.max(0, Math.floor(Math.log2(spam / usual) + 1)));
