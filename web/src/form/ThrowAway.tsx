import { lazy, Suspense, useEffect, useState, type ReactNode } from 'react';
import { Press } from './Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Not among what is loaded first, but soon after: it has to open while the server is away as well. */
const load = async () => ({ default: (await import('./DeleteQuestion')).DeleteQuestion });
const DeleteQuestion = lazy(load);

interface ThrowAwayProps {
  name: string;
  onThrowAway: () => void;
  /** What else goes with it; asked for only once somebody wants to delete. */
  goes?: () => ReactNode;
}

/** Deleting asks first, with the name and what goes with it; Cancel is where the keys are. */
export function ThrowAway({ name, onThrowAway, goes }: ThrowAwayProps) {
  const [asked, setAsked] = useState(false);
  useEffect(() => {
    load().catch(() => undefined); // asked for again when it opens
  }, []);
  return (
    <>
      <Press
        look="bare"
        px={2}
        color="quiet"
        onClick={() => setAsked(true)}
        aria-label={texts.delete2(name)}
      >
        {shared.delete}
      </Press>
      {asked && (
        <Suspense>
          <DeleteQuestion
            name={name}
            onCancel={() => setAsked(false)}
            onThrowAway={() => {
              setAsked(false);
              onThrowAway();
            }}
          >
            {goes?.()}
          </DeleteQuestion>
        </Suspense>
      )}
    </>
  );
}
