import type { AxisRound } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { lengthUnit } from '../units/units';
import type { Scale } from './scale';
import { Line, Rect, Text } from './svg';
import { texts } from './texts';

export const TAPE_HEIGHT = 50;
const LEAST_PIXELS_BETWEEN_ROUNDS = 3;
const LEAST_PIXELS_BETWEEN_NAMES = 30;
const LEAST_PIXELS_BETWEEN_TICKS = 1.5;
/** How many centimetres or inches apart numbers may stand. */
const STEPS = [1, 5, 10, 20, 50, 100, 200];
/** Of the numbers on the tape, in pixels. */
const DIGIT_WIDTH = 7.5;
/** Room for the names of both scales behind the end of the sock. */
const NAMES = 46;

interface MeasureProps {
  lengthMm: number;
  axis: readonly AxisRound[];
  scale: Scale;
  top: number;
  lengths: Lengths;
  /** Whether both scales have their names at the end. */
  named?: boolean;
}

/** The yellow tape: lengths from the tip of the toe along its upper edge, rounds along its lower one. */
export function Measure({ lengthMm, axis, scale, top, lengths, named = false }: MeasureProps) {
  const end = scale.x(lengthMm) + 10;
  return (
    <g>
      <Rect
        x={scale.x(0) - 6}
        y={top}
        width={lengthMm * scale.perMm + 12 + (named ? NAMES : 0)}
        height={TAPE_HEIGHT}
        fill="tape"
      />
      <LengthTicks lengthMm={lengthMm} scale={scale} top={top} lengths={lengths} />
      <RoundTicks axis={axis} scale={scale} bottom={top + TAPE_HEIGHT} open={named} />
      {named && (
        <>
          <Text x={end} y={top + 20} fontSize="12px" fontStyle="italic" fill="onTape">
            {lengthUnit(lengths)}
          </Text>
          <Text x={end} y={top + TAPE_HEIGHT - 13} fontSize="12px" fontStyle="italic" fill="onTape">
            {texts.ofRounds}
          </Text>
        </>
      )}
    </g>
  );
}

/** A tick every half centimetre, or every quarter inch; a number at every whole one where there is room. */
export function LengthTicks({
  lengthMm,
  scale,
  top,
  lengths,
}: Pick<MeasureProps, 'lengthMm' | 'scale' | 'top' | 'lengths'>) {
  const [wholeMm, parts] = lengths === 'INCH' ? [25.4, 4] : [10, 2];
  const step = wholeMm / parts;
  const wide = String(Math.floor(lengthMm / wholeMm)).length * DIGIT_WIDTH + 4;
  const every = STEPS.find((each) => each * wholeMm * scale.perMm >= wide) ?? 500;
  const fine = step * scale.perMm >= LEAST_PIXELS_BETWEEN_TICKS;
  return (
    <g>
      {Array.from({ length: Math.floor(lengthMm / step + 1e-9) + 1 }, (_, i) => i).map((i) => {
        const x = scale.x(i * step);
        const whole = i % parts === 0;
        const number = i / parts;
        const named = whole && number % every === 0 && number > 0;
        if (!fine && !(whole && number % Math.max(1, every / 5) === 0)) {
          return undefined;
        }
        return (
          <g key={i}>
            <Line
              x1={x}
              x2={x}
              y1={top}
              y2={top + (named ? 9 : whole ? 7 : 4)}
              stroke="onTape"
              strokeWidth={whole ? 1.2 : 0.8}
            />
            {named && (
              <Text
                x={x}
                y={top + 20}
                textAnchor="middle"
                fontSize="12px"
                fontWeight="600"
                fill="onTape"
              >
                {number}
              </Text>
            )}
          </g>
        );
      })}
    </g>
  );
}

interface RoundTicksProps extends Pick<MeasureProps, 'axis' | 'scale'> {
  bottom: number;
  /** Whether the tape goes on behind the last round. */
  open: boolean;
}

/** A tick every round where there is room, a long one with its number at every ten as the knitter counts them. */
function RoundTicks({ axis, scale, bottom, open }: RoundTicksProps) {
  const first = axis[0];
  const perRound = first ? first.mmFromToe * scale.perMm : 0;
  const fine = perRound >= LEAST_PIXELS_BETWEEN_ROUNDS;
  const end = open ? undefined : scale.x(axis.at(-1)?.mmFromToe ?? 0);
  const namedEvery = 10 * Math.ceil(LEAST_PIXELS_BETWEEN_NAMES / (10 * perRound));
  return (
    <g>
      {axis
        .filter(({ counted }) => fine || counted % 10 === 0)
        .map(({ counted, mmFromToe, section }) => {
          const ten = counted % 10 === 0;
          // A toe is worked towards its tip, so its rounds are done at their near edge.
          const x = scale.x(section === 'TOE' ? mmFromToe - (first?.mmFromToe ?? 0) : mmFromToe);
          return (
            <g key={mmFromToe}>
              <Line
                x1={x}
                x2={x}
                y1={bottom - (ten ? 10 : 4)}
                y2={bottom}
                stroke="onTape"
                strokeWidth={ten ? 1.4 : 0.6}
              />
              {counted % namedEvery === 0 && (
                <Text
                  x={x}
                  y={bottom - 13}
                  textAnchor={anchor(x, scale.x(0), end)}
                  fontSize="12px"
                  fill="onTape"
                >
                  {counted}
                </Text>
              )}
            </g>
          );
        })}
    </g>
  );
}

/** Keeps the first and the last number on the tape. */
function anchor(x: number, start: number, end: number | undefined): 'start' | 'middle' | 'end' {
  return x < start + 8 ? 'start' : end !== undefined && x > end - 10 ? 'end' : 'middle';
}
