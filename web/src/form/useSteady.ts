import { useCallback, useLayoutEffect, useRef } from 'react';

/** The same function at every drawing, which does what the latest one does: what is handed it need not be drawn anew. */
export function useSteady<Given extends unknown[]>(
  change: (...given: Given) => void,
): (...given: Given) => void {
  const latest = useRef(change);
  useLayoutEffect(() => {
    latest.current = change;
  });
  return useCallback((...given: Given) => latest.current(...given), []);
}
