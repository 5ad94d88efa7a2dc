import { Path } from '../tape/svg';
import { Loop, type Cell } from './Stitch';

/** The ways of turning a short row. */
export type Turning = 'WRAP' | 'DOUBLED' | 'SHADOW';

interface TurnedStitchProps extends Cell {
  /** How often a row was turned at it. */
  times: number;
  turning: Turning;
}

/** A loop on its needle, with what a turn left at it. */
export function TurnedStitch({ times, turning, ...cell }: TurnedStitchProps) {
  const { x, y, w } = cell;
  return (
    <>
      <Loop {...cell} fill="ink" />
      {times > 0 && turning === 'WRAP' && <Wrap {...cell} times={times} />}
      {times > 0 && turning === 'DOUBLED' && (
        <Loop {...cell} x={x + w * 0.22} w={w * 0.56} fill="ink" />
      )}
      {times > 0 &&
        turning === 'SHADOW' &&
        Array.from({ length: times }, (_, i) => (
          <Loop key={i} {...cell} x={x + 6 * (i + 1)} y={y + 5 * (i + 1)} fill="quiet" />
        ))}
    </>
  );
}

/** Yarn lying around the foot of a stitch, once or twice. */
function Wrap({ x, y, w, h, times }: Cell & { times: number }) {
  return Array.from({ length: times }, (_, i) => (
    <Path
      key={i}
      d={`M${x + 2},${y + h * 0.62 + i * 9} Q${x + w / 2},${y + h * 0.78 + i * 9} ${x + w - 2},${y + h * 0.62 + i * 9}`}
      stroke="live"
      strokeWidth="4"
      fill="none"
      strokeLinecap="round"
    />
  ));
}
