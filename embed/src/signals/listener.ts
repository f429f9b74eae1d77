import type { Detail, SignalType } from '@sirene/core/behaviour';

/**
 * Listens on a page for one signal, and tells of it each time; returns what ends it.
 *
 * @param rules the rules of all widgets, for those who have to know what is waited for
 */
export type Listener<S extends SignalType> = (
  page: Document,
  happened: (detail: Detail<S>) => void,
  rules: readonly { type: string }[],
) => () => void;
