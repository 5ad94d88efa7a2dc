import type { Foot } from '../wire/types';
import type { SVGProps } from 'react';
import { Ellipse, Path } from './svg';

/** The outline of a foot, heel at the left, big toe above: 157 long and some 52 wide at the ball. */
const OUTLINE =
  'M20 45 C20 62 33 66 50 64 C75 61 98 71 125 72 C150 73 170 66 175 50 C179 34 174 19 158 18 C140 17 128 20 115 22 C95 26 75 30 52 28 C33 26 20 30 20 45Z';
/** The same up to the toes, and those, from the big one. */
const SOLE =
  'M20 45 C20 62 33 66 50 64 C75 61 98 71 122 72 C138 72 148 66 152 56 C156 47 159 38 158 28 C157 20 146 17 135 18.5 C125 20 118 22 112 22.5 C95 26 75 30 52 28 C33 26 20 30 20 45Z';
const TOES = [
  [166, 27, 11, 8.5],
  [165, 40, 9, 5.2],
  [161.5, 50.5, 8.5, 4.9],
  [155.5, 60, 8, 4.7],
  [147, 67.5, 7.5, 4.5],
] as const;
const HEEL = 20;
const LONG = 157;
const MIDDLE = 45;
/** The girth of the ball that the sole as drawn goes with, at its own length. */
const BALL_PER_LENGTH = 0.94;

/** Pixels to a millimetre, the same for all feet. */
const PER_MM = 0.44;
const WIDTH = 170;
const LANE = 68;

const THIN = { strokeWidth: '1.25', vectorEffect: 'non-scaling-stroke' } as const;

interface FootOutlineProps {
  /** The left foot, or both. */
  foot: Foot;
  other?: Foot | undefined;
  /** What it measured before, drawn dashed over it. */
  before?: Foot | undefined;
}

/** A pair of feet from above, toes to the left as on the tape, to the scale that all feet share; a drawing, no measure. */
export function FootOutline({ foot, other = foot, before }: FootOutlineProps) {
  if (foot.lengthMm === undefined) {
    return null;
  }
  return (
    <svg viewBox={`0 0 ${WIDTH} ${2 * LANE}`} width={WIDTH} height={2 * LANE} aria-hidden>
      {[other, foot].map((each, i) => (
        <g key={i} transform={`translate(0 ${i * LANE})`}>
          <Sole foot={each} mirrored={i === 0} />
          {before && <Sole foot={before} mirrored={i === 0} dashed />}
        </g>
      ))}
    </svg>
  );
}

/** A foot from below, heel at the left. */
export function BareFoot(pen: SVGProps<SVGPathElement>) {
  return (
    <g>
      {TOES.map(([x, y, rx, ry]) => (
        <Ellipse key={y} cx={x} cy={y} rx={rx} ry={ry} {...(pen as SVGProps<SVGEllipseElement>)} />
      ))}
      <Path d={SOLE} {...pen} />
    </g>
  );
}

function Sole({ foot, mirrored, dashed }: { foot: Foot; mirrored: boolean; dashed?: boolean }) {
  const { lengthMm, ballGirthMm } = foot;
  if (lengthMm === undefined) {
    return null;
  }
  const along = (lengthMm * PER_MM) / LONG;
  const wide = (along * (ballGirthMm ?? lengthMm * BALL_PER_LENGTH)) / (lengthMm * BALL_PER_LENGTH);
  return (
    // Heels in one line at the right.
    <g
      transform={`translate(${WIDTH - 2} ${LANE / 2}) scale(${-along} ${mirrored ? -wide : wide}) translate(${-HEEL} ${-MIDDLE})`}
    >
      {dashed ? (
        <Path d={OUTLINE} fill="none" stroke="quiet" strokeDasharray="4 3" {...THIN} />
      ) : (
        <BareFoot fill="fabric" stroke="ink" {...THIN} />
      )}
    </g>
  );
}
