import { Told } from './told.ts';

/**
 * What the page tells by the functions of the API, as it was told. What of it can be used is read by a part that is
 * loaded where some rule goes by it (parts/told.ts).
 */
export const toldByPage = {
  track: new Told<{ name: unknown; data: unknown }>(),
  set: new Told<object>(),
  identify: new Told(),
  basket: new Told(),
};

export type ToldByPage = typeof toldByPage;

/** Adds to what the page has told by `sirene.set`: in place, as a page may do so ten thousand times a second. */
export const addFacts = (value: unknown): void => {
  if (typeof value === 'object') toldByPage.set.tell(Object.assign(toldByPage.set.value ?? {}, value));
};
