import { useEffect, useRef, useState } from 'react';
import { Refused, Unreachable } from '../api/client';
import { useUpdatePair } from '../api/queries';
import type { Pair } from '../api/types';
import { draftOf, writeOf, type Draft } from './draft';

/** A pause in typing after which what was typed is stored, in milliseconds. */
const PAUSE_MS = 350;

/** How it stands with storing. */
export type Kept =
  | { state: 'stored' }
  | { state: 'storing' }
  | { state: 'waiting' }
  | { state: 'refused'; message: string }
  | { state: 'conflict'; current: Pair; differs: readonly string[]; message: string };

export interface KeptDraft {
  draft: Draft;
  change: (draft: Draft) => void;
  kept: Kept;
  takeStored: () => void;
  keepMine: () => void;
}

/**
 * A stored pair while it is worked on. Every change is written after a short pause, against the version that was read; a
 * version that somebody else wrote in between is never overwritten unasked.
 */
export function useKeptDraft(pair: Pair): KeptDraft {
  const [draft, setDraft] = useState(() => draftOf(pair));
  // Whether something was typed that has not been sent off yet.
  const [pausing, setPausing] = useState(false);
  const update = useUpdatePair(pair.id);
  const version = useRef(pair.version);
  const unsaved = useRef<Draft | undefined>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const store = () => {
    clearTimeout(timer.current);
    const next = unsaved.current;
    if (next) {
      unsaved.current = undefined;
      setPausing(false);
      update.mutate(() => writeOf(next, version.current), {
        onSuccess: (stored) => (version.current = stored.version),
      });
    }
  };
  const change = (next: Draft) => {
    setDraft(next);
    unsaved.current = next;
    setPausing(true);
    clearTimeout(timer.current);
    if (!(update.error instanceof Refused && update.error.code === 'stale')) {
      timer.current = setTimeout(store, PAUSE_MS);
    }
  };
  const adopt = (current: Pair) => {
    version.current = current.version;
    update.reset();
  };

  useStoreOnLeaving(store);

  const kept = keptOf(update.error, pausing || update.isPending, update.failureReason);
  return {
    draft,
    change,
    kept,
    takeStored: () => {
      if (kept.state === 'conflict') {
        unsaved.current = undefined;
        setPausing(false);
        adopt(kept.current);
        setDraft(draftOf(kept.current));
      }
    },
    keepMine: () => {
      if (kept.state === 'conflict') {
        adopt(kept.current);
        unsaved.current = draft;
        store();
      }
    },
  };
}

/** Stores what is not stored yet when the page or the place is left. */
function useStoreOnLeaving(store: () => void): void {
  const latest = useRef(store);
  useEffect(() => {
    latest.current = store;
  });
  useEffect(() => {
    const leave = () => latest.current();
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, []);
}

function keptOf(error: Error | null, pending: boolean, failure: Error | null): Kept {
  if (error instanceof Refused && error.code === 'stale' && error.current) {
    return {
      state: 'conflict',
      current: error.current,
      differs: error.differs,
      message: error.message,
    };
  }
  if (error && !pending) {
    return { state: 'refused', message: error.message };
  }
  if (pending) {
    return { state: failure instanceof Unreachable ? 'waiting' : 'storing' };
  }
  return { state: 'stored' };
}
