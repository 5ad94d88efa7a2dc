import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { ReadingPiece } from '../wire/types';
import { Decreased, Stitch } from '../fabric/Stitch';
import { Line, Rect } from '../tape/svg';
import { Answer, Fabric, Frame } from './Frame';
import { anySeed, useGuesses, usePiece } from './usePiece';
import { texts } from './texts';

const W = 26;
const H = 26;

/** A heel half knitted whose marker is lost: the last decrease round is read from the fabric. */
export function ReadingTrainer() {
  const [seed, setSeed] = useState(anySeed);
  const [found, setFound] = useState<number | undefined>();
  const [told, setTold] = useState(false);
  const [at, setAt] = useState(0);
  const { verdict, wrong, guess, reset } = useGuesses();
  const piece = usePiece<ReadingPiece>('reading', { seed });
  const rows = piece.data?.rows ?? [];
  const takeRow = (row: number) => {
    setAt(row);
    if (found === undefined) {
      void guess('reading/last', { seed, row }).then((right) => right && setFound(row));
    }
  };
  const takeNext = (decrease: boolean) =>
    void guess('reading/next', { seed, decrease }).then((right) => right && setTold(true));
  const another = () => {
    setSeed(anySeed());
    setFound(undefined);
    setTold(false);
    setAt(0);
    reset();
  };
  const keys = (event: React.KeyboardEvent) => {
    const step = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (step !== 0) {
      event.preventDefault();
      setAt(Math.max(0, Math.min(rows.length - 1, at + step)));
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      takeRow(at);
    }
  };
  return (
    <Frame
      task={taskOf(found, told)}
      verdict={verdict}
      wrong={wrong}
      onAnother={another}
      drawing={
        piece.data && (
          <Fabric label={texts.theFabricUpAndDown} by="row-at" onKeyDown={keys}>
            <ReadingDrawing piece={piece.data} at={at} found={found} onRow={takeRow} />
          </Fabric>
        )
      }
    >
      <WhatIsSeen piece={piece.data} at={at} />
      {found !== undefined && !told && (
        <>
          <Answer onPress={() => takeNext(false)}>{texts.aPlainRound}</Answer>
          <Answer onPress={() => takeNext(true)}>{texts.aRoundWithDecreases}</Answer>
        </>
      )}
    </Frame>
  );
}

/** What the piece is, and the round that is pointed at. */
function WhatIsSeen({ piece, at }: { piece: ReadingPiece | undefined; at: number }) {
  const rows = piece?.rows ?? [];
  return (
    <>
      {piece && <p>{texts.oneSideOfAThe(piece.school, piece.how, rows.at(-1)?.stitches ?? 0)}</p>}
      <Box id="row-at" role="status" mt={2} mb={2}>
        {texts.roundBelowTheNeedleStitches(rows.length - at, rows[at]?.stitches ?? 0)}
      </Box>
    </>
  );
}

function taskOf(found: number | undefined, told: boolean): string {
  if (told) {
    return texts.thatsHowItWasKnitted;
  }
  return found === undefined ? texts.theMarkerIsLostWhich : texts.andWhatIsTheNext;
}

interface ReadingDrawingProps {
  piece: ReadingPiece;
  at: number;
  found: number | undefined;
  onRow: (row: number) => void;
}

/** The rounds, each on the one below. At a decrease two lie in one beside the edge stitch. */
function ReadingDrawing({ piece, at, found, onRow }: ReadingDrawingProps) {
  const { rows } = piece;
  const most = Math.max(...rows.map(({ stitches }) => stitches));
  const width = (most + 2) * W;
  const y = (row: number) => (rows.length - 1 - row) * H + 16;
  return (
    <svg
      viewBox={`0 0 ${width} ${rows.length * H + 34}`}
      style={{ width: '100%', maxHeight: '400px' }}
      aria-hidden
    >
      {rows.map(({ stitches, decrease }, row) => {
        const from = (width - stitches * W) / 2;
        return (
          <g key={row} data-row={row} onClick={() => onRow(row)} style={{ cursor: 'pointer' }}>
            <Rect
              x={0}
              y={y(row)}
              width={width}
              height={H}
              fill={row === found ? 'chosenGround' : row === at ? 'mist' : 'transparent'}
            />
            {Array.from({ length: stitches }, (_, i) =>
              decrease && (i < 2 || i >= stitches - 2) ? null : (
                <Stitch key={i} x={from + i * W} y={y(row)} w={W} h={H} />
              ),
            )}
            {decrease && (
              <>
                <Decreased edge="left" x={from} y={y(row)} w={W} h={H} />
                <Decreased edge="right" x={from + (stitches - 1) * W} y={y(row)} w={W} h={H} />
              </>
            )}
          </g>
        );
      })}
      <Line
        x1={W / 2}
        x2={width - W / 2}
        y1={14}
        y2={14}
        stroke="quiet"
        strokeWidth="4"
        strokeLinecap="round"
      />
    </svg>
  );
}
