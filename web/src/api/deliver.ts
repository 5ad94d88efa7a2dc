import type { Heard, LapEvent } from '../wire/types';
import { Refused } from './client';
import type { Waiting } from './waiting';

const MOST_AT_ONCE = 200;

/** What will be refused another time as well; everything else may be taken later. */
const FOR_GOOD = new Set([400, 404, 409, 410, 413, 415, 422]);

/**
 * Sends what waits, in its order, until all of it was heard. What this home will never take is laid aside with its reason;
 * throws where nobody answers, or somebody else does, and then lets go of nothing.
 */
export async function deliver(
  store: Waiting,
  hear: (batch: readonly LapEvent[]) => Promise<readonly Heard[]>,
  onHeard: (heard: readonly Heard[]) => void,
  onAside: (why: string) => void,
): Promise<void> {
  let atOnce = MOST_AT_ONCE;
  for (let list = store.list(); list.length > 0; list = store.list()) {
    try {
      onHeard(await hear(list.slice(0, atOnce)));
      atOnce = MOST_AT_ONCE;
    } catch (error) {
      const [first] = list;
      if (!(error instanceof Refused && FOR_GOOD.has(error.status)) || !first) {
        throw error;
      }
      if (atOnce === 1 || list.length === 1) {
        store.setAside(first, error.message);
        onAside(error.message);
        if (store.list().some(({ id }) => id === first.id)) {
          throw error; // there is no room to lay it aside in: it stays where it is
        }
      }
      atOnce = 1; // one by one, so that only what is refused is left out
    }
  }
}
