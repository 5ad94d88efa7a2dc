import { keep, kept } from '../settings/store';
import type { LapEvent } from '../wire/types';

/**
 * The presses of a pair that wait to be heard, in the browser's storage: one entry a press, so that no tab overwrites what
 * another one noted. What finds no room there is held in memory, and goes when the page is closed.
 */
export class Waiting {
  private readonly homeless: LapEvent[] = [];
  private last = 0;

  constructor(private readonly key: string) {
    this.moveOldList();
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
    const all = [...this.names().flatMap((name) => this.read(name)), ...this.homeless];
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
    return found;
  }

  /** Forgets those that were heard. */
  remove(ids: ReadonlySet<string>): void {
    for (const name of this.names()) {
      if (ids.has(name.slice(name.lastIndexOf('.') + 1))) {
        keep(name, undefined);
      }
    }
    const left = this.homeless.filter(({ id }) => !ids.has(id));
    this.homeless.splice(0, this.homeless.length, ...left);
  }

  private names(): string[] {
    try {
      return Object.keys(localStorage)
        .filter((name) => name.startsWith(this.prefix))
        .sort();
    } catch {
      return [];
    }
  }

  private read(name: string): LapEvent[] {
    const event = kept(name);
    return typeof event === 'object' ? [event as LapEvent] : [];
  }

  /** Earlier pages kept them as one list. */
  private moveOldList(): void {
    const list = kept(this.key);
    if (Array.isArray(list)) {
      list.forEach((event) => this.add(event as LapEvent));
      keep(this.key, undefined);
    }
  }
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
