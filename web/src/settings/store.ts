import { useSyncExternalStore } from 'react';

/** One value that is not the server’s, and who watches it. */
export interface Store<T> {
  get: () => T;
  set: (next: T) => void;
  /** The value, and a drawing anew whenever it changes. */
  use: () => T;
}

/** A value for this visit. */
export function watched<T>(first: T): Store<T> {
  let value = first;
  const listeners = new Set<() => void>();
  const get = () => value;
  const listen = (listener: () => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  };
  return {
    get,
    set: (next) => {
      if (next !== value) {
        value = next;
        listeners.forEach((listener) => listener());
      }
    },
    use: () => useSyncExternalStore(listen, get),
  };
}

/**
 * A value that this browser keeps; where it cannot, it holds for this visit.
 *
 * @param from makes the value of what was kept, whatever that is; nothing where nothing was
 */
export function persisted<T>(key: string, from: (kept: unknown) => T): Store<T> {
  const store = watched(from(kept(key)));
  return {
    ...store,
    set: (next) => {
      keep(key, next);
      store.set(next);
    },
  };
}

/** What this browser keeps under a key, whatever it is: JSON, or text that an earlier page wrote; nothing where it keeps none. */
export function kept(key: string): unknown {
  const text = stored(key);
  try {
    return JSON.parse(text ?? 'null') ?? undefined;
  } catch {
    return text;
  }
}

function stored(key: string): string | undefined {
  try {
    return localStorage.getItem(key) ?? undefined;
  } catch {
    return undefined;
  }
}

/** Keeps a value in this browser, or nothing; says whether it could. */
export function keep(key: string, value: unknown): boolean {
  try {
    if (value === undefined) {
      localStorage.removeItem(key);
    } else {
      localStorage.setItem(key, JSON.stringify(value));
    }
    return true;
  } catch {
    return false;
  }
}
