import { Path } from '../tape/svg';

/** Where a stitch lies, in drawing units; y runs downwards, so that a stitch stands on the one below it. */
export interface Cell {
  x: number;
  y: number;
  w: number;
  h: number;
}

interface LegProps extends Cell {
  left: boolean;
  fill?: string;
  /** How far its foot stands beside the middle, in widths of a stitch: a decrease leans. */
  lean?: number;
}

/** One leg of a knit stitch: a leaf from the shoulder down to the middle of the stitch below. */
export function Leg({ x, y, w, h, left, fill = 'fabric', lean = 0 }: LegProps) {
  const side = left ? -1 : 1;
  const middle = x + w / 2;
  const at = (across: number, down: number) =>
    `${(middle + side * across * w + lean * down * w).toFixed(2)},${(y + down * h).toFixed(2)}`;
  return (
    <Path
      d={`M${at(0.49, 0.08)} C${at(0.54, 0.5)} ${at(0.34, 1.0)} ${at(0.02, 1.34)} C${at(-0.03, 1.0)} ${at(0.0, 0.42)} ${at(0.2, 0.0)} C${at(0.3, -0.1)} ${at(0.46, -0.06)} ${at(0.49, 0.08)} Z`}
      fill={fill}
      stroke="ink"
      strokeWidth="0.8"
    />
  );
}

/** A whole knit stitch. */
export function Stitch({ fill, lean, ...cell }: Cell & { fill?: string; lean?: number }) {
  const look = { ...cell, ...(fill && { fill }), ...(lean !== undefined && { lean }) };
  return (
    <>
      <Leg {...look} left />
      <Leg {...look} left={false} />
    </>
  );
}

interface DecreasedProps extends Cell {
  /** At which edge of the piece it is. */
  edge: 'left' | 'right';
  fill?: string;
}

/** The edge stitch of a decrease round and the two in one beside it, the outer of the two on top: nothing gapes below them. */
export function Decreased({ edge, x, y, w, h, fill }: DecreasedProps) {
  const out = edge === 'left' ? -1 : 1;
  const inner = { x: x - out * w, y, w, h };
  return (
    <>
      <Stitch {...inner} />
      <Stitch {...inner} lean={out * 0.85} {...(fill && { fill })} />
      <Stitch x={x} y={y} w={w} h={h} lean={out * 0.8} />
    </>
  );
}

/** A stitch from its other side: its head lies across. */
export function Purl({
  x,
  y,
  w,
  h,
  fill = 'fabric',
  stroke = 'ink',
}: Cell & { fill?: string; stroke?: string }) {
  return (
    <Path
      d={`M${x + w * 0.04},${y + h * 0.75} C${x + w * 0.1},${y + h * 0.2} ${x + w * 0.9},${y + h * 0.2} ${x + w * 0.96},${y + h * 0.75} C${x + w * 0.8},${y + h * 0.55} ${x + w * 0.2},${y + h * 0.55} ${x + w * 0.04},${y + h * 0.75} Z`}
      fill={fill}
      stroke={stroke}
      strokeWidth="0.9"
    />
  );
}

/** An open loop on a needle, as it stands before it is worked; upside down on the piece above. */
export function Loop({ x, y, w, h, fill, down }: Cell & { fill: string; down?: boolean }) {
  const s = down ? -1 : 1;
  const foot = y + s * h;
  return (
    <Path
      d={`M${x + w * 0.28},${foot} C${x + w * 0.02},${foot - s * h * 0.7} ${x + w * 0.2},${y} ${x + w / 2},${y} C${x + w * 0.8},${y} ${x + w * 0.98},${foot - s * h * 0.7} ${x + w * 0.72},${foot}`}
      fill="none"
      stroke={fill}
      strokeWidth="5"
      strokeLinecap="round"
    />
  );
}
