import type { Random } from '@sirene/core/base/random';
import type { Character } from './characters.js';

/** The visitor's side of a conversation. */
export interface VisitorSide {
  say(text: string): Promise<void>;
  /** What was answered since; `null` where nothing was for so long (ms), or the desk has ended the conversation. */
  answer(ms: number): Promise<string | null>;
  end(): Promise<void>;
  rate(rating: number): Promise<void>;
}

/** What a visit goes by beside the character: chance, and time. */
export interface Going {
  random: Random;
  now(): number;
  pause(ms: number): Promise<void>;
  /** How many times as fast as people are. */
  speed: number;
}

const minuteMs = 60_000;

/** How long people take to read an answer and to write the next line, ms: some seconds, and what its length asks for. */
const readingMs = (answer: string, random: Random): number => 2000 + random() * 6000 + answer.length * 40;

/** Stars for how long the slowest answer took, as a share of their patience (0 to 1). */
export const ratingFor = (waited: number): number => Math.max(1, 5 - Math.floor(waited * 4));

/**
 * Plays a visit from its first message to its end: each answer is read and the next thing asked; who is kept waiting too long leaves.
 *
 * @returns whether all was answered
 */
export async function visit(character: Character, side: VisitorSide, going: Going): Promise<boolean> {
  const { says, thanks, gone, patience } = character;
  const { random, now, pause, speed } = going;
  const patienceMs = (patience * minuteMs) / speed;
  let slowest = 0;
  for (const [at, text] of says.entries()) {
    await side.say(text);
    const asked = now();
    const answer = await side.answer(patienceMs);
    if (answer === null) {
      await side.say(gone);
      return false;
    }
    slowest = Math.max(slowest, (now() - asked) / patienceMs);
    await pause(readingMs(answer, random) / speed);
    if (at === says.length - 1) await side.say(thanks);
  }
  await side.end();
  await side.rate(ratingFor(slowest));
  return true;
}
