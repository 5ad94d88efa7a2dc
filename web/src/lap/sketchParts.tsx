import { Stitch } from '../fabric/Stitch';
import { Line, Path, Text } from '../tape/svg';

/** A stitch of a drawing, in drawing units. */
export const W = 30;
export const H = 22;

interface FabricProps {
  columns: number;
  rows: number;
  x?: number;
  y?: number;
  /** Whether a stitch is left out; columns from the left, rows from above. */
  without?: (column: number, row: number) => boolean;
  /** The colour of a stitch that stands out. */
  fill?: (column: number, row: number) => string | undefined;
}

export function Fabric({ columns, rows, x = 0, y = 0, without, fill }: FabricProps) {
  return (
    <>
      {Array.from({ length: rows }, (_, row) =>
        Array.from({ length: columns }, (__, column) => {
          const colour = fill?.(column, row);
          return without?.(column, row) ? null : (
            <Stitch
              key={`${row} ${column}`}
              x={x + column * W}
              y={y + row * H}
              w={W}
              h={H}
              {...(colour && { fill: colour })}
            />
          );
        }),
      )}
    </>
  );
}

export function Needle({ y, from = 4, to = 266 }: { y: number; from?: number; to?: number }) {
  return (
    <Line x1={from} x2={to} y1={y} y2={y} stroke="ink" strokeWidth="4" strokeLinecap="round" />
  );
}

/** A thread of yarn. */
export function Yarn({ d, colour = 'amiss' }: { d: string; colour?: string }) {
  return <Path d={d} fill="none" stroke={colour} strokeWidth="4" strokeLinecap="round" />;
}

export function Named({ x, y, children }: { x: number; y: number; children: string }) {
  return (
    <Text x={x} y={y} fontSize="14px" fill="ink" textAnchor="middle">
      {children}
    </Text>
  );
}
