import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, Unreachable } from '../api/client';
import { deliver } from '../api/deliver';
import { pairIsOpen } from '../api/openPairs';
import { ownHome } from '../api/ownHome';
import { allWaiting, inOneTab, Waiting } from '../api/waiting';

const AGAIN_MS = 2000;

/** Sends what waits of pairs whose knit screen is not open here, wherever in the application one is. */
export function SendElsewhere() {
  const client = useQueryClient();
  useEffect(() => {
    let busy = false;
    const sendAll = async () => {
      if (busy) {
        return;
      }
      busy = true;
      try {
        for (const pairId of waitingElsewhere()) {
          const store = new Waiting(pairId);
          await inOneTab(store.key, () => send(store));
          await client.invalidateQueries({ queryKey: ['basket'] });
          await client.invalidateQueries({ queryKey: ['laps', pairId] });
          store.tellThisTab(); // also what was asked for before, and is shown only now
        }
      } catch (error) {
        if (!(error instanceof Unreachable)) {
          throw error;
        }
      } finally {
        busy = false;
      }
    };
    const first = setTimeout(() => void sendAll(), 0);
    const again = setInterval(() => void sendAll(), AGAIN_MS);
    return () => {
      clearTimeout(first);
      clearInterval(again);
    };
  }, [client]);
  return null;
}

/** Pairs of this home; what waits under a pair alone is from before a home was named, and its knit screen takes it over. */
function waitingElsewhere(): string[] {
  return allWaiting()
    .filter(({ home, pairId }) => home === ownHome() && !pairIsOpen(pairId))
    .map(({ pairId }) => pairId);
}

function send(store: Waiting): Promise<void> {
  const path = { pairId: store.pairId };
  return deliver(
    store,
    async (batch) => {
      const { heard } = await api.post('/api/laps/{pairId}/events', { path, body: batch });
      store.remove(new Set(batch.map(({ id }) => id)));
      store.tellThisTab();
      return heard;
    },
    () => undefined,
    () => undefined,
  );
}
