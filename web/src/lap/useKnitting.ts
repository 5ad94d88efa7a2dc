import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Lap, Work } from '../wire/types';
import { useStream } from '../devices/useStream';
import { NOTHING, useKeymap } from '../form/keymap';
import { texts } from './texts';
import { shared } from '../texts/shared';
import { useColours } from './BandLine';
import type { PedalTold } from './PedalElsewhere';
import { pairState, turnOf, type Turn } from './pair';
import { placeAt, seam, type Place } from './place';
import { useQueue, type Queue } from './queue';
import { useSettings } from '../settings/settings';
import { signal, useSignals } from './signals';
import { useAgain } from './useAgain';
import { useTwice } from './Twice';
import { useWakeLock } from './useWakeLock';

/** Which sock is shown; 0 for both together. */
export type Shown = 0 | 1 | 2;

/** The next of both socks, the first and the second. */
const NEXT = { 0: 1, 1: 2, 2: 0 } as const;
const SHOWN = { 0: texts.bothSocks, 1: texts.theFirstSock, 2: texts.theSecondSock } as const;
export const WHICH = { 1: shared.firstSock, 2: shared.secondSock } as const;

/** Where a pair is, and what can be done there: by a tap, by a key or by the pedal. */
export function useKnitting(lap: Lap) {
  const queue = useQueue(lap.pairId, lap, lap.revision);
  const together = lap.order === 'TWO_AT_A_TIME';
  const [shown, turnTo] = useShown(lap);
  useWakeLock();
  const works = lap.works as [Work, Work];
  const pair = pairState(
    queue.socks,
    queue.pressed,
    queue.waiting,
    works.map(({ presses }) => presses),
  );
  const states = pair.socks;
  const positions = [states[0].position, states[1].position] as const;
  const chosen = shown === 0 && !together ? 1 : shown;
  const turn = chosen === 0 ? turnOf(works, positions) : { sock: chosen, both: false };
  const { sock } = turn;
  const other: 1 | 2 = sock === 1 ? 2 : 1;
  const { position, canUndo: ownUndo } = states[(sock - 1) as 0 | 1];
  const canUndo = chosen === 0 ? pair.pressed.length > 0 : ownUndo;
  const work = works[(sock - 1) as 0 | 1];
  const place = placeAt(work, position);
  const told = useColours(queue, sock);
  const twice = useTwice(position);
  const press = useDone(place, queue, turn, twice.pressed);
  const alike = chosen === 0 && positions[0] === positions[1];
  const moves = useMoves(queue, { sock, position, chosen, canUndo, alike }, lap.pairId);
  const { undo, redo, jump } = moves;
  const done = (id?: string) => {
    moves.wentOn();
    press(id);
  };
  const turned = () => turnTo(together ? NEXT[chosen] : other);
  const byHand = place?.step.forGood === true || place?.step.doing === 'CHECK';
  useKeymap({
    done: byHand ? NOTHING : () => done(),
    takeBack: undo,
    ...(redo && { redo }),
    turn: turned,
    ...(work.colours && { colour: () => told.note() }),
  });
  const pedalElsewhere = usePedal(lap, (id) => !byHand && done(id));
  const untouched = unbegun(lap, queue.waiting.length, states);
  const turnWords = together ? texts.show(SHOWN[NEXT[chosen]]) : texts.showThe(WHICH[other]);
  const acts = { done, undo, redo, jump, turnTo, turned };
  return {
    ...{ lap, queue, works, work, positions, position, place, chosen, sock, other, told },
    twice,
    ...{ together, bothNow: turn.both, canUndo, untouched, pedalElsewhere, turnWords },
    ...acts,
  };
}

interface Moving {
  sock: 1 | 2;
  position: number;
  chosen: Shown;
  canUndo: boolean;
  /** Whether both socks are shown, and alike: then both are at the other place. */
  alike: boolean;
}

/** To another place: back, forward again, or anywhere. */
function useMoves(
  queue: Queue,
  { sock, position, chosen, canUndo, alike }: Moving,
  pairId: string,
) {
  const { to, tookBack, wentOn } = useAgain(`${pairId} ${chosen} ${sock}`, position);
  const jump = (place: number) =>
    void queue.press({ sock, kind: 'JUMPED', to: place, ...(alike && { both: true as const }) });
  const undo = () => {
    if (canUndo) {
      tookBack();
      void queue.press({ sock, kind: 'UNDONE', ...(chosen === 0 && { both: true as const }) });
    }
  };
  return { undo, redo: to === undefined ? undefined : () => jump(to), jump, wentOn };
}

/** Presses what is due: a round, a step, a move of a graft, or the moves that make a whole stitch of it. */
function useDone(
  place: Place | undefined,
  queue: Queue,
  { sock, both }: Turn,
  pressed: (paced: boolean) => void,
) {
  const { wholeStitches } = useSettings();
  return (id?: string) => {
    if (!place) {
      return;
    }
    const to = (wholeStitches && seam(place)?.to) || place.done + 1;
    pressed(place.step.paced);
    signal(to === place.step.number || to % 10 === 0);
    void queue.press(
      to === place.done + 1
        ? { sock, kind: 'DONE', ...(both && { both }) }
        : { sock, kind: 'JUMPED', to: place.start + to },
      id,
    );
  };
}

/** Whether nothing was knitted, noted or changed yet, nor waits to be heard. */
function unbegun(
  { notes, weighings, works }: Lap,
  waiting: number,
  states: readonly { position: number; canUndo: boolean }[],
): boolean {
  return (
    waiting + notes.length + weighings.length === 0 &&
    works.every(({ differences }) => differences.length === 0) &&
    states.every(({ position, canUndo }) => position === 0 && !canUndo)
  );
}

export type Knit = ReturnType<typeof useKnitting>;

/** Which sock is shown, by the address and by what is chosen. */
function useShown(lap: Lap): [Shown, (next: Shown) => void] {
  const [search, setSearch] = useSearchParams();
  const together = lap.order === 'TWO_AT_A_TIME';
  // Kept here too: the address follows a moment later, and a key may come before it.
  const [shown, setShown] = useState<Shown>(shownFirst(search.get('sock'), together));
  const [order, setOrder] = useState(lap.order);
  if (order !== lap.order) {
    setOrder(lap.order);
    setShown(together ? 0 : shown === 2 ? 2 : 1);
  }
  const turnTo = (next: Shown) => {
    setShown(next);
    setSearch(next === 0 ? {} : { sock: String(next) }, { replace: true });
  };
  return [shown, turnTo];
}

function shownFirst(asked: string | null, together: boolean): Shown {
  return asked === '2' ? 2 : asked === '1' || !together ? 1 : 0;
}

/** Hears the pedal, and tells whether it counts another pair. */
function usePedal(lap: Lap, onStep: (id: string) => void): boolean {
  const { pedal } = useSignals();
  const [pedalOn, setPedalOn] = useState<string | undefined>(lap.pairId);
  const hear = ({ id, pair }: PedalTold) => {
    setPedalOn(pair);
    if (id && pair === lap.pairId) {
      onStep(id);
    }
  };
  useStream<PedalTold>('pedal', pedal, hear, lap.pairId);
  return pedal && pedalOn !== lap.pairId;
}
