import type { Plan } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { valueText } from '../units/units';
import { points, type Scale } from './scale';
import { Line, Polyline, Text } from './svg';
import { texts } from './texts';

export const YARN_HEIGHT = 76;
const LABELS = 16;

interface YarnLaneProps {
  plan: Plan;
  scale: Scale;
  top: number;
  width: number;
  lengths: Lengths;
}

/** The yarn of one sock along the tape: what its cake still holds after each round, with the stop weight as a line. */
export function YarnLane({ plan, scale, top, width, lengths }: YarnLaneProps) {
  const { leg, sockGrams, roles } = plan.yarn;
  const cake = leg && roles.length === 1 ? leg.cake.value : sockGrams.value;
  const least = Math.min(0, ...plan.axis.map(({ leftG }) => leftG));
  const y = (grams: number) =>
    top + LABELS + ((cake - grams) / (cake - least)) * (YARN_HEIGHT - LABELS);
  const runs = runsOf(plan, (at) => [scale.x(at.mmFromToe), y(at.leftG)]);
  const stop = leg && roles.length === 1 ? leg.stopWeight.value : undefined;
  // Until the cuff the yarn is above the line: below it, before the cuff, nothing is drawn.
  const cuff = plan.axis.find(({ section }) => section === 'CUFF');
  return (
    <g data-testid="yarn-lane">
      <Text x={scale.x(0)} y={top + 11} fontSize="12px" fill="ink">
        {leg && roles.length === 1
          ? texts.yarnLeftForOneSock(valueText(cake, 'GRAMS', lengths))
          : texts.yarnStillToUseOf(valueText(cake, 'GRAMS', lengths))}
      </Text>
      <Line x1={scale.x(0)} x2={width - 14} y1={y(0)} y2={y(0)} stroke="quiet" strokeWidth="1" />
      {runs.map((run) => (
        <Polyline
          key={run[0]?.[0]}
          points={points(run)}
          fill="none"
          stroke="ink"
          strokeWidth="1.75"
        />
      ))}
      {stop !== undefined && stop < cake && (
        <g>
          <Line
            x1={scale.x(0)}
            x2={width - 14}
            y1={y(stop)}
            y2={y(stop)}
            stroke="chosen"
            strokeWidth="1.25"
            strokeDasharray="5 4"
          />
          <Text
            x={scale.x(cuff?.mmFromToe ?? 0) - 4}
            y={y(stop) + (y(0) - y(stop) > LABELS ? 13 : -5)}
            textAnchor="end"
            fontSize="12px"
            fill="chosen"
            stroke="sheet"
            strokeWidth="4"
            paintOrder="stroke"
          >
            {texts.stopTheLegAt(
              valueText(stop, 'GRAMS', lengths),
              plan.tube.way.id === 'CUFF_DOWN',
            )}
          </Text>
        </g>
      )}
    </g>
  );
}

type At = Plan['axis'][number];
type Point = readonly [number, number];

/** The line breaks where the work jumps from one end of the sock to the other. */
function runsOf({ axis }: Plan, pointOf: (at: At) => Point): Point[][] {
  return axis.reduce<Point[][]>((all, at, i) => {
    const before = axis[i - 1];
    const jump = before && before.section !== at.section && crossesToe(before.section, at.section);
    if (i === 0 || jump) {
      all.push([pointOf(at)]);
    } else {
      all.at(-1)?.push(pointOf(at));
    }
    return all;
  }, []);
}

function crossesToe(before: string, now: string): boolean {
  return before === 'TOE' || now === 'TOE';
}
