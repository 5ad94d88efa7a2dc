import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { PickUpPiece } from '../wire/types';
import { Leg } from '../fabric/Stitch';
import { useSettings } from '../settings/settings';
import { Line } from '../tape/svg';
import { Fabric, Frame } from './Frame';
import { anySeed, useGuesses, usePiece } from './usePiece';
import { texts } from './texts';

const COLUMNS = 10;
const W = 44;
const H = 34;

interface At {
  row: number;
  column: number;
  leftLeg: boolean;
}

/** A line to pick up along, leg by leg, on a made-up piece. */
export function PickUpTrainer() {
  const left = useSettings().hand === 'left';
  const [seed, setSeed] = useState(anySeed);
  const [done, setDone] = useState(0);
  const [at, setAt] = useState<At>({ row: 3, column: 0, leftLeg: left });
  const { verdict, wrong, guess, reset } = useGuesses();
  const piece = usePiece<PickUpPiece>('pick-up', { columns: COLUMNS, seed, left });
  const over = done === COLUMNS;
  const take = (leg: At) => {
    setAt(leg);
    if (!over) {
      void guess('pick-up/guess', { columns: COLUMNS, seed, left, done, ...leg }).then(
        (right) => right && setDone(done + 1),
      );
    }
  };
  const move = (event: React.KeyboardEvent) => {
    const next = moved(at, event.key, left, piece.data?.rows ?? 1);
    if (next) {
      event.preventDefault();
      setAt(next);
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      take(at);
    }
  };
  return (
    <Frame
      task={over ? texts.theWholeLineIsOn : (piece.data?.words ?? '')}
      verdict={verdict}
      wrong={wrong}
      onAnother={() => {
        setSeed(anySeed());
        setDone(0);
        reset();
      }}
      drawing={
        piece.data && (
          <Fabric label={texts.theFabricArrowKeysGo} by="leg-at" maxW="560px" onKeyDown={move}>
            <PickUpDrawing piece={piece.data} done={done} at={at} left={left} onTake={take} />
          </Fabric>
        )
      }
    >
      <Box id="leg-at" role="status" data-testid="leg-at">
        {texts.legOfStitchRowFrom(at.leftLeg, at.column + 1, at.row + 1)}
      </Box>
      <Box mt={2} fontSize="sm" color="quiet">
        {texts.tapALegOfA}
      </Box>
      <Box mt={2} fontWeight="650">
        {texts.ofAreOnTheNeedle(done, COLUMNS)}
      </Box>
    </Frame>
  );
}

/** One leg at a time along the row, as the eye goes; a left-hander's needle comes from the other side. */
function moved(at: At, key: string, left: boolean, rows: number): At | undefined {
  const along = at.column * 2 + (at.leftLeg === left ? 0 : 1);
  const to = (legs: number): At => {
    const bounded = Math.max(0, Math.min(2 * COLUMNS - 1, legs));
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

interface PickUpDrawingProps {
  piece: PickUpPiece;
  done: number;
  at: At;
  left: boolean;
  onTake: (leg: At) => void;
}

function PickUpDrawing({ piece, done, at, left, onTake }: PickUpDrawingProps) {
  const { columns, rows, line, row: wanted } = piece;
  const x = (column: number) => (left ? column : columns - 1 - column) * W + 4;
  const y = (row: number) => (rows - 1 - row) * H + 6;
  const cells = Array.from({ length: rows * columns }, (_, i) => ({
    row: Math.floor(i / columns),
    column: i % columns,
  }));
  return (
    <svg
      viewBox={`0 0 ${columns * W + 8} ${rows * H + 22}`}
      style={{ width: '100%', maxWidth: '560px', touchAction: 'manipulation' }}
      aria-hidden
    >
      {cells.map(({ row, column }) => (
        <Cell
          key={`${row}-${column}`}
          x={x(column)}
          y={y(row)}
          onLine={row === line}
          held={row === wanted && column < done ? left : undefined}
          at={at.row === row && at.column === column ? at.leftLeg : undefined}
          id={`${row}-${column}`}
          onTake={(leftLeg) => onTake({ row, column, leftLeg })}
        />
      ))}
      {done > 0 && (
        <Line
          x1={left ? 0 : x(done - 1) + (left ? 0 : W * 0.3)}
          x2={left ? x(done - 1) + W * 0.4 : columns * W + 8}
          y1={y(wanted) + H * 0.4}
          y2={y(wanted) + H * 0.4}
          stroke="ink"
          strokeWidth="3"
          strokeLinecap="round"
          pointerEvents="none"
        />
      )}
    </svg>
  );
}

interface CellProps {
  x: number;
  y: number;
  onLine: boolean;
  /** Whether its left leg is on the needle, or its right one; undefined where neither is. */
  held: boolean | undefined;
  /** Whether the cursor is on its left leg, or on its right one. */
  at: boolean | undefined;
  id: string;
  onTake: (leftLeg: boolean) => void;
}

/** A stitch, each of its legs to be pressed. */
function Cell({ x, y, onLine, held, at, id, onTake }: CellProps) {
  return (
    <g>
      {[true, false].map((leftLeg) => (
        <g
          key={String(leftLeg)}
          data-leg={`${id}-${leftLeg ? 'left' : 'right'}`}
          onClick={() => onTake(leftLeg)}
          style={{ cursor: 'pointer' }}
        >
          <Leg
            x={x}
            y={y}
            w={W}
            h={H}
            left={leftLeg}
            fill={leftLeg === held ? 'live' : onLine ? 'amissGround' : 'fabric'}
          />
          {leftLeg === at && (
            <circle
              cx={x + W / 2 + (leftLeg ? -1 : 1) * W * 0.25}
              cy={y + H * 0.45}
              r="5"
              style={{ fill: 'var(--chakra-colors-chosen)' }}
            />
          )}
        </g>
      ))}
      {onLine && (
        <Line
          x1={x + 8}
          x2={x + W - 8}
          y1={y + H * 0.8}
          y2={y + H * 0.2}
          stroke="cut"
          strokeWidth="1.5"
          pointerEvents="none"
        />
      )}
    </g>
  );
}
