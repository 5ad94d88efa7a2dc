import type { LapEvent, LapSock, LapStep, Work } from '../wire/types';
import { placeAt } from './place';

/** Where a sock is, and whether a press of it can be taken back. */
export interface SockState {
  position: number;
  canUndo: boolean;
}

export interface PairState {
  socks: readonly [SockState, SockState];
  /** For which sock each press was, 0 for both, the latest last. */
  pressed: readonly number[];
}

/** Where both socks are once what waits has been heard too. */
export function pairState(
  heard: readonly LapSock[],
  before: readonly number[],
  waiting: readonly LapEvent[],
  presses: readonly number[],
): PairState {
  const socks = [0, 1].map((i) => ({
    position: heard[i]?.position ?? 0,
    trail: [...(heard[i]?.trail ?? [])],
    last: presses[i] ?? 0,
  }));
  let pressed = [...before];
  const back = (sock: number) => {
    const state = socks[sock - 1];
    const to = state?.trail.pop();
    if (state && to !== undefined) {
      state.position = to;
    }
    return to !== undefined;
  };
  const on = (sock: number, to: (position: number) => number) => {
    const state = socks[sock - 1];
    const next = state ? to(state.position) : -1;
    if (!state || next < 0 || next > state.last) {
      return false;
    }
    state.trail.push(state.position);
    state.position = next;
    return true;
  };
  for (const event of waiting) {
    const both = 'both' in event && event.both === true;
    if (event.kind === 'UNDONE') {
      if (both) {
        const last = pressed.pop();
        (last === 0 ? [1, 2] : last === undefined ? [] : [last]).forEach(back);
      } else if (back(event.sock)) {
        pressed = withdrawn(pressed, event.sock);
      }
    } else if (event.kind === 'DONE' || event.kind === 'JUMPED') {
      const to = (position: number) => (event.kind === 'JUMPED' ? event.to : position + 1);
      const moved = (both ? [1, 2] : [event.sock]).filter((sock) => on(sock, to));
      if (moved.length > 0) {
        pressed.push(moved.length === 2 ? 0 : (moved[0] ?? 0));
      }
    }
  }
  const state = (i: 0 | 1): SockState => ({
    position: socks[i]?.position ?? 0,
    canUndo: (socks[i]?.trail.length ?? 0) > 0,
  });
  return { socks: [state(0), state(1)], pressed };
}

/** The presses without the last one of a sock; one that was for both is the other's alone from now on. */
function withdrawn(pressed: readonly number[], sock: number): number[] {
  const at = pressed.findLastIndex((each) => each === sock || each === 0);
  return pressed.flatMap((each, i) => (i !== at ? [each] : each === 0 ? [3 - sock] : []));
}

/** Whose turn it is where both socks are on the needles together. */
export interface Turn {
  sock: 1 | 2;
  /** Whether the next press is for both. */
  both: boolean;
}

export function turnOf(works: readonly [Work, Work], positions: readonly [number, number]): Turn {
  const places = [0, 1].map((i) => placeAt(works[i as 0 | 1], positions[i as 0 | 1]));
  const [one, two] = places.map((place) => place?.step);
  const [first, second] = positions;
  if (one && two && first === second) {
    const alike = one.id === two.id && places[0]?.done === places[1]?.done;
    return { sock: 1, both: one.sharing === 'BOTH' && alike };
  }
  if (!one || !two) {
    return { sock: two ? 2 : 1, both: false };
  }
  // A heel or a toe that is begun is done to its end; else the sock that is behind is next.
  const inOne = through(one) && one.sharing === two.sharing;
  return { sock: first > second === inOne ? 1 : 2, both: false };
}

function through({ sharing }: LapStep): boolean {
  return sharing === 'HEEL_THROUGH' || sharing === 'TOE_THROUGH';
}
