import { Leg } from '../fabric/Stitch';
import { useSettings } from '../settings/settings';
import { Line, Path } from '../tape/svg';

const COLUMNS = 9;
const W = 34;
const H = 26;
const MIDDLE = (COLUMNS - 1) / 2;
/** The row that the upper needle is in. */
const ABOVE = 1;

/** The top of a row. */
const y = (row: number): number => 8 + row * H;

/** The steps that have a drawing, and what it shows of them. */
interface Shown {
  above: boolean;
  cut: boolean;
  /** What of the row between the needles is out. */
  out: false | 'all' | 'but-the-corners';
}

const SHOWN: Record<string, Shown> = {
  'heel-pick-up-below': { above: false, cut: false, out: false },
  'heel-pick-up-above': { above: true, cut: false, out: false },
  snip: { above: true, cut: true, out: false },
  unpick: { above: true, cut: false, out: 'but-the-corners' },
  'unpick-all': { above: true, cut: false, out: 'all' },
  'waste-out': { above: true, cut: false, out: 'all' },
};

/** The line, of one row or two of waste yarn, and the rows beside it: which legs are on a needle, what is cut, what comes out. */
export function OpeningDrawing({ step, between = 1 }: { step: string; between?: number }) {
  const left = useSettings().hand === 'left';
  const shown = SHOWN[step];
  if (!shown) {
    return null;
  }
  const { above, cut, out } = shown;
  const columns = Array.from({ length: COLUMNS }, (_, i) => i);
  const lower = ABOVE + 1 + between;
  return (
    <svg
      viewBox={`0 0 ${COLUMNS * W} ${(lower + 2) * H + 20}`}
      style={{ width: 'min(100%, 380px)', maxHeight: '24dvh' }}
      aria-hidden
    >
      {Array.from({ length: lower + 2 }, (_, row) => row).map((row) =>
        columns.map((column) =>
          gone(inLine(row, lower), column, out)
            ? null
            : [true, false].map((leftLeg) => (
                <Leg
                  key={`${row}-${column}-${leftLeg}`}
                  x={column * W}
                  y={y(row)}
                  w={W}
                  h={H}
                  left={leftLeg}
                  fill={
                    (row === lower || (row === ABOVE && above)) && leftLeg === left
                      ? 'live'
                      : inLine(row, lower)
                        ? 'amissGround'
                        : 'fabric'
                  }
                />
              )),
        ),
      )}
      {[...(above ? [ABOVE] : []), lower].map((row) => (
        <Line
          key={row}
          x1="2"
          x2={COLUMNS * W - 2}
          y1={y(row) + H * 0.45}
          y2={y(row) + H * 0.45}
          stroke="ink"
          strokeWidth="3"
          strokeLinecap="round"
        />
      ))}
      {cut && <Cut />}
    </svg>
  );
}

/** Whether a row lies between the needles. */
function inLine(row: number, lower: number): boolean {
  return row > ABOVE && row < lower;
}

/** Where the corners are left in, the row between the needles stays next to them. */
function gone(between: boolean, column: number, out: Shown['out']): boolean {
  const corner = column <= 1 || column >= COLUMNS - 2;
  return between && out !== false && (out === 'all' || !corner);
}

/** The snip in the middle of the row, and what points at it. */
function Cut() {
  return (
    <>
      <Line
        x1={MIDDLE * W + W * 0.62}
        x2={MIDDLE * W + W * 0.95}
        y1={y(2) + H * 0.75}
        y2={y(2) + H * 0.25}
        stroke="cut"
        strokeWidth="4"
        strokeLinecap="round"
      />
      <Path
        d={`M${MIDDLE * W + W * 1.5},${y(2) - H * 0.6} l${-W * 0.4},${H * 0.75} m0,${-H * 0.32} l0,${H * 0.32} l${W * 0.22},${-H * 0.2}`}
        fill="none"
        stroke="cut"
        strokeWidth="2.5"
        strokeLinecap="round"
      />
    </>
  );
}
