import type { Plan } from '../wire/types';
import type { Scale } from './scale';
import { Line, Path } from './svg';

/** Patterned rounds that follow each other, on the foot or on the leg; counted from the toe’s tip, from 0. */
export interface PatternRun {
  from: number;
  to: number;
  onLeg: boolean;
  /** The rounds at which a repeat begins. */
  begins: readonly number[];
}

/** Where the pattern lies along the tape. */
export function patternRuns({ pattern, tube }: Plan): readonly PatternRun[] {
  const runs: { from: number; to: number; onLeg: boolean; begins: number[] }[] = [];
  const opening = tube.heelLine.round.value;
  pattern?.onTape.forEach((ofRepeat, at) => {
    if (ofRepeat === 0) {
      return;
    }
    const onLeg = at >= opening;
    const last = runs.at(-1);
    const run =
      last?.to === at && last.onLeg === onLeg ? last : { from: at, to: at, onLeg, begins: [] };
    if (run !== last) {
      runs.push(run);
    }
    run.to = at + 1;
    if (ofRepeat === 1) {
      run.begins.push(at);
    }
  });
  return runs;
}

interface PatternMarksProps {
  plan: Plan;
  scale: Scale;
  top: number;
  bottom: number;
}

/** Lines of a pattern of one round, as ribbing has them, over the height of the tube. */
const RIBS = 12;

/** What the names of the sections take, above and below the middle. */
const NAMED = { above: 20, below: 38 };

/** The pattern on the tube: a line where a repeat begins, around the leg or on the instep’s half of the foot. */
export function PatternMarks({ plan, scale, top, bottom }: PatternMarksProps) {
  const runs = patternRuns(plan);
  const { axis, pattern } = plan;
  const x = (round: number) => scale.x(axis[round - 1]?.mmFromToe ?? 0);
  const look = { stroke: 'ink', strokeWidth: '0.9', opacity: 0.4 } as const;
  const middle = (top + bottom) / 2;
  const ribbed = pattern?.made.height.value === 1;
  return (
    <g aria-hidden data-testid="pattern-marks">
      {runs.map(({ from, to, onLeg, begins }) => {
        const low = onLeg ? bottom : middle;
        return (
          <g key={from}>
            {ribbed
              ? ribs(top, bottom)
                  .filter((y) => y < low)
                  .map((y) => <Line key={y} x1={x(from)} x2={x(to)} y1={y} y2={y} {...look} />)
              : begins.map((at) => (
                  <Path
                    key={at}
                    d={`M${x(at)} ${top}V${middle - NAMED.above}${onLeg ? `M${x(at)} ${middle + NAMED.below}V${bottom}` : ''}`}
                    strokeDasharray="2 2"
                    {...look}
                  />
                ))}
          </g>
        );
      })}
    </g>
  );
}

function ribs(top: number, bottom: number): readonly number[] {
  return Array.from({ length: RIBS - 1 }, (_, i) => top + ((i + 1) * (bottom - top)) / RIBS);
}
