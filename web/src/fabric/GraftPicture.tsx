import { Line, Path, Text } from '../tape/svg';
import type { GraftMove } from '../wire/types';
import { Purl, Stitch } from './Stitch';
import { nodeOf, openAt, strand, STITCH, Y, type At, type Open } from './strand';
import { texts } from './texts';

/** Where the picture ends, and where the two needles lie in it. */
const [WIDTH, HEIGHT, BACK, FRONT] = [360, 216, Y.BACK, Y.FRONT];
/** Width of a stitch, and height of a row. */
const [S, H] = [STITCH, 22];
/** Columns that are drawn at once. */
const MOST = 6;
/** Above it nothing is drawn. */
const TOP = 20;

interface GraftPictureProps {
  /** Loops on each needle. */
  loops: number;
  /** The moves that are made. */
  made: readonly GraftMove[];
  /** The move that the sewing needle is about to make, where it is to be seen. */
  next?: GraftMove | undefined;
  /** Whether that move would be wrong. */
  amiss?: boolean;
  left: boolean;
  /** What it shows, in words; none where the words beside it say the same. */
  label?: string;
}

/** The two needles of a graft as they are held, close up: the strand through the loops it went through, and the sewing needle. */
export function GraftPicture({ loops, made, next, amiss, left, label }: GraftPictureProps) {
  const open = openAt(made);
  const first = Math.max(1, Math.min(open.back - 3, loops - MOST + 1));
  const last = Math.min(loops, first + MOST - 1);
  const columns = Array.from({ length: last - first + 1 }, (_, i) => first + i);
  const x = (loop: number) => WIDTH - 72 - (loop - first) * S;
  const at: At = (needle, loop) => nodeOf(open, x, needle, loop);
  const view = { columns, open, x, entered: enteredBy(made), more: last < loops };
  const paths = strand(made, at, open, x, first);
  return (
    <svg
      viewBox={`0 ${TOP} ${WIDTH} ${HEIGHT - TOP}`}
      style={{ width: '100%', maxWidth: '520px' }}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      <g transform={left ? `matrix(-1 0 0 1 ${WIDTH} 0)` : undefined}>
        <Fabric {...view} back />
        <Strand d={paths.far} />
        {next?.needle === 'BACK' && <Sewing {...sewing(x(next.loop), BACK, next)} amiss={amiss} />}
        <Loops {...view} back />
        <Strand d={paths.between} />
        <Fabric {...view} back={false} />
        {next?.needle === 'FRONT' && (
          <Sewing {...sewing(x(next.loop), FRONT, next)} amiss={amiss} />
        )}
        <Loops {...view} back={false} />
        <Closed columns={columns} open={open} x={x} />
        <Strand d={paths.near} />
        <Tail from={paths.end} to={next && sewing(x(next.loop), row(next), next).eye} />
        {next && <Sewing {...sewing(x(next.loop), row(next), next)} amiss={amiss} near />}
        {next?.off && <OffArrow x={x(next.loop)} y={row(next)} />}
      </g>
      {([BACK, FRONT] as const).map((y) => (
        <Text
          key={y}
          x={left ? WIDTH - 4 : 4}
          y={y + 5}
          fontSize="14"
          fill="ink"
          textAnchor={left ? 'end' : 'start'}
        >
          {y === BACK ? texts.back : texts.front}
        </Text>
      ))}
    </svg>
  );
}

function row({ needle }: GraftMove): number {
  return needle === 'FRONT' ? FRONT : BACK;
}

/** The loops that the strand has been through, by needle and number. */
function enteredBy(made: readonly GraftMove[]): ReadonlySet<string> {
  return new Set(made.map(({ needle, loop }) => `${needle} ${loop}`));
}

interface ViewProps {
  columns: readonly number[];
  open: Open;
  x: (loop: number) => number;
  entered: ReadonlySet<string>;
  /** Whether there are more loops than are drawn. */
  more: boolean;
  back: boolean;
}

/** What hangs from a needle: of the back piece its inside, of the front one its outside. */
function Fabric({ columns, open, x, back }: ViewProps) {
  if (!back) {
    return columns.map((loop) => (
      <g key={loop}>
        {[2, 1].map((down) => (
          <Stitch key={down} x={x(loop) - S / 2} y={FRONT + 14 + down * H} w={S} h={H} />
        ))}
      </g>
    ));
  }
  return columns
    .filter((loop) => loop >= open.back)
    .map((loop) => (
      <g key={loop}>
        {[1, 2].map((down) => (
          <Purl key={down} x={x(loop) - S / 2} y={BACK + 4 + down * 18} w={S} h={H} />
        ))}
      </g>
    ));
}

/** A needle with the loops that are on it; a loop that came off lies below its tip. */
function Loops({ columns, open, x, entered, more, back }: ViewProps) {
  const y = back ? BACK : FRONT;
  const from = back ? open.back : open.front;
  const on = columns.filter((loop) => loop >= from);
  const dropped = columns.filter((loop) => loop < from && loop >= open.back);
  const held = on[0];
  return (
    <>
      {held !== undefined && (
        <Line
          x1={more ? 40 : x(on[on.length - 1] ?? held) - 24}
          x2={x(held) + 26}
          y1={y}
          y2={y}
          stroke="quiet"
          strokeWidth="6"
          strokeLinecap="round"
        />
      )}
      {on.map((loop) => (
        <Path
          key={loop}
          d={hung(x(loop), y)}
          fill="none"
          stroke={entered.has(`${back ? 'BACK' : 'FRONT'} ${loop}`) ? 'live' : 'ink'}
          strokeWidth="5"
          strokeLinecap="round"
        />
      ))}
      {!back &&
        dropped.map((loop) => (
          <Path
            key={loop}
            d={hung(x(loop), y + 14)}
            fill="none"
            stroke="live"
            strokeWidth="5"
            strokeLinecap="round"
          />
        ))}
    </>
  );
}

/** A loop over a needle. */
function hung(x: number, y: number): string {
  return `M${x - 8},${y + 30} C${x - 16},${y + 10} ${x - 12},${y - 11} ${x},${y - 11} S${x + 16},${y + 10} ${x + 8},${y + 30}`;
}

/** The stitches that are sewn: the strand lies as a knit stitch above the front piece, and the back piece holds its top. */
function Closed({ columns, open, x }: Pick<ViewProps, 'columns' | 'open' | 'x'>) {
  return columns
    .filter((loop) => loop < open.back)
    .map((loop) => (
      <g key={loop}>
        <Purl x={x(loop) - S} y={FRONT - 20} w={S} h={H} />
        <Stitch x={x(loop) - S / 2} y={FRONT + 10} w={S} h={H} fill="tape" />
      </g>
    ));
}

function Strand({ d }: { d: string }) {
  return d === '' ? null : (
    <>
      <Path d={d} fill="none" stroke="ink" strokeWidth="7" strokeLinecap="round" />
      <Path d={d} fill="none" stroke="tape" strokeWidth="4.5" strokeLinecap="round" />
    </>
  );
}

interface Point {
  x: number;
  y: number;
}

/** The length that is still to be pulled through, to the eye of the sewing needle or out of the picture. */
function Tail({ from, to }: { from: Point; to: Point | undefined }) {
  const end = to ?? { x: WIDTH - 8, y: HEIGHT - 8 };
  const sag = Math.max(from.y, end.y) + (to ? 26 : 10);
  return (
    <Strand d={`M${from.x},${from.y} C${from.x + 4},${sag} ${end.x},${sag} ${end.x},${end.y}`} />
  );
}

interface SewingProps {
  tip: Point;
  eye: Point;
  middle: Point;
  amiss?: boolean | undefined;
  /** Only the half that lies in front of the loop. */
  near?: boolean;
}

/** As if to knit it goes in from the left, away from you; as if to purl from the right, and its tip comes towards you. */
function sewing(x: number, y: number, { knitwise }: GraftMove) {
  const way = knitwise ? 1 : -1;
  return {
    middle: { x, y: y + 12 },
    tip: { x: x + way * 34, y: y + 4 },
    eye: { x: x - way * 64, y: y + 27 },
  };
}

/** The sewing needle, its eye behind. */
function Sewing({ tip, eye, middle, amiss = false, near = false }: SewingProps) {
  const left = tip.x < eye.x ? tip : eye;
  const [from, to] = near ? [left, middle] : [eye, tip];
  return (
    <Line
      x1={from.x}
      y1={from.y}
      x2={to.x}
      y2={to.y}
      stroke={amiss ? 'amiss' : 'chosen'}
      strokeWidth="4.5"
      strokeLinecap="round"
    />
  );
}

/** The loop will slide off over the tip. */
function OffArrow({ x, y }: Point) {
  return (
    <Path
      d={`M${x + 4},${y - 20} q16,-14 32,2 m-2,-9 l2,9 l-9,1`}
      fill="none"
      stroke="live"
      strokeWidth="2.5"
    />
  );
}
