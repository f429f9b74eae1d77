import { announce } from './announce.js';
import { ask } from './ask.js';
import { book } from './book.js';
import { gather } from './gather.js';
import { give } from './give.js';
import { members } from './members.js';
import { sell } from './sell.js';
import type { Starter } from './starter.js';

export { purposes, starterDocument, type Purpose, type Starter, type StarterTime } from './starter.js';

/** Every starter. A new one is an entry in the file of its purpose. */
export const starters: readonly Starter[] = [
  ...gather,
  ...sell,
  ...announce,
  ...ask,
  ...book,
  ...give,
  ...members,
];
