import type { Foreign } from '@sirene/core/compile/foreign';
import { useEffect, useState } from 'react';
import { inBackground } from './background.ts';

let loaded: Foreign | null = null;

/** Loads what makes markup from outside safe. It is heavy, and few widgets need it. */
export async function loadForeign(): Promise<Foreign> {
  loaded ??= (await import('@sirene/core/compile/foreign')).foreign;
  return loaded;
}

/** What makes markup from outside safe, once it is there; null until then, and where it is not wanted. */
export function useForeign(wanted: boolean): Foreign | null {
  const [foreign, setForeign] = useState(loaded);
  useEffect(() => {
    if (wanted && !foreign) inBackground(loadForeign().then((one) => setForeign(() => one)));
  }, [wanted, foreign]);
  return wanted ? foreign : null;
}
