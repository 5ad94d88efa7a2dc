import type { ReactNode } from 'react';
import { Loop } from '../fabric/Stitch';
import { Line, Path } from '../tape/svg';
import { EdgeOfDecreases } from './EdgeOfDecreases';
import { Fabric, H, Named, Needle, W, Yarn } from './sketchParts';
import type { Mishap } from '../wire/types';
import { texts } from './texts';

function TurnedStitch() {
  return (
    <>
      <Fabric columns={7} rows={3} x={30} y={62} />
      {[0, 1, 2, 3, 4, 5, 6].map((i) => (
        <Loop key={i} x={30 + i * W} y={22} w={W} h={44} fill={i === 3 ? 'amiss' : 'live'} />
      ))}
      <Needle y={40} />
      {/* In front of the needle lies the right leg; of the turned one, the left. */}
      {[0, 1, 2, 3, 4, 5, 6].map((i) => (
        <Line
          key={i}
          x1={30 + i * W + (i === 3 ? 6 : W - 6)}
          x2={30 + i * W + (i === 3 ? 8 : W - 8)}
          y1={34}
          y2={54}
          stroke={i === 3 ? 'amiss' : 'live'}
          strokeWidth="5"
          strokeLinecap="round"
        />
      ))}
    </>
  );
}

function SplitStitch() {
  return (
    <>
      <Fabric columns={7} rows={3} x={30} y={62} />
      {[0, 1, 2, 4, 5, 6].map((i) => (
        <Loop key={i} x={30 + i * W} y={22} w={W} h={44} fill="live" />
      ))}
      <Yarn d="M128 64 C120 34 126 26 134 24 C144 24 150 40 142 64" />
      <Yarn d="M131 64 C126 50 128 46 135 46 C142 46 144 52 140 64" />
      <Needle y={38} />
    </>
  );
}

function WanderingNeedle() {
  return (
    <>
      <Fabric
        columns={8}
        rows={5}
        x={16}
        y={10}
        fill={(column, row) =>
          row === (column < 4 ? 3 : 2) ? (column < 4 ? 'live' : 'amissGround') : undefined
        }
      />
      <Path
        d="M4 86 H134 L142 64 H266"
        fill="none"
        stroke="ink"
        strokeWidth="4"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </>
  );
}

function Ladder() {
  return (
    <>
      <Fabric
        columns={7}
        rows={5}
        x={30}
        y={24}
        without={(column, row) => column === 3 && row < 4}
        fill={(column, row) => (column === 3 && row === 4 ? 'amissGround' : undefined)}
      />
      {[0, 1, 2, 3].map((row) => (
        <Line
          key={row}
          x1={30 + 3 * W - 4}
          x2={30 + 4 * W + 4}
          y1={34 + row * H}
          y2={34 + row * H}
          stroke="amiss"
          strokeWidth="4"
          strokeLinecap="round"
        />
      ))}
      <Needle y={18} />
    </>
  );
}

function CornerGap() {
  return (
    <>
      <Fabric
        columns={8}
        rows={5}
        x={16}
        y={14}
        without={(column, row) => row === 2 && column < 5}
      />
      <Needle y={50} to={166} />
      <Needle y={86} to={166} />
      <Path
        d="M178 68 m-14 0 a14 14 0 1 1 28 0 a18 18 0 1 1 -36 0 a22 22 0 1 1 44 0 C214 90 232 104 250 126"
        fill="none"
        stroke="chosen"
        strokeWidth="3"
        strokeLinecap="round"
      />
    </>
  );
}

function OutToTheCorner() {
  return (
    <>
      <Fabric
        columns={8}
        rows={5}
        x={16}
        y={14}
        without={(column, row) => row === 2 && column < 6}
        fill={(column, row) => (row === 2 && column >= 6 ? 'live' : undefined)}
      />
      {[4, 5].map((column) => (
        <Path
          key={column}
          d={`M${20 + column * W} 60 L${31 + column * W} 80 L${42 + column * W} 60`}
          fill="none"
          stroke="amiss"
          strokeWidth="3"
          strokeDasharray="4 3"
        />
      ))}
      <Needle y={50} to={130} />
      <Needle y={86} to={130} />
    </>
  );
}

function CutLeg() {
  return (
    <>
      <Fabric
        columns={8}
        rows={5}
        x={16}
        y={10}
        fill={(column, row) => (column === 4 && row === 2 ? 'amissGround' : undefined)}
      />
      <Line x1="140" x2="156" y1="74" y2="58" stroke="cut" strokeWidth="4" strokeLinecap="round" />
      <Yarn
        d="M96 106 C126 96 128 80 138 58 C144 46 148 76 151 84 C158 96 196 96 214 106"
        colour="chosen"
      />
    </>
  );
}

function ToeFromTheFront() {
  const foot = (x: number, turned: boolean) => (
    <>
      <ellipse
        cx={x}
        cy="66"
        rx="54"
        ry="36"
        style={{ fill: 'var(--chakra-colors-fabric)', stroke: 'var(--chakra-colors-ink)' }}
      />
      {(turned
        ? [
            [x, 30, x, 54],
            [x, 102, x, 78],
          ]
        : [
            [x - 54, 66, x - 22, 66],
            [x + 54, 66, x + 22, 66],
          ]
      ).map(([x1, y1, x2, y2]) => (
        <Line
          key={`${x1} ${y1}`}
          x1={x1}
          y1={y1}
          x2={x2}
          y2={y2}
          stroke={turned ? 'amiss' : 'live'}
          strokeWidth="5"
          strokeLinecap="round"
        />
      ))}
      <Named x={x} y={126}>
        {turned ? texts.aQuarterTurnOff : texts.rightAtTheSides}
      </Named>
    </>
  );
  return (
    <>
      {foot(68, false)}
      {foot(202, true)}
    </>
  );
}

function EdgeStep() {
  return (
    <>
      <Fabric columns={8} rows={3} x={16} y={62} />
      <Path
        d="M16 56 H136"
        fill="none"
        stroke="ink"
        strokeWidth="9"
        strokeLinecap="round"
        strokeDasharray="18 5"
      />
      <Path
        d="M142 40 H256"
        fill="none"
        stroke="ink"
        strokeWidth="9"
        strokeLinecap="round"
        strokeDasharray="18 5"
      />
      <Yarn d="M146 40 C138 26 118 44 124 56 C130 66 146 50 148 40" colour="chosen" />
    </>
  );
}

function GraftSeam() {
  return (
    <>
      {[0, 1, 2, 3, 4, 5, 6].map((i) => (
        <g key={i}>
          <Loop x={30 + i * W} y={84} w={W} h={44} fill={i < 3 ? 'quiet' : 'live'} />
          <Loop x={30 + i * W} y={48} w={W} h={40} fill={i < 3 ? 'quiet' : 'live'} down />
        </g>
      ))}
      <Needle y={98} from={118} />
      <Needle y={34} from={118} />
      <Yarn
        d="M6 66 C30 96 34 92 45 92 C60 92 50 40 66 40 C80 42 66 92 82 92 C96 92 84 40 98 40 C112 40 98 92 112 92 C122 92 122 70 132 66"
        colour="chosen"
      />
    </>
  );
}

const SKETCHES: Record<Mishap['sketch'], (() => ReactNode) | undefined> = {
  TURNED_STITCH: TurnedStitch,
  SPLIT_STITCH: SplitStitch,
  WANDERING_NEEDLE: WanderingNeedle,
  LADDER: Ladder,
  CORNER_GAP: CornerGap,
  OUT_TO_THE_CORNER: OutToTheCorner,
  CUT_LEG: CutLeg,
  EDGE_OF_DECREASES: EdgeOfDecreases,
  TOE_FROM_THE_FRONT: ToeFromTheFront,
  EDGE_STEP: EdgeStep,
  GRAFT_SEAM: GraftSeam,
  NONE: undefined,
};

/** How a mishap looks, drawn in stitches; nothing where words say it better. */
export function MishapSketch({ sketch }: { sketch: Mishap['sketch'] }) {
  const Drawing = SKETCHES[sketch];
  return Drawing ? (
    <svg viewBox="0 0 270 146" style={{ width: 'min(100%, 360px)', display: 'block' }} aria-hidden>
      <Drawing />
    </svg>
  ) : null;
}
