import { readFacts, type Fact } from '@sirene/core/behaviour';
import { toldByPage } from './told-by-page.ts';

const { told, listener } = toldByPage<'set', Readonly<Record<string, Fact>>>((facts) => ({ facts }));

/** Adds to what the page has told by `sirene.set`. */
export const addFacts = (value: unknown): void =>
  told.tell(readFacts({ ...told.value, ...readFacts(value) }));

export const set = listener;
