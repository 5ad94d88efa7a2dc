import type { Plan } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { figureText, lengthText } from '../units/units';
import { SECTION_NAMES } from './reading';
import type { Scale } from './scale';
import { Rect, Text } from './svg';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** What the longest line beside the heel cup takes. */
const ROOM = 170;
/** Where a section is narrower its name stands upright. */
const NARROW = 32;

interface CaptionsProps {
  plan: Plan;
  scale: Scale;
  top: number;
  bottom: number;
  lengths: Lengths;
  /** Whether they stand on yarn colours and bring their own ground. */
  grounded: boolean;
}

/** The names of the sections, on them. */
export function Captions({ plan, scale, top, bottom, lengths, grounded }: CaptionsProps) {
  const middle = (top + bottom) / 2;
  return (
    <g>
      {plan.outline.spans.map(({ section, fromMm, toMm, fromRound, toRound }) => {
        const room = (toMm - fromMm) * scale.perMm;
        const rounds = toRound - fromRound + 1;
        return (
          <Caption
            key={section}
            x={(scale.x(fromMm) + scale.x(toMm)) / 2}
            middle={middle}
            room={room}
            grounded={grounded}
            lines={[
              SECTION_NAMES[section],
              room > 70 ? texts.rounds(rounds) : String(rounds),
              lengthText(toMm - fromMm, lengths),
            ]}
          />
        );
      })}
    </g>
  );
}

interface CaptionProps {
  x: number;
  middle: number;
  room: number;
  grounded: boolean;
  lines: readonly [name: string, rounds: string, length: string];
}

function Caption({ x, middle, room, grounded, lines: [name, rounds, length] }: CaptionProps) {
  const upright = room < NARROW;
  const ground = Math.min(room / 2 - 1, 36);
  const line = { x, textAnchor: 'middle', fontSize: '12px', fill: 'ink' } as const;
  return (
    <g>
      {grounded && (
        <Rect
          x={x - ground}
          y={middle - 18}
          width={2 * ground}
          height={room > 55 ? 54 : 38}
          rx="3"
          fill="sheet"
          opacity={0.93}
        />
      )}
      <Text
        {...line}
        transform={upright ? `rotate(-90 ${x} ${middle})` : undefined}
        y={upright ? middle + 5 : middle - 3}
        fontSize="14px"
        fontWeight="600"
      >
        {name}
      </Text>
      {!upright && (
        <Text {...line} y={middle + 14}>
          {rounds}
        </Text>
      )}
      {room > 55 && (
        <Text {...line} y={middle + 30}>
          {length}
        </Text>
      )}
    </g>
  );
}

/** What the heel pocket is, beside it. */
export function PocketCaption({
  plan,
  scale,
  top,
  width,
  lengths,
}: {
  plan: Plan;
  scale: Scale;
  top: number;
  width: number;
  lengths: Lengths;
}) {
  const half = (plan.outline.widthMm * scale.perMm) / 2;
  const centre = scale.x(plan.outline.openingMm);
  const leftRoom = centre - half;
  const rightRoom = width - centre - half;
  const onLeft = leftRoom > rightRoom;
  const x = onLeft ? centre - half - 14 : centre + half + 14;
  const { shaping, worked } = plan.heel;
  const deep = texts.deep(
    worked.length,
    shaping.school.id === 'SHORT_ROWS',
    figureText(shaping.depth, lengths),
  );
  const [from, to] = [plan.opening.heelSide.value, shaping.closingSide.value];
  // Where there is little room every part of it has a line.
  const lines =
    Math.max(leftRoom, rightRoom) < ROOM
      ? [shared.heel, ...deep.split(' · '), texts.stsFromTo(from, to)]
      : [texts.heelCupLaidFlat, deep, texts.stsOnEachNeedle(from, to)];
  return (
    <g>
      {lines.map((line, i) => (
        <Text
          key={line}
          x={x}
          y={top + 16 + i * 17}
          textAnchor={onLeft ? 'end' : 'start'}
          fontSize={i === 0 ? '13px' : '12px'}
          fontWeight={i === 0 ? '600' : '400'}
          fill="ink"
        >
          {line}
        </Text>
      ))}
    </g>
  );
}
