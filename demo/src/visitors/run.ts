import { setTimeout as wait } from 'node:timers/promises';
import { seedOf, seeded } from '@sirene/core/base/random';
import { characters } from './characters.js';
import { chatsOf, lineOf, type Place } from './line.js';
import { visit } from './visit.js';

export interface Run extends Place {
  seed: number;
  /** So many are there at the same time. */
  atOnce: number;
  /** How many times as fast as people are. */
  speed: number;
  /** After so many in all it is over. */
  visits: number;
  tell(line: string): void;
}

/** Time between two visits of the same place, ms. */
const betweenMs = 8000;

/** Lets characters visit, some at a time, until so many have been there; the same ones in the same order for the same seed. */
export async function playVisitors({ seed, atOnce, speed, visits, tell, ...place }: Run): Promise<void> {
  const chats = await chatsOf(place);
  const there = characters.filter(({ chat }) => chats.has(chat));
  if (there.length === 0) throw new Error('Neither the Evening desk nor the Shop desk is published.');
  let begun = 0;
  const one = async () => {
    while (begun < visits) {
      const random = seeded(seedOf(seed, begun++));
      const character = there[Math.floor(random() * there.length)] ?? there[0];
      if (!character) return;
      tell(`${character.name} writes to ${character.chat}`);
      const side = lineOf(place, chats.get(character.chat) ?? '', character);
      const pause = (ms: number) => wait(ms);
      const isAnswered = await visit(character, side, { random, now: Date.now, pause, speed });
      tell(`${character.name} ${isAnswered ? 'has their answer' : 'gave up'}`);
      await pause((random() * betweenMs) / speed);
    }
  };
  await Promise.all(Array.from({ length: atOnce }, one));
}
