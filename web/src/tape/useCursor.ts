import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Plan } from '../wire/types';
import type { Place } from './figures';
import { keyTarget } from './keyTarget';
import { MARGIN, type Layout } from './layout';
import { lastBeforeOpening, placeOf } from './reading';

/** The round that the cursor points at, by the pointer or by keys; what lies under it is lit. */
export function useCursor(
  plan: Plan,
  { scale, tubeBottom, yarnTop }: Layout,
  onLight?: (place: Place | undefined) => void,
) {
  const { axis } = plan;
  const [chosen, setChosen] = useState<number | undefined>();
  // A press keeps the cursor where it is, so that one can get to what stands beside its reading.
  const [pinned, setPinned] = useState(false);
  const round = Math.min(chosen ?? lastBeforeOpening(plan), axis.length);
  const follow = (event: PointerEvent<SVGSVGElement>, anew = !pinned) => {
    const box = event.currentTarget.getBoundingClientRect();
    const mm = (event.clientX - box.left - MARGIN) / scale.perMm;
    const found = axis.findIndex(({ mmFromToe }) => mmFromToe >= mm) + 1 || axis.length;
    const under = axis[found - 1];
    if (anew) {
      setChosen(found);
    }
    const y = event.clientY - box.top;
    onLight?.(under && placeOf(under.section, y > tubeBottom, y > yarnTop));
  };
  const press = (event: PointerEvent<SVGSVGElement>) => {
    follow(event, true);
    setPinned(true);
  };
  const leave = () => {
    if (!pinned) {
      setChosen(undefined);
    }
    onLight?.(undefined);
  };
  const move = (event: KeyboardEvent) => {
    if (event.key === 'Escape') {
      setPinned(false);
      setChosen(undefined);
    }
    const target = keyTarget(event, round, axis.length);
    if (target !== undefined) {
      event.preventDefault();
      setChosen(Math.min(axis.length, Math.max(1, target)));
    }
  };
  return {
    round,
    at: axis[round - 1],
    /** The round that was pointed at; undefined while the cursor rests. */
    pointedAt: chosen === undefined ? undefined : round,
    handlers: {
      onPointerMove: (event: PointerEvent<SVGSVGElement>) => follow(event),
      onPointerDown: press,
      onPointerLeave: leave,
      onKeyDown: move,
    },
  };
}
