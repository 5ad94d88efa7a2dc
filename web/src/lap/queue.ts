import { useCallback, useEffect, useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { call, Refused, Unreachable } from '../api/client';
import type { Happening } from '../api/lapQueries';
import type { Heard, HeardAll, LapEvent, LapSock } from '../api/types';

const AGAIN_MS = 2000;
const MOST_AT_ONCE = 200;
const DEVICE = 'round-pocket.device';

/** The presses of a pair that wait to be heard, kept in the browser until they are. */
export interface Queue {
  waiting: readonly LapEvent[];
  /** The socks as the server counted them last. */
  socks: readonly LapSock[];
  /** Notes what happened; what became of it is told once it was heard. */
  press: (event: Happening, id?: string) => Promise<Heard>;
  /** Presses that count for nothing, and why. */
  refused: string | undefined;
  /** Whether the browser has no room to keep them in. */
  unkept: boolean;
  silent: boolean;
}

function read(key: string): LapEvent[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? '[]') as LapEvent[];
  } catch {
    return [];
  }
}

function keep(key: string, events: readonly LapEvent[]): boolean {
  try {
    localStorage.setItem(key, JSON.stringify(events));
    return true;
  } catch {
    return false;
  }
}

function device(): string {
  try {
    const known = localStorage.getItem(DEVICE);
    if (known) {
      return known;
    }
    const made = id().slice(0, 8);
    localStorage.setItem(DEVICE, made);
    return made;
  } catch {
    return 'unnamed';
  }
}

/** An id of its own; also where the page is not on a secure address, as in a household's network. */
function id(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return hex.replace(/(.{8})(.{4})(.{4})(.{4})(.{12})/, '$1-$2-$3-$4-$5');
}

/** Keeps presses in the browser and sends them in their order, again and again until they are heard. */
export function useQueue(pairId: string, first: readonly LapSock[], revision: number): Queue {
  const key = `round-pocket.lap.${pairId}`;
  const client = useQueryClient();
  const [waiting, setWaiting] = useState(() => read(key));
  const [socks, setSocks] = useState(first);
  const [refused, setRefused] = useState<string | undefined>();
  const [unkept, setUnkept] = useState(false);
  const [silent, setSilent] = useState(false);
  const queue = useRef(waiting);
  const sending = useRef(false);
  const atOnce = useRef(MOST_AT_ONCE);
  const told = useRef(new Map<string, (heard: Heard) => void>());
  const known = useRef(revision);
  useEffect(() => {
    known.current = revision;
  }, [revision]);

  const put = useCallback(
    (events: LapEvent[]) => {
      queue.current = events;
      setUnkept(!keep(key, events));
      setWaiting(events);
    },
    [key],
  );

  const send = useCallback(async () => {
    if (sending.current) {
      return;
    }
    sending.current = true;
    try {
      while (queue.current.length > 0) {
        const batch = queue.current.slice(0, atOnce.current);
        const heard = await call<HeardAll>('POST', `/api/laps/${pairId}/events`, batch);
        atOnce.current = MOST_AT_ONCE;
        const ids = new Set(batch.map((event) => event.id));
        put(queue.current.filter((event) => !ids.has(event.id)));
        if (heard.revision !== known.current) {
          // More than the count is new, and the steps may be others: first they, then where one is in them.
          known.current = heard.revision;
          await client.refetchQueries({ queryKey: ['laps', pairId], exact: true });
        }
        setSocks(heard.socks);
        setRefused(heard.heard.findLast(({ counted }) => !counted)?.words);
        setSilent(false);
        for (const each of heard.heard) {
          told.current.get(each.id)?.(each);
          told.current.delete(each.id);
        }
        void client.invalidateQueries({ queryKey: ['laps'], exact: true });
      }
    } catch (error) {
      setSilent(error instanceof Unreachable);
      if (!(error instanceof Unreachable)) {
        setRefused(error instanceof Error ? error.message : 'Something went wrong.');
      }
      if (error instanceof Refused && error.status < 500) {
        // It will not be taken another time either. One by one, so that only what is refused is left out.
        put(queue.current.slice(atOnce.current === 1 ? 1 : 0));
        atOnce.current = 1;
      }
    }
    sending.current = false;
  }, [pairId, put, client]);

  useEffect(() => {
    const first = setTimeout(() => void send(), 0);
    const again = setInterval(() => void send(), AGAIN_MS);
    return () => {
      clearTimeout(first);
      clearInterval(again);
    };
  }, [send]);

  const press: Queue['press'] = (event, own = id()) => {
    setRefused(undefined);
    put([...queue.current, { ...event, id: own, device: device(), at: new Date().toISOString() }]);
    const heard = new Promise<Heard>((tell) => told.current.set(own, tell));
    void send();
    return heard;
  };
  return { waiting, socks, press, refused, unkept, silent };
}
