import { useCallback, useEffect, useRef } from 'react';

/** A function that stays the same and does what it does now: for what is drawn again whenever it is given another. */
export function useStable<Given extends unknown[], Result>(
  call: (...given: Given) => Result,
): (...given: Given) => Result {
  const latest = useRef(call);
  useEffect(() => {
    latest.current = call;
  });
  return useCallback((...given) => latest.current(...given), []);
}
