import { watched } from '../settings/store';

/** Since when the server has not answered, as milliseconds; undefined while it does. */
const silentSince = watched<number | undefined>(undefined);

/** Notes that the server answered. */
export function answered(): void {
  silentSince.set(undefined);
}

/** Notes that it did not; the first time counts. */
export function silent(): void {
  silentSince.set(silentSince.get() ?? Date.now());
}

export const useSilentSince = silentSince.use;
