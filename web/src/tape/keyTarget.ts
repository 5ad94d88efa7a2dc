import type { KeyboardEvent } from 'react';

/** The round that a key moves the cursor to; undefined for any other key. */
export function keyTarget(event: KeyboardEvent, round: number, last: number): number | undefined {
  const by = event.shiftKey ? 10 : 1;
  switch (event.key) {
    case 'ArrowRight':
    case 'ArrowUp':
      return round + by;
    case 'ArrowLeft':
    case 'ArrowDown':
      return round - by;
    case 'Home':
      return 1;
    case 'End':
      return last;
    default:
      return undefined;
  }
}
