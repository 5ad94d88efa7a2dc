import { replaceEqualDeep } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Refused, Unreachable } from '../api/client';
import { usePairHistory, useUpdatePair } from '../api/queries';
import type { Pair } from '../wire/types';
import { decided, pageOpened } from '../api/leftBehind';
import { draftOf, writeOf, type Draft } from '../draft/draft';

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
  const steps = useSteps(pair.id, draft);
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

/** Changes in quick succession, such as the digits of one number, are one step; in milliseconds. */
const ONE_STEP_MS = 700;

/** The steps that can be taken back, those of earlier days among them, and those that can be made again. */
function useSteps(id: string, now: Draft) {
  const history = usePairHistory(id);
  const [past, setPast] = useState<Draft[]>([]);
  const [future, setFuture] = useState<Draft[]>([]);
  const noted = useRef(0);
  // Steps of earlier days lie below those of this visit.
  const [used, setUsed] = useState(0);
  const earlier = (history.data ?? []).slice(used).toReversed();
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
