import { useState } from 'react';
import type { KnitEvent } from '../api/knitEvent';
import { useTried } from '../api/lapQueries';
import type { Sentence, Tried } from '../wire/types';
import type { ToolProps } from './Tool';
import { useSaid } from '../units/useSaid';

interface Trial {
  /** What it would change, where there is something to try. */
  tried: Tried | undefined;
  /** Why it cannot be taken. */
  problem: string | undefined;
  /** Takes it, and closes the tool once it was taken. */
  take: () => void;
}

/** Something that is tried before it is taken. */
export function useTrial(
  { lap, queue, onClose }: Pick<ToolProps, 'lap' | 'queue' | 'onClose'>,
  knitEvent: KnitEvent | undefined,
): Trial {
  const say = useSaid();
  const tried = useTried(lap.pairId, knitEvent);
  const what = JSON.stringify(knitEvent);
  const [refused, setRefused] = useState<{ what: string; said: readonly Sentence[] } | undefined>();
  return {
    tried: knitEvent && tried.data,
    problem: knitEvent && (refused?.what === what ? say(refused.said) : tried.error?.message),
    take: () =>
      knitEvent &&
      void queue.press(knitEvent).then(({ counted, said }) => {
        if (counted) {
          onClose();
        } else {
          setRefused({ what, said });
        }
      }),
  };
}
