import { createHash } from 'node:crypto';

const minute = 60_000;
const waits = [0.5, 2, 10, 60, 180, 720, 1440].map((minutes) => minutes * minute);
/** How much sooner or later than that, as a share: what failed together does not come back together. */
const spread = 0.2;

/**
 * How long to wait before the next attempt after so many, ms; `null` when it is time to give up, after about two days.
 *
 * @param id whose attempt it is: each has a little more or less, and always the same
 */
export function waitAfter(attempts: number, id: string): number | null {
  const wait = waits[attempts - 1];
  if (wait === undefined) return null;
  const share = createHash('sha256').update(id).digest().readUInt32BE() / 2 ** 32;
  return Math.round(wait * (1 - spread + 2 * spread * share));
}
