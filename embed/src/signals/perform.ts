import type { Detail, SignalType } from '@sirene/core/behaviour';
import { scrollPage } from './scroll.ts';

const performed: { readonly [S in SignalType]?: (page: Document, detail: Detail<S>) => void } = {
  scroll: scrollPage,
};

/** Lets a page look as it does when a signal has happened there, where that can be seen. */
export const perform = <S extends SignalType>(page: Document, signal: S, detail: Detail<S>): void =>
  performed[signal]?.(page, detail);
