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
        const { stretch } = along;
        const left = x(stretch.from);
        const place = { x: left, y: top, width: x(stretch.to) - left, height };
        switch (stretch.kind.id) {
          case 'PIECE':
            return (
              <g key={stretch.from}>
                <Rect {...place} fill="none" stroke="ink" strokeWidth={1.4} />
                <PieceName along={along} place={place} names={names} two={two} />
              </g>
            );
          case 'SPARE':
            return <rect key={stretch.from} {...place} fill={`url(#${spare})`} />;
          case 'CUT':
            return (
              <g key={stretch.from}>
                <Line
                  x1={left + place.width / 2}
                  x2={left + place.width / 2}
                  y1={top - 6}
                  y2={top + height + 6}
                  stroke="cut"
                  strokeWidth={Math.max(2, place.width)}
                />
                <Text
                  x={left + place.width / 2}
                  y={top + height + 19}
                  textAnchor="middle"
                  fontSize="12px"
                  fontWeight="600"
                  fill="cut"
                >
                  {cutNumber(plan, i)}
                </Text>
              </g>
            );
          case 'REMNANT':
            return (
              <g key={stretch.from}>
                <Rect {...place} fill="mist" opacity={0.7} />
                <Label place={place} words="remnant" />
              </g>
            );
          case 'GIVEN_UP':
          case 'RAVEL':
            return (
              <g key={stretch.from}>
                <Rect {...place} fill="mist" opacity={0.8} />
                <Rect {...place} fill="none" stroke="ink" strokeDasharray="4 3" />
                <Label
                  place={place}
                  words={stretch.kind.id === 'RAVEL' ? texts.unravelFirst : 'unravel'}
                />
              </g>
            );
        }
      })}
    </g>
  );
}

interface Place {
  x: number;
  y: number;
  width: number;
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
