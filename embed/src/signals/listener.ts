import type { Detail, SignalType } from '@sirene/core/behaviour';

/** Listens on a page for one signal, and tells of it each time; returns what ends it. */
export type Listener<S extends SignalType> = (
  page: Document,
  happened: (detail: Detail<S>) => void,
) => () => void;
