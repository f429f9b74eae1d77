/** Numbers from 0 up to 1, the same ones for the same seed (mulberry32). */
export type Random = () => number;

/** @param seed any whole number */
export function seeded(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = state;
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** The seed of one of many that are drawn apart from each other: the same one for the same seed and place. */
export const seedOf = (seed: number, place: number): number =>
  Math.floor(seeded(Math.imul(seed, 0x9e3779b1) + place)() * 4_294_967_296);

/** A number of an exponential distribution: most are short, some are long. */
export const exponential = (random: Random, mean: number): number => -mean * Math.log(1 - random());

/** One of some things, each as likely as its weight says. */
export function weighted<T>(random: Random, choices: readonly (readonly [T, weight: number])[]): T {
  let left = random() * choices.reduce((sum, [, weight]) => sum + weight, 0);
  for (const [choice, weight] of choices) {
    left -= weight;
    if (left < 0) return choice;
  }
  return (choices.at(-1) as readonly [T, number])[0];
}
