import { replaceEqualDeep } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import type { Draft } from '../draft/draft';
import type { PairChange } from '../wire/types';

/** Changes in quick succession, such as the digits of one number, are one step; in milliseconds. */
const ONE_STEP_MS = 700;

/** The steps that can be taken back, those of earlier days among them, and those that can be made again. */
export function useSteps(now: Draft, history: readonly PairChange[]) {
  const [past, setPast] = useState<Draft[]>([]);
  const [future, setFuture] = useState<Draft[]>([]);
  const noted = useRef(0);
  // Steps of earlier days lie below those of this visit.
  const [used, setUsed] = useState(0);
  const earlier = history.slice(used).toReversed();
  const below = earlier.map(({ name, spec }) => ({ ...now, name, spec }));
  const steps = [...below, ...past];
  // One that changes nothing, as where something was changed and changed back, is none.
  const last = steps.findLastIndex((step) => replaceEqualDeep(now, step) !== now);
  return {
    back: last >= 0,
    again: future.length > 0,
    note: (before: Draft) => {
      const at = Date.now();
      if (at - noted.current > ONE_STEP_MS) {
        setPast([...past, before]);
      }
      noted.current = at;
      setFuture([]);
    },
    takeBack: (before: Draft): Draft => {
      setFuture([before, ...future]);
      setPast(past.slice(0, Math.max(0, last - below.length)));
      setUsed(used + Math.max(0, below.length - last));
      return steps[last] ?? before;
    },
    doAgain: (before: Draft): Draft => {
      const [step, ...rest] = future;
      setFuture(rest);
      setPast([...past, before]);
      return step ?? before;
    },
  };
}
