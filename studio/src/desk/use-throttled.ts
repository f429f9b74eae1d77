import { useEffect, useRef } from 'react';
import { useStable } from '../shared/use-stable.ts';

/** Calls at once, and then at most once in so many ms however often it is asked; the last wish is always met. */
export function useThrottled(call: () => void, ms: number): () => void {
  const latest = useStable(call);
  const state = useRef({ timer: 0, isWanted: false });
  useEffect(() => () => window.clearTimeout(state.current.timer), []);
  const run = () => {
    const { current } = state;
    if (current.timer !== 0) {
      current.isWanted = true;
      return;
    }
    latest();
    current.timer = window.setTimeout(() => {
      current.timer = 0;
      if (!current.isWanted) return;
      current.isWanted = false;
      run();
    }, ms);
  };
  return run;
}
