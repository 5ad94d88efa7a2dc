import { useRef } from 'react';
import type { CutPlan, PutPiece } from '../wire/types';
import { cutsOf, moved, piecesOf, type CutPlace } from './pieces';
import { texts } from './texts';

/** Rounds that a cut moves with the shift key. */
const FAR = 10;

interface CutHandlesProps {
  plan: CutPlan;
  pieces: readonly PutPiece[] | undefined;
  x: (round: number) => number;
  /** Pixels of a round. */
  perRound: number;
  top: number;
  height: number;
  onMove: (pieces: PutPiece[]) => void;
}

/** The cuts, to be taken hold of: with the pointer, or with the arrow keys round by round. */
export function CutHandles(props: CutHandlesProps) {
  const { plan, pieces, x, perRound, top, height, onMove } = props;
  const held = useRef<{ cut: CutPlace; from: number; pieces: readonly PutPiece[]; by: number }>(
    undefined,
  );
  const now = pieces ?? piecesOf(plan);
  return (
    <g>
      {cutsOf(plan).map((cut, i) => {
        if (cut.before === undefined && cut.after === undefined) {
          return undefined;
        }
        return (
          <rect
            key={i}
            className="cut-handle"
            x={x(cut.round + 0.5) - 9}
            y={top}
            width={18}
            height={height}
            fill="transparent"
            tabIndex={0}
            role="slider"
            aria-label={texts.cut2(i + 1)}
            aria-valuenow={cut.round}
            aria-valuemin={0}
            aria-valuemax={plan.along.at(-1)?.stretch.to ?? 0}
            aria-valuetext={texts.afterRounds(cut.round)}
            style={{ cursor: 'ew-resize', touchAction: 'none' }}
            onKeyDown={(event) => {
              const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
              if (by) {
                event.preventDefault();
                onMove(moved(now, cut, by * (event.shiftKey ? FAR : 1)));
              }
            }}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              held.current = { cut, from: event.clientX, pieces: now, by: 0 };
            }}
            onPointerMove={(event) => {
              const hold = held.current;
              if (hold) {
                const by = Math.round((event.clientX - hold.from) / perRound);
                if (by !== hold.by) {
                  hold.by = by;
                  onMove(moved(hold.pieces, hold.cut, by));
                }
              }
            }}
            onPointerUp={() => (held.current = undefined)}
            onPointerCancel={() => (held.current = undefined)}
          />
        );
      })}
    </g>
  );
}
