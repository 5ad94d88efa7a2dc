import type { Figure, Placing, Plan } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { figureText } from '../units/units';
import type { Scale } from './scale';
import { Line, Path, Text } from './svg';

const ROW = 16;
const PER_SIGN = 6.6;
const ROOM_FOR_LENGTH = 9;

/** One school's mark: where it is, and which line its name stands on. */
export interface PlacedMark {
  placing: Placing;
  /** Where it opens on the tape; for the plan's own school after its whole rounds. */
  at: Figure;
  x: number;
  row: number;
  left: boolean;
  /** Whether it is the school of this plan. */
  own: boolean;
}

/** Puts every school's name on a line where it covers no other: the marks in order, the names in steps. */
export function placingLane(plan: Plan, scale: Scale, width: number): PlacedMark[] {
  const ends: [from: number, to: number][][] = [];
  return plan.tube.heelLine.placings
    .toSorted((a, b) => a.distance.value - b.distance.value)
    .map((placing) => {
      const own = placing.school.id === plan.tube.heelLine.placing.school.id;
      const at = own ? plan.tube.heelLine.fromToe : placing.distance;
      const x = scale.x(at.value);
      const room = (placing.school.title.length + ROOM_FOR_LENGTH) * PER_SIGN + 14;
      const left = x + room > width;
      const span: [number, number] = left ? [x - room, x + 6] : [x - 6, x + room];
      let row = 0;
      while (ends[row]?.some(([from, to]) => span[0] < to && span[1] > from)) {
        row += 1;
      }
      (ends[row] ??= []).push(span);
      return { placing, x, row, left, own, at };
    });
}

export function placingHeight(marks: readonly PlacedMark[]): number {
  return marks.length === 0 ? 0 : (Math.max(...marks.map(({ row }) => row)) + 1) * ROW + 6;
}

interface PlacingMarksProps {
  marks: readonly PlacedMark[];
  top: number;
  bottom: number;
  lengths: Lengths;
}

/** Where every school would open the heel: hollow marks and the plan's own filled, each with its name. */
export function PlacingMarks({ marks, top, bottom, lengths }: PlacingMarksProps) {
  return (
    <g>
      {marks.map(({ placing, at, x, row, left, own }) => {
        const y = top + row * ROW + 11;
        return (
          <g key={placing.school.id}>
            <Line x1={x} x2={x} y1={y} y2={bottom - 9} stroke="line" strokeWidth="1" />
            <Path
              d={`M${x - 5} ${bottom - 10} h10 l-5 9z`}
              fill={own ? 'ink' : 'sheet'}
              stroke="ink"
              strokeWidth="1"
            />
            <Text
              x={left ? x - 5 : x + 5}
              y={y + 3}
              fontSize="12px"
              textAnchor={left ? 'end' : 'start'}
              fontWeight={own ? '700' : '400'}
              fill="ink"
            >
              {`${placing.school.title}, ${figureText(at, lengths)}`}
            </Text>
          </g>
        );
      })}
    </g>
  );
}
