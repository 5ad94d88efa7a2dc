import type { ReactNode } from 'react';
import { BareFoot } from '../tape/FootOutline';
import { Circle, Line, Path, Polyline, Rect } from '../tape/svg';
import type { AlmanacEntry } from '../wire/types';

export type Subject = AlmanacEntry['chapter'];

const PEN = { stroke: 'ink', strokeWidth: '1.5', fill: 'none' } as const;

/** A tube lying flat, toe at the left. */
const TUBE = 'M6 24 L18 12 H114 V44 H18 L6 32Z';

/** A small drawing of what a chapter is about; its heading says the same in words. */
export function ChapterDrawing({ of }: { of: Subject }) {
  return (
    <svg viewBox="0 0 120 60" width="120" height="60" aria-hidden style={{ display: 'block' }}>
      {DRAWINGS[of]}
    </svg>
  );
}

const tube = <Path d={TUBE} {...PEN} fill="fabric" />;

const DRAWINGS: Record<Subject, ReactNode> = {
  FEET: (
    <g>
      <g transform="translate(0 2) scale(0.62)">
        <BareFoot {...PEN} strokeWidth="2.4" fill="fabric" />
      </g>
      <Rect x={12} y={52} width={98} height={6} fill="tape" />
    </g>
  ),
  GAUGE: (
    <g>
      <Rect x={20} y={4} width={80} height={44} {...PEN} fill="fabric" />
      {[30, 46, 62, 78].map((x) =>
        [12, 24, 36].map((y) => <Path key={`${x} ${y}`} d={`M${x} ${y} l5 7 l5 -7`} {...PEN} />),
      )}
      <Rect x={30} y={52} width={60} height={6} fill="tape" />
    </g>
  ),
  STITCHES: (
    <g>
      <Path
        d="M60 8 C86 8 96 18 96 30 C96 42 86 52 60 52 C34 52 24 42 24 30 C24 18 34 8 60 8Z"
        {...PEN}
      />
      <Path
        d="M60 14 C80 14 88 22 88 30 C88 38 80 46 60 46 C40 46 32 38 32 30 C32 22 40 14 60 14Z"
        {...PEN}
        fill="fabric"
        strokeDasharray="3 3"
      />
    </g>
  ),
  TUBE: (
    <g>
      {tube}
      {[92, 99, 106].map((x) => (
        <Line key={x} x1={x} x2={x} y1={12} y2={44} {...PEN} strokeWidth="1" />
      ))}
      <Rect x={6} y={50} width={108} height={6} fill="tape" />
    </g>
  ),
  PATTERN: (
    <g>
      {tube}
      {[18, 26, 34].map((y, row) =>
        [74, 84, 94, 104].map((x, at) => (
          <Path
            key={`${x} ${y}`}
            d={(row + at) % 2 ? `M${x} ${y} h7` : `M${x} ${y - 3} l3.5 5 l3.5 -5`}
            {...PEN}
          />
        )),
      )}
    </g>
  ),
  HEEL_LINE: (
    <g>
      {tube}
      <Line
        x1={66}
        x2={66}
        y1={8}
        y2={48}
        stroke="chosen"
        strokeWidth="2.5"
        strokeDasharray="4 3"
      />
      <Rect x={6} y={50} width={108} height={6} fill="tape" />
    </g>
  ),
  OPENING: (
    <g>
      <Path d="M6 8 H114 V26 C92 20 28 20 6 26Z" {...PEN} fill="fabric" />
      <Path d="M6 52 H114 V34 C92 40 28 40 6 34Z" {...PEN} fill="fabric" />
      <Path
        d="M2 22 C30 16 90 16 118 22 M2 38 C30 44 90 44 118 38"
        stroke="live"
        strokeWidth="2.5"
        fill="none"
      />
    </g>
  ),
  SHAPING: (
    <g>
      {[0, 1, 2, 3, 4, 5, 6].map((i) => (
        <Rect
          key={i}
          x={16 + i * 5}
          y={4 + i * 7.5}
          width={88 - i * 10}
          height={5}
          fill={i % 2 ? 'line' : 'ink'}
        />
      ))}
    </g>
  ),
  FINISH: (
    <g>
      {[14, 32, 50, 68, 86].map((x) => (
        <Path key={x} d={`M${x} 22 c0 -14 16 -14 16 0 M${x} 38 c0 14 16 14 16 0`} {...PEN} />
      ))}
      <Path
        d="M6 30 C20 20 22 20 30 30 S46 40 54 30 S70 20 78 30 S94 40 114 30"
        stroke="live"
        strokeWidth="2.5"
        fill="none"
      />
    </g>
  ),
  FIT: (
    <g>
      <Path
        d="M36 4 H66 V28 C72 36 92 36 102 40 C112 46 108 56 96 56 H50 C38 56 34 44 36 34Z"
        {...PEN}
        fill="fabric"
      />
      <Path d="M36 34 C44 34 54 38 58 46" {...PEN} strokeDasharray="3 3" />
    </g>
  ),
  YARN: (
    <g>
      <Circle cx={60} cy={30} r={24} {...PEN} fill="fabric" />
      <Circle cx={60} cy={30} r={15} {...PEN} />
      <Circle cx={60} cy={30} r={5} {...PEN} fill="mist" />
      <Path d="M84 30 C96 34 100 46 116 44" {...PEN} />
    </g>
  ),
  STRIPES: (
    <g>
      {tube}
      {[30, 54, 78, 102].map((x) => (
        <Rect key={x} x={x} y={12} width={12} height={32} {...PEN} strokeWidth="1" fill="quiet" />
      ))}
    </g>
  ),
  RESCUE: (
    <g>
      <Path d="M16 18 H104" {...PEN} fill="none" />
      {[0, 1, 2, 4, 5, 6].map((i) => (
        <Path key={i} d={`M${22 + i * 12} 24 v18`} {...PEN} fill="none" />
      ))}
      {[24, 31, 38].map((y) => (
        <Path key={y} d={`M54 ${y} h8`} {...PEN} fill="none" />
      ))}
    </g>
  ),
  KNITTING: (
    <g>
      {[0, 1, 2, 3, 4, 5].map((i) => (
        <Rect
          key={i}
          x={12 + i * 17}
          y={22}
          width={12}
          height={16}
          {...PEN}
          fill={i < 3 ? 'ink' : 'none'}
        />
      ))}
    </g>
  ),
  CHECKS: (
    <g>
      <Path d="M60 6 L92 54 H28Z" {...PEN} />
      <Path d="M60 22 V38 M60 44 V48" {...PEN} strokeWidth="4" />
    </g>
  ),
  SURENESS: (
    <g>
      <Line x1={10} x2={110} y1={50} y2={50} {...PEN} />
      <Polyline points="14,48 34,44 48,24 60,10 72,24 86,44 106,48" {...PEN} />
      <Path d="M36 56 H84 M36 52 V60 M84 52 V60" stroke="chosen" strokeWidth="2" fill="none" />
    </g>
  ),
  CARE: (
    <Path
      d="M60 52 C20 28 26 8 44 8 C54 8 60 16 60 22 C60 16 66 8 76 8 C94 8 100 28 60 52Z"
      {...PEN}
      fill="fabric"
    />
  ),
};
