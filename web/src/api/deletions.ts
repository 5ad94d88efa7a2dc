import { watched } from '../settings/store';
import { shared } from '../texts/shared';

/** How long a deletion can be undone, in milliseconds; until then nothing is deleted. */
const GRACE = 8000;

/** Something that somebody wants deleted: out of sight at once, deleted when the time to undo it is over. */
export interface Deletion {
  id: string;
  name: string;
  /** Deletes it for good. */
  send: () => Promise<unknown>;
  /** Whether it is being deleted just now, and can no longer be undone. */
  sent?: boolean;
  /** Why it could not be deleted; it is in sight again then. */
  failed?: string;
}

const deletions = watched<readonly Deletion[]>([]);
const timers = new Map<string, ReturnType<typeof setTimeout>>();

/** Deletes something after a while. */
export function deleteLater(deletion: Deletion): void {
  deletions.set([...deletions.get().filter(({ id }) => id !== deletion.id), deletion]);
  timers.set(
    deletion.id,
    setTimeout(() => void carryOut(deletion), GRACE),
  );
}

/** Takes a deletion back, or puts away what was said of one that failed. */
export function keepAfterAll(id: string): void {
  clearTimeout(timers.get(id));
  timers.delete(id);
  deletions.set(deletions.get().filter((each) => each.id !== id));
}

async function carryOut(deletion: Deletion): Promise<void> {
  clearTimeout(timers.get(deletion.id));
  timers.delete(deletion.id);
  deletions.set(
    deletions.get().map((each) => (each.id === deletion.id ? { ...each, sent: true } : each)),
  );
  try {
    await deletion.send();
    keepAfterAll(deletion.id);
  } catch (error) {
    const failed = error instanceof Error ? error.message : shared.somethingWentWrong;
    deletions.set(
      deletions
        .get()
        .map((each) => (each.id === deletion.id ? { ...each, sent: false, failed } : each)),
    );
  }
}

// Whoever leaves the page has not undone it.
globalThis.addEventListener?.('pagehide', () => {
  deletions
    .get()
    .filter(({ id }) => timers.has(id))
    .forEach((each) => void carryOut(each));
});

/** What can still be undone, and what could not be deleted. */
export const useDeletions = deletions.use;

/** Whether something is on its way out, and not to be shown. */
export function useLeaving(id: string | undefined): boolean {
  return useDeletions().some((each) => each.id === id && each.failed === undefined);
}
