import { keep, kept, watched } from '../settings/store';
import type { LapEvent } from '../wire/types';
import { ownHome } from './ownHome';

const ROOT = 'round-pocket.lap.';
const ASIDE = 'round-pocket.aside.';

/** Grows with every press that is noted or let go of in this tab, and in others. */
const changes = watched(0);
const changed = () => changes.set(changes.get() + 1);
if (typeof window !== 'undefined') {
  window.addEventListener('storage', changed);
}

/** Pairs for which something was sent while their knit screen was not open yet. */
const sentHere = new Set<string>();

/** Whether something was sent for a pair, so that what was read of it before may be behind; asked once. */
export function wasSentHere(pairId: string): boolean {
  return sentHere.delete(pairId);
}

/** Draws anew whenever anything begins to wait or does no longer. */
export const useWaitingChanges = changes.use;

/** What waits is named by the home that it is for, and by its pair. */
export function keyOf(pairId: string, home = ownHome()): string {
  return ROOT + (home === undefined ? pairId : `${home}/${pairId}`);
}

/** A press that will not be taken, and why. */
export interface Aside {
  event: LapEvent;
  why: string;
}

/**
 * The presses of a pair that wait to be heard, in the browser's storage: one entry a press, so that no tab overwrites what
 * another one noted. What finds no room there is held in memory, and goes when the page is closed.
 */
export class Waiting {
  private readonly homeless: LapEvent[] = [];
  private last = 0;
  readonly key: string;

  constructor(
    readonly pairId: string,
    home = ownHome(),
  ) {
    this.key = keyOf(pairId, home);
    this.takeOver(ROOT + pairId);
  }

  private get prefix(): string {
    return `${this.key}:`;
  }

  /** Whether an entry of the storage is one of these; no name stands for all of them. */
  mine(name: string | null): boolean {
    return name === null || name.startsWith(this.prefix);
  }

  /** All of them in the order in which they were pressed; a pedal's press that two tabs noted once. */
  list(): LapEvent[] {
    const all = [...named(this.prefix).flatMap((name) => readEvent(name)), ...this.homeless];
    return [...new Map(all.map((event) => [event.id, event])).values()];
  }

  /** Notes one; false where the browser has no room for it. */
  add(event: LapEvent): boolean {
    // Later than any before it in this tab, also where two fall into one millisecond.
    this.last = Math.max(this.last + 1, Date.now() * 1000);
    const found = keep(`${this.prefix}${this.last}.${event.id}`, event);
    if (!found) {
      this.homeless.push(event);
    }
    changed();
    return found;
  }

  /** Forgets those that were heard. */
  remove(ids: ReadonlySet<string>): void {
    for (const name of named(this.prefix)) {
      if (ids.has(name.slice(name.lastIndexOf('.') + 1))) {
        keep(name, undefined);
      }
    }
    const left = this.homeless.filter(({ id }) => !ids.has(id));
    this.homeless.splice(0, this.homeless.length, ...left);
    changed();
  }

  /** A knit screen that was opened meanwhile hears of it as if another tab had sent them. */
  tellThisTab(): void {
    sentHere.add(this.pairId);
    window.dispatchEvent(new StorageEvent('storage', { key: this.prefix, newValue: null }));
  }

  /** Lays one aside that will not be taken, so that nothing behind it waits, and it is there to be saved. */
  setAside(event: LapEvent, why: string): void {
    if (keep(`${ASIDE}${this.key.slice(ROOT.length)}:${event.at}.${event.id}`, { event, why })) {
      this.remove(new Set([event.id]));
    }
  }

  /** Earlier pages kept them as one list, and under the pair alone. */
  private takeOver(earlier: string): void {
    const list = kept(earlier);
    if (Array.isArray(list)) {
      list.forEach((event) => this.add(event as LapEvent));
      keep(earlier, undefined);
    }
    if (earlier !== this.key) {
      for (const name of named(`${earlier}:`)) {
        if (keep(this.prefix + name.slice(earlier.length + 1), kept(name))) {
          keep(name, undefined);
        }
      }
    }
  }
}

function names(): string[] {
  try {
    return Object.keys(localStorage);
  } catch {
    return [];
  }
}

function named(prefix: string): string[] {
  return names()
    .filter((name) => name.startsWith(prefix))
    .sort();
}

function readEvent(name: string): LapEvent[] {
  const event = kept(name);
  return typeof event === 'object' ? [event as LapEvent] : [];
}

/** What of one home and pair waits, or was laid aside. */
export interface Kept<T> {
  home: string | undefined;
  pairId: string;
  /** The names under which the browser keeps them. */
  names: readonly string[];
  all: readonly T[];
}

function keptBy<T>(root: string): Kept<T>[] {
  const groups = new Map<string, string[]>();
  for (const name of named(root)) {
    const group = name.slice(root.length, name.indexOf(':', root.length));
    groups.set(group, [...(groups.get(group) ?? []), name]);
  }
  return [...groups].map(([group, all]) => {
    const [home, pairId] = group.includes('/') ? group.split('/') : [undefined, group];
    return {
      home,
      pairId: pairId ?? '',
      names: all,
      all: all.map((name) => kept(name)).filter((each): each is T => typeof each === 'object'),
    };
  });
}

/** Everything that waits in this browser, for whichever home. */
export function allWaiting(): Kept<LapEvent>[] {
  return keptBy<LapEvent>(ROOT);
}

/** Everything that was laid aside. */
export function allAside(): Kept<Aside>[] {
  return keptBy<Aside>(ASIDE);
}

/** Lets go of what somebody has decided to let go of. */
export function letGoOf({ names: all }: Kept<unknown>): void {
  all.forEach((name) => keep(name, undefined));
  changed();
}

/** What waits for another home is for this one from now on. */
export function countHere(other: Kept<LapEvent>): void {
  const here = new Waiting(other.pairId);
  other.all.forEach((event) => here.add(event));
  letGoOf(other);
}

/** Runs it unless another tab is at it already, which then does it for this one as well. */
export async function inOneTab(name: string, run: () => Promise<void>): Promise<void> {
  const locks = (navigator as { locks?: LockManager }).locks;
  if (locks) {
    await locks.request(name, { ifAvailable: true }, (lock) => (lock ? run() : undefined));
  } else {
    await run();
  }
}
