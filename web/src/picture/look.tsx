import { useState, type KeyboardEvent } from 'react';
import { SmallButton } from '../form/SmallButton';
import type { Laid, Scene } from './paint';
import { texts } from './texts';

const TALLEST = 460;
const CLOSEST = 16;
const STEP = 1.6;

interface Size {
  width: number;
  height: number;
}

/** Pixels to a millimetre at which all of it is seen. */
export function scaleOf(whole: Size, width: number): number {
  return Math.min(width / whole.width, TALLEST / whole.height);
}

/** Which part of the table is looked at, and how closely. */
export function useLook(whole: Size, socks: readonly Laid[], width: number, height: number) {
  const [zoom, setZoom] = useState(1);
  const [middle, setMiddle] = useState<readonly [number, number] | undefined>();
  const perMm = scaleOf(whole, width) * zoom;
  const first = socks[0];
  const at = middle ?? [first ? first.x + first.mesh.width / 2 : 0, whole.height * 0.6];
  const all = zoom === 1;
  const look: Scene['look'] = {
    x: all ? -(width / perMm - whole.width) / 2 : at[0] - width / perMm / 2,
    y: all ? -(height / perMm - whole.height) / 2 : at[1] - height / perMm / 2,
    perMm,
  };
  const closer = (by: number) => {
    const next = Math.min(CLOSEST, Math.max(1, zoom * by));
    setZoom(next < 1.05 ? 1 : next);
    setMiddle(next < 1.05 ? undefined : at);
  };
  const move = (x: number, y: number) => {
    if (zoom > 1) {
      setMiddle([
        Math.min(whole.width, Math.max(0, at[0] + x)),
        Math.min(whole.height, Math.max(0, at[1] + y)),
      ]);
    }
  };
  const press = (event: KeyboardEvent) => {
    const step = 40 / perMm;
    const action = {
      '+': () => closer(STEP),
      '-': () => closer(1 / STEP),
      ArrowLeft: () => move(-step, 0),
      ArrowRight: () => move(step, 0),
      ArrowUp: () => move(0, -step),
      ArrowDown: () => move(0, step),
    }[event.key];
    if (action && (zoom > 1 || event.key === '+')) {
      event.preventDefault();
      action();
    }
  };
  return { look, zoom, closer, move, press };
}

interface NearnessProps {
  zoom: number;
  closer: (by: number) => void;
}

/** Closer, further away, and the whole pair again. */
export function Nearness({ zoom, closer }: NearnessProps) {
  return (
    <>
      <SmallButton onClick={() => closer(STEP)} disabled={zoom >= CLOSEST}>
        {texts.closer}
      </SmallButton>
      <SmallButton onClick={() => closer(1 / STEP)} disabled={zoom === 1}>
        {texts.furtherAway}
      </SmallButton>
      <SmallButton onClick={() => closer(0)} disabled={zoom === 1}>
        {texts.wholePair}
      </SmallButton>
    </>
  );
}
