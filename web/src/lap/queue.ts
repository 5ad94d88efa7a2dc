import { useCallback, useEffect, useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, Refused, Unreachable } from '../api/client';
import { eventOf, type KnitEvent } from '../api/knitEvent';
import { useSaid } from '../units/useSaid';
import type { Heard, LapEvent, LapSock, Sentence } from '../wire/types';
import { inOneTab, Waiting } from './waiting';
import { shared } from '../texts/shared';

const AGAIN_MS = 2000;
const MOST_AT_ONCE = 200;

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
  const key = `round-pocket.lap.${pairId}`;
  const client = useQueryClient();
  const [store] = useState(() => new Waiting(key));
  const [waiting, setWaiting] = useState(() => store.list());
  const [counted, setCounted] = useState(first);
  const [refused, setRefused] = useState<readonly Sentence[]>([]);
  const say = useSaid();
  const [unkept, setUnkept] = useState(false);
  const [silent, setSilent] = useState(false);
  const sending = useRef(false);
  const atOnce = useRef(MOST_AT_ONCE);
  const told = useRef(new Map<string, (heard: Heard) => void>());
  const known = useRef(revision);
  useEffect(() => {
    known.current = revision;
  }, [revision]);

  /** Sends some of them, or none to hear only how far the socks are. */
  const hear = useCallback(
    async (batch: readonly LapEvent[]) => {
      const heard = await api.post('/api/laps/{pairId}/events', { path: { pairId }, body: batch });
      store.remove(new Set(batch.map(({ id }) => id)));
      setWaiting(store.list());
      if (heard.revision !== known.current) {
        // More than the count is new, and the steps may be others: first they, then where one is in them.
        known.current = heard.revision;
        await client.refetchQueries({ queryKey: ['laps', pairId], exact: true });
      }
      setCounted(heard);
      setSilent(false);
      return heard;
    },
    [pairId, store, client],
  );

  const sendAll = useCallback(async () => {
    try {
      for (let list = store.list(); list.length > 0; list = store.list()) {
        const { heard } = await hear(list.slice(0, atOnce.current));
        atOnce.current = MOST_AT_ONCE;
        setRefused(heard.findLast(({ counted }) => !counted)?.said ?? []);
        for (const each of heard) {
          told.current.get(each.id)?.(each);
          told.current.delete(each.id);
        }
        void client.invalidateQueries({ queryKey: ['basket'] });
      }
    } catch (error) {
      setSilent(error instanceof Unreachable);
      if (!(error instanceof Unreachable)) {
        const template = error instanceof Error ? error.message : shared.somethingWentWrong;
        setRefused([{ template, amounts: {} }]);
      }
      if (error instanceof Refused && error.status < 500) {
        // It will not be taken another time either. One by one, so that only what is refused is left out.
        const [worst] = store.list();
        if (atOnce.current === 1 && worst) {
          store.remove(new Set([worst.id]));
          setWaiting(store.list());
        }
        atOnce.current = 1;
      }
    }
  }, [store, hear, client]);

  const send = useCallback(async () => {
    if (!sending.current && store.list().length > 0) {
      sending.current = true;
      await inOneTab(key, sendAll);
      sending.current = false;
    }
  }, [key, store, sendAll]);

  useEffect(() => {
    const first = setTimeout(() => void send(), 0);
    const again = setInterval(() => void send(), AGAIN_MS);
    // What another tab noted or sent for this one.
    const elsewhere = ({ key: name, newValue }: StorageEvent) => {
      if (store.mine(name)) {
        setWaiting(store.list());
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
  }, [send, store, hear]);

  const press: Queue['press'] = (knitEvent, id) => {
    setRefused([]);
    const event = eventOf(knitEvent, id);
    setUnkept(!store.add(event));
    setWaiting(store.list());
    const heard = new Promise<Heard>((tell) => told.current.set(event.id, tell));
    void send();
    return heard;
  };
  const { socks, pressed } = counted;
  return { waiting, socks, pressed, press, refused: say(refused) || undefined, unkept, silent };
}
