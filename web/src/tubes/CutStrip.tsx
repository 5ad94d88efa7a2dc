import { Line, Rect } from '../tape/svg';
import type { CutPlan, Cutting } from '../wire/types';
import { TubeColours } from './TubeStrip';

interface CutStripProps {
  cutting: Cutting;
  plan: CutPlan;
  widthPx: number;
}

/** A way to cut, small: the pieces in their colours, the cuts red, what is left pale. */
export function CutStrip({ cutting, plan, widthPx }: CutStripProps) {
  const perRound = (widthPx - 2) / cutting.rounds.value;
  const x = (round: number) => 1 + round * perRound;
  return (
    <svg width={widthPx} height={26} aria-hidden="true">
      <TubeColours cutting={cutting} x={x} top={4} height={18} />
      {plan.along.map(({ stretch }) => {
        const place = {
          x: x(stretch.from),
          width: (stretch.to - stretch.from) * perRound,
          y: 4,
          height: 18,
        };
        return stretch.kind.id === 'CUT' ? (
          <Line
            key={stretch.from}
            x1={x(stretch.from + 0.5)}
            x2={x(stretch.from + 0.5)}
            y1={0}
            y2={26}
            stroke="cut"
            strokeWidth={2}
          />
        ) : stretch.kind.id === 'PIECE' ? (
          <Rect key={stretch.from} {...place} fill="none" stroke="ink" />
        ) : (
          <Rect key={stretch.from} {...place} fill="mist" opacity={0.75} />
        );
      })}
    </svg>
  );
}
