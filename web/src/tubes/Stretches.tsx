import { useId } from 'react';
import { Line, Rect, Text } from '../tape/svg';
import type { Along, CutPlan } from '../wire/types';
import { cutNumber } from './pieces';
import { texts } from './texts';

interface StretchesProps {
  plan: CutPlan;
  x: (round: number) => number;
  top: number;
  height: number;
  names: readonly string[];
  two: boolean;
}

/** What becomes of a tube, over its colours: pieces, spare and unravelled rounds, remnants, and the cuts. */
export function Stretches({ plan, x, top, height, names, two }: StretchesProps) {
  const spare = `spare-${useId()}`;
  return (
    <g>
      <defs>
        <pattern id={spare} width="5" height="5" patternUnits="userSpaceOnUse">
          <path d="M0 5 L5 0" stroke="#ffffff" strokeWidth="2.4" />
          <path d="M0 5 L5 0" stroke="#17232e" strokeWidth="1" />
        </pattern>
      </defs>
      {plan.along.map((along, i) => {
        const left = x(along.stretch.from);
        const place = { x: left, y: top, width: x(along.stretch.to) - left, height };
        return (
          <g key={along.stretch.from}>
            <StretchDrawing {...{ along, place, names, two, spare }} number={cutNumber(plan, i)} />
          </g>
        );
      })}
    </g>
  );
}

interface Place {
  x: number;
  y: number;
  width: number;
  height: number;
}

interface StretchDrawingProps extends PieceNameProps {
  /** Id of the pattern of spare rounds. */
  spare: string;
  /** What a cut is called: its place among the cuts. */
  number: string | number;
}

/** One stretch, by what becomes of it. */
function StretchDrawing({ along, place, names, two, spare, number }: StretchDrawingProps) {
  const { kind } = along.stretch;
  switch (kind.id) {
    case 'PIECE':
      return (
        <>
          <Rect {...place} fill="none" stroke="ink" strokeWidth={1.4} />
          <PieceName along={along} place={place} names={names} two={two} />
        </>
      );
    case 'SPARE':
      return <rect {...place} fill={`url(#${spare})`} />;
    case 'CUT':
      return <CutLine place={place} number={number} />;
    case 'REMNANT':
      return (
        <>
          <Rect {...place} fill="mist" opacity={0.7} />
          <Label place={place} words={texts.leftOverThere} />
        </>
      );
    case 'GIVEN_UP':
    case 'RAVEL':
      return (
        <>
          <Rect {...place} fill="mist" opacity={0.8} />
          <Rect {...place} fill="none" stroke="ink" strokeDasharray="4 3" />
          <Label place={place} words={kind.id === 'RAVEL' ? texts.unravelFirst : 'unravel'} />
        </>
      );
  }
}

/** Where the scissors go through, with its number. */
function CutLine({ place, number }: { place: Place; number: string | number }) {
  const middle = place.x + place.width / 2;
  const bottom = place.y + place.height;
  return (
    <>
      <Line
        x1={middle}
        x2={middle}
        y1={place.y - 6}
        y2={bottom + 6}
        stroke="cut"
        strokeWidth={Math.max(2, place.width)}
      />
      <Text
        x={middle}
        y={bottom + 19}
        textAnchor="middle"
        fontSize="12px"
        fontWeight="600"
        fill="cut"
      >
        {number}
      </Text>
    </>
  );
}

interface PieceNameProps {
  along: Along;
  place: Place;
  names: readonly string[];
  two: boolean;
}

/** Whose piece it is, over it; its number where there is no room for a name. */
function PieceName({ along, place, names, two }: PieceNameProps) {
  const whose = names[along.stretch.wish] ?? '';
  const number = two ? '' : ` ${along.stretch.sock + 1}`;
  const full = `${whose}${number}`;
  const room = Math.floor(place.width / 7.5);
  const words = full.length <= room ? full : `${full.slice(0, Math.max(1, room - 3))}…${number}`;
  return (
    <Text
      x={place.x + place.width / 2}
      y={place.y - 9}
      textAnchor="middle"
      fontSize="13px"
      fontWeight="600"
      fill="ink"
    >
      {place.width < 24 ? '' : words}
    </Text>
  );
}

/** What a stretch becomes, over it, where there is room. */
function Label({ place, words }: { place: Place; words: string }) {
  return place.width < words.length * 6.5 ? undefined : (
    <Text
      x={place.x + place.width / 2}
      y={place.y - 9}
      textAnchor="middle"
      fontSize="12px"
      fill="quiet"
    >
      {words}
    </Text>
  );
}
