import type { Outline } from '../api/types';
import { scaleFor } from '../tape/scale';
import { OpeningLine, PocketShape, TubeShape } from '../tape/SockShape';

const WIDTH = 480;
const MARGIN = 4;

interface SockThumbProps {
  outline: Outline;
  /** The longest sock of all that are shown together, so that they keep their proportions. */
  longestMm: number;
  colour?: string | undefined;
}

/** A small drawing of a sock, to a scale that is the same for all shown together. */
export function SockThumb({ outline, longestMm, colour }: SockThumbProps) {
  const scale = scaleFor({ ...outline, lengthMm: longestMm }, WIDTH, MARGIN);
  const pocketTop = MARGIN + outline.widthMm * scale.perMm + 6;
  const depth = outline.heel.at(-1)?.depthMm ?? 0;
  const height = pocketTop + depth * scale.perMm + MARGIN;
  const shape = colour ? { outline, scale, colour } : { outline, scale };
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      style={{ display: 'block', maxWidth: WIDTH }}
    >
      <TubeShape {...shape} top={MARGIN} />
      <OpeningLine {...shape} top={MARGIN} />
      <PocketShape {...shape} top={pocketTop} />
    </svg>
  );
}
