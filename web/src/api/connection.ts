import { useSyncExternalStore } from 'react';

/** Since when the server has not answered, as milliseconds; undefined while it does. */
let silentSince: number | undefined;
const listeners = new Set<() => void>();

function set(since: number | undefined): void {
  if (silentSince !== since) {
    silentSince = since;
    listeners.forEach((listener) => listener());
  }
}

/** Notes that the server answered. */
export function answered(): void {
  set(undefined);
}

/** Notes that it did not; the first time counts. */
export function silent(): void {
  set(silentSince ?? Date.now());
}

export function useSilentSince(): number | undefined {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => silentSince,
  );
}
