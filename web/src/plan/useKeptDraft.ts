import { useEffect, useRef, useState } from 'react';
import { Refused, Unreachable } from '../api/client';
import { usePairHistory, useUpdatePair } from '../api/queries';
import type { Pair, PairChange } from '../wire/types';
import { decided, pageOpened } from '../api/leftBehind';
import { draftOf, writeOf, type Draft } from '../draft/draft';
import { useSteps } from './useSteps';

const NONE: readonly PairChange[] = [];

/** A pause in typing after which what was typed is stored, in milliseconds. */
const PAUSE_MS = 350;

/** What the server says of what it does not have. */
const GONE = 404;

/** How it stands with storing. */
export type Kept =
  | { state: 'stored' }
  | { state: 'storing' }
  | { state: 'waiting' }
  | { state: 'refused'; message: string }
  /** The pair was deleted elsewhere. */
  | { state: 'gone' }
  | { state: 'conflict'; current: Pair; differs: readonly string[]; message: string };

export interface KeptDraft {
  draft: Draft;
  change: (draft: Draft) => void;
  /** Takes the last change back; undefined where there is none. */
  undo: (() => void) | undefined;
  /** Makes the change again that was taken back last. */
  redo: (() => void) | undefined;
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
  const version = useRef(pair.version);
  const update = useUpdatePair(pair.id, (stored) => {
    version.current = stored.version;
  });
  const unsaved = useRef<Draft | undefined>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const store = () => {
    clearTimeout(timer.current);
    const next = unsaved.current;
    if (next) {
      unsaved.current = undefined;
      setPausing(false);
      decided(pair.id);
      update.mutate(() => writeOf(next, version.current));
    }
  };
  const steps = useSteps(draft, usePairHistory(pair.id).data ?? NONE);
  const change = (next: Draft) => {
    steps.note(draft);
    put(next);
  };
  const put = (next: Draft) => {
    setDraft(next);
    unsaved.current = next;
    setPausing(true);
    clearTimeout(timer.current);
    if (!(update.error instanceof Refused && update.error.code === 'stale')) {
      timer.current = setTimeout(store, PAUSE_MS);
    }
  };
  /** Ends a conflict: with the version that is stored, or with this one in its place. */
  const settle = (next: Draft | undefined) => {
    if (kept.state === 'conflict') {
      version.current = kept.current.version;
      update.reset();
      decided(pair.id);
      unsaved.current = next;
      setPausing(false);
      setDraft(next ?? draftOf(kept.current));
      store();
    }
  };

  // In this order, so that what is stored on leaving takes the place of what was refused before.
  useStoreOnLeaving(store);
  useEffect(() => pageOpened(pair.id), [pair.id]);

  const kept = keptOf(update.error, pausing || update.isPending, update.failureReason);
  return {
    draft,
    change,
    undo: steps.back ? () => put(steps.takeBack(draft)) : undefined,
    redo: steps.again ? () => put(steps.doAgain(draft)) : undefined,
    kept,
    takeStored: () => settle(undefined),
    keepMine: () => settle(draft),
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
  if (error instanceof Refused && error.status === GONE) {
    return { state: 'gone' };
  }
  if (error && !pending) {
    return { state: 'refused', message: error.message };
  }
  if (pending) {
    return { state: failure instanceof Unreachable ? 'waiting' : 'storing' };
  }
  return { state: 'stored' };
}
