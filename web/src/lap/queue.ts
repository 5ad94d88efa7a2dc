import { useCallback, useEffect, useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, Unreachable } from '../api/client';
import { deliver } from '../api/deliver';
import { eventOf, type KnitEvent } from '../api/knitEvent';
import { useSaid } from '../units/useSaid';
import type { Heard, LapEvent, LapSock, Sentence } from '../wire/types';
import { inOneTab, Waiting, wasSentHere } from '../api/waiting';
import { pairOpened } from '../api/openPairs';
import { shared } from '../texts/shared';

const AGAIN_MS = 2000;

/** The presses of a pair that wait to be heard, kept in the browser until they are. */
export interface Queue {
  waiting: readonly LapEvent[];
  /** The socks as the server counted them last. */
  socks: readonly LapSock[];
  /** For which socks the last presses were, as the server counted them, 0 for both. */
  pressed: readonly number[];
  /** Notes what happened; what became of it is told once it was heard. */
  press: (knitEvent: KnitEvent, id?: string) => Promise<Heard>;
  /** Presses that count for nothing, and why. */
  refused: string | undefined;
  /** Whether the browser has no room to keep them in. */
  unkept: boolean;
  silent: boolean;
}

/** Keeps presses in the browser and sends them in their order, again and again until they are heard. */
export function useQueue(
  pairId: string,
  first: Pick<Queue, 'socks' | 'pressed'>,
  revision: number,
): Queue {
  const [store] = useState(() => new Waiting(pairId));
  useEffect(() => pairOpened(pairId), [pairId]);
  const [unkept, setUnkept] = useState(false);
  const say = useSaid();
  const { waiting, look, counted, hear } = useCounted(pairId, store, first, revision);
  const { refused, silent, sendAll, forget, tell } = useSending(store, look, hear);
  const send = useOneAtATime(store, sendAll);
  useAgain(store, send, look, hear);

  const press: Queue['press'] = (knitEvent, id) => {
    forget();
    const event = eventOf(knitEvent, id);
    setUnkept(!store.add(event));
    look();
    const heard = new Promise<Heard>((done) => tell(event.id, done));
    void send();
    return heard;
  };
  const { socks, pressed } = counted;
  // Another tab may have been heard with what could not be sent here.
  const unheard = silent && waiting.length > 0;
  const why = say(refused) || undefined;
  return { waiting, socks, pressed, press, refused: why, unkept, silent: unheard };
}

type Hear = ReturnType<typeof useCounted>['hear'];

/** What waits, and how far the server says the socks are. */
function useCounted(
  pairId: string,
  store: Waiting,
  first: Pick<Queue, 'socks' | 'pressed'>,
  revision: number,
) {
  const client = useQueryClient();
  const [waiting, setWaiting] = useState(() => store.list());
  const [counted, setCounted] = useState(first);
  const known = useRef(revision);
  useEffect(() => {
    known.current = revision;
  }, [revision]);
  const look = useCallback(() => setWaiting(store.list()), [store]);
  /** Sends some of them, or none to hear only how far the socks are. */
  const hear = useCallback(
    async (batch: readonly LapEvent[]) => {
      const heard = await api.post('/api/laps/{pairId}/events', { path: { pairId }, body: batch });
      store.remove(new Set(batch.map(({ id }) => id)));
      look();
      if (heard.revision !== known.current) {
        // More than the count is new, and the steps may be others: first they, then where one is in them.
        known.current = heard.revision;
        await client.refetchQueries({ queryKey: ['laps', pairId], exact: true });
      }
      setCounted(heard);
      return heard.heard;
    },
    [pairId, store, look, client],
  );
  return { waiting, look, counted, hear };
}

/** Sends what waits, tells each press what became of it, and sees what hindered it. */
function useSending(store: Waiting, look: () => void, hear: Hear) {
  const client = useQueryClient();
  const [refused, setRefused] = useState<readonly Sentence[]>([]);
  const [silent, setSilent] = useState(false);
  const told = useRef(new Map<string, (heard: Heard) => void>());

  const sendAll = useCallback(async () => {
    const onHeard = (heard: readonly Heard[]) => {
      setSilent(false);
      setRefused(heard.findLast(({ counted }) => !counted)?.said ?? []);
      for (const each of heard) {
        told.current.get(each.id)?.(each);
        told.current.delete(each.id);
      }
      void client.invalidateQueries({ queryKey: ['basket'] });
    };
    const onAside = (template: string) => {
      setRefused([{ template, amounts: {} }]);
      look();
    };
    try {
      await deliver(store, hear, onHeard, onAside);
    } catch (error) {
      setSilent(error instanceof Unreachable);
      if (!(error instanceof Unreachable)) {
        onAside(error instanceof Error ? error.message : shared.somethingWentWrong);
      }
    }
  }, [store, look, hear, client]);
  const forget = () => setRefused([]);
  const tell = (id: string, done: (heard: Heard) => void) => told.current.set(id, done);
  return { refused, silent, sendAll, forget, tell };
}

/** Sending that is not begun again while it goes on, here or in another tab. */
function useOneAtATime(store: Waiting, sendAll: () => Promise<void>) {
  const sending = useRef(false);
  return useCallback(async () => {
    if (!sending.current && store.list().length > 0) {
      sending.current = true;
      await inOneTab(store.key, sendAll);
      sending.current = false;
    }
  }, [store, sendAll]);
}

/** Sends at once and again and again, and listens for what another tab noted or sent for this one. */
function useAgain(store: Waiting, send: () => Promise<void>, look: () => void, hear: Hear) {
  useEffect(() => {
    const first = setTimeout(() => {
      if (wasSentHere(store.pairId)) {
        hear([]).catch(() => undefined);
      }
      void send();
    }, 0);
    const again = setInterval(() => void send(), AGAIN_MS);
    const elsewhere = ({ key: name, newValue }: StorageEvent) => {
      if (store.mine(name)) {
        look();
        if (newValue === null) {
          hear([]).catch(() => undefined);
        }
      }
    };
    window.addEventListener('storage', elsewhere);
    return () => {
      clearTimeout(first);
      clearInterval(again);
      window.removeEventListener('storage', elsewhere);
    };
  }, [send, store, look, hear]);
}
