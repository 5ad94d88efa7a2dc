import { keep, kept } from '../settings/store';
import type { LapEvent } from '../wire/types';

const DEVICE = 'round-pocket.device';

/** What happened, apart from who says so. */
export type KnitEvent = Bare<LapEvent>;
type Bare<E> = E extends LapEvent ? Omit<E, 'id' | 'device' | 'at'> : never;

/** The event of something that happens now, on this device. */
export function eventOf(knitEvent: KnitEvent, id = newId()): LapEvent {
  return { ...knitEvent, id, device: device(), at: new Date().toISOString() };
}

/** What this device is called among those that count on a pair; kept, so that it stays the same one. */
function device(): string {
  const known = kept(DEVICE);
  if (typeof known === 'string' || typeof known === 'number') {
    return String(known);
  }
  const made = newId().slice(0, 8);
  return keep(DEVICE, made) ? made : 'unnamed';
}

/** An id of its own; also where the page is not on a secure address, as in a household's network. */
function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return hex.replace(/(.{8})(.{4})(.{4})(.{4})(.{12})/, '$1-$2-$3-$4-$5');
}
