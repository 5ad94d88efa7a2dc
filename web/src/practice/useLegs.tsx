import { Box } from '@chakra-ui/react';
import { useCallback, useState, type KeyboardEvent, type ReactNode } from 'react';
import { Leg } from '../fabric/Stitch';
import { usePhone } from '../form/usePhone';
import { Line } from '../tape/svg';
import { Fabric } from './Frame';
import { texts } from './texts';

/** Width and height of a stitch, in drawing units. */
export const W = 44;
export const H = 34;
/** A leg is as wide as a thumb, where a thumb presses it. */
const THUMB = 44;

/** A leg of a stitch: its row from below, its column from where the needle begins. */
export interface At {
  row: number;
  column: number;
  leftLeg: boolean;
}

/** How a stitch looks. */
export interface Look {
  /** The leg that is on a needle. */
  held?: 'left' | 'right' | undefined;
  /** Whether it is of the row that comes out. */
  line?: boolean;
  /** Whether it is out. */
  gone?: boolean;
  /** The leg that is cut. */
  cut?: 'left' | 'right' | undefined;
}

interface LegsProps {
  columns: number;
  rows: number;
  left: boolean;
  label: string;
  look: (row: number, column: number) => Look;
  onTake: (leg: At) => void;
  /** Where the cursor begins. */
  from: At;
  /** What is drawn over the stitches: needles. */
  children?: ReactNode;
}

/** A piece whose legs are pressed, or gone over by the arrow keys; and in words where the cursor is. */
export function useLegs({ columns, rows, left, label, look, onTake, from, children }: LegsProps) {
  const [at, setAt] = useState(from);
  const phone = usePhone();
  // Wider than a phone, and moved under the thumb: it begins where the needle does.
  const atNeedle = useCallback(
    (piece: HTMLElement | null) => {
      if (piece && !left) {
        piece.scrollLeft = piece.scrollWidth;
      }
    },
    [left],
  );
  const take = (leg: At) => {
    setAt(leg);
    onTake(leg);
  };
  const move = (event: KeyboardEvent) => {
    const next = moved(at, event.key, left, rows, columns);
    if (next) {
      event.preventDefault();
      setAt(next);
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      take(at);
    }
  };
  return {
    drawing: (
      <Fabric label={label} by="leg-at" maxW="560px" onKeyDown={move} onShown={atNeedle}>
        <LegsDrawing
          columns={columns}
          rows={rows}
          left={left}
          look={look}
          at={at}
          leg={phone ? THUMB : W / 4}
          onTake={take}
        >
          {children}
        </LegsDrawing>
      </Fabric>
    ),
    where: (
      <Box id="leg-at" role="status" data-testid="leg-at">
        {texts.legOfStitchRowFrom(at.leftLeg, at.column + 1, at.row + 1)}
        {phone && ` ${texts.slideForTheRest(left)}`}
      </Box>
    ),
  };
}

/** Where a column and a row are drawn; a left-hander's needle comes from the left. */
export function placed(columns: number, rows: number, left: boolean) {
  return {
    x: (column: number) => (left ? column : columns - 1 - column) * W + 4,
    y: (row: number) => (rows - 1 - row) * H + 6,
  };
}

/** One leg at a time along the row, as the eye goes; a left-hander's needle comes from the other side. */
function moved(at: At, key: string, left: boolean, rows: number, columns: number): At | undefined {
  const along = at.column * 2 + (at.leftLeg === left ? 0 : 1);
  const to = (legs: number): At => {
    const bounded = Math.max(0, Math.min(2 * columns - 1, legs));
    return { ...at, column: Math.floor(bounded / 2), leftLeg: bounded % 2 === 0 ? left : !left };
  };
  switch (key) {
    case 'ArrowLeft':
      return to(left ? along - 1 : along + 1);
    case 'ArrowRight':
      return to(left ? along + 1 : along - 1);
    case 'ArrowUp':
      return { ...at, row: Math.min(rows - 1, at.row + 1) };
    case 'ArrowDown':
      return { ...at, row: Math.max(0, at.row - 1) };
    default:
      return undefined;
  }
}

type DrawingProps = Pick<LegsProps, 'columns' | 'rows' | 'left' | 'look' | 'onTake' | 'children'>;

function LegsDrawing({
  columns,
  rows,
  left,
  look,
  at,
  leg,
  onTake,
  children,
}: DrawingProps & { at: At; leg: number }) {
  const { x, y } = placed(columns, rows, left);
  const cells = Array.from({ length: rows * columns }, (_, i) => ({
    row: Math.floor(i / columns),
    column: i % columns,
  }));
  return (
    <svg
      viewBox={`0 0 ${columns * W + 8} ${rows * H + 22}`}
      style={{
        width: '100%',
        minWidth: `${(2 * columns + 1) * leg}px`,
        touchAction: 'manipulation',
      }}
      aria-hidden
    >
      {cells.map(({ row, column }) => (
        <Cell
          key={`${row}-${column}`}
          x={x(column)}
          y={y(row)}
          look={look(row, column)}
          at={at.row === row && at.column === column ? at.leftLeg : undefined}
          id={`${row}-${column}`}
          onTake={(leftLeg) => onTake({ row, column, leftLeg })}
        />
      ))}
      {children}
    </svg>
  );
}

interface CellProps {
  x: number;
  y: number;
  look: Look;
  /** Whether the cursor is on its left leg, or on its right one. */
  at: boolean | undefined;
  id: string;
  onTake: (leftLeg: boolean) => void;
}

/** A stitch, each of its legs to be pressed; the whole of its width answers, for a thumb is wide. */
function Cell({ x, y, look, at, id, onTake }: CellProps) {
  const { held, line, gone, cut } = look;
  return (
    <g data-line={line}>
      {(['left', 'right'] as const).map((leg) => {
        const isLeft = leg === 'left';
        const from = isLeft ? x : x + W / 2;
        return (
          <g
            key={leg}
            data-leg={`${id}-${leg}`}
            onClick={() => onTake(isLeft)}
            style={{ cursor: 'pointer' }}
          >
            <rect x={from} y={y} width={W / 2} height={H} fill="transparent" />
            {!gone && (
              <Leg
                x={x}
                y={y}
                w={W}
                h={H}
                left={isLeft}
                fill={held === leg ? 'live' : line ? 'amissGround' : 'fabric'}
              />
            )}
            {cut === leg && (
              <Line
                x1={from + 2}
                x2={from + W / 2 - 2}
                y1={y + H * 0.7}
                y2={y + H * 0.3}
                stroke="cut"
                strokeWidth="4"
                strokeLinecap="round"
              />
            )}
            {isLeft === at && (
              <circle
                ref={intoView}
                cx={x + W / 2 + (isLeft ? -1 : 1) * W * 0.25}
                cy={y + H * 0.45}
                r="5"
                style={{ fill: 'var(--chakra-colors-chosen)' }}
              />
            )}
          </g>
        );
      })}
    </g>
  );
}

/** Where the cursor went, in a piece wider than its window. */
function intoView(cursor: SVGElement | null) {
  if (cursor?.closest('[role=application]') === document.activeElement) {
    cursor?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }
}

/** A needle along a row. */
export function NeedleAlong({ x1, x2, y }: { x1: number; x2: number; y: number }) {
  return (
    <Line
      x1={x1}
      x2={x2}
      y1={y + H * 0.4}
      y2={y + H * 0.4}
      stroke="ink"
      strokeWidth="3"
      strokeLinecap="round"
      pointerEvents="none"
    />
  );
}

/** A stroke through a stitch of the row that comes out. */
export function Crossed({ x, y }: { x: number; y: number }) {
  return (
    <Line
      x1={x + 8}
      x2={x + W - 8}
      y1={y + H * 0.8}
      y2={y + H * 0.2}
      stroke="cut"
      strokeWidth="1.5"
      pointerEvents="none"
    />
  );
}
