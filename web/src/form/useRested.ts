import { useEffect, useState } from 'react';

/** How long somebody who types has paused when she is taken to be done, in milliseconds. */
const PAUSE = 1200;
/** After leaving a field: not at once, or what is then said would move a button away under the press that left it. */
const AFTER_LEAVING = 250;

/** Whether a value has stayed the same for a moment: what is still being typed is no mistake yet. */
export function useRested(value: unknown): readonly [rested: boolean, leave: () => void] {
  const [restedOn, setRestedOn] = useState(value);
  const [left, setLeft] = useState(false);
  useEffect(() => {
    const pause = setTimeout(
      () => {
        setRestedOn(value);
        setLeft(false);
      },
      left ? AFTER_LEAVING : PAUSE,
    );
    return () => clearTimeout(pause);
  }, [value, left]);
  return [restedOn === value, () => setLeft(true)];
}
