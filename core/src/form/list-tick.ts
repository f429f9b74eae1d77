import type { Answers } from './answer.js';

// No field can be called so: names hold no dot.
const ending = '.list';

/** The name under which the tick beside an e-mail field is sent. */
export const listTickKey = (key: string): string => `${key}${ending}`;

/** Whether whoever sent a form may be put on a list: true where it asks no such thing, or where it was ticked. */
export const agreesToList = (answers: Answers): boolean => {
  const ticks = Object.entries(answers).filter(([key]) => key.endsWith(ending));
  return ticks.length === 0 || ticks.some(([, answer]) => answer !== '');
};
