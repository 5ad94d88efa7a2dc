import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { PickUpPiece } from '../wire/types';
import { usePhone } from '../form/usePhone';
import { useSettings } from '../settings/settings';
import { Frame } from './Frame';
import { anySeed, useGuesses, usePiece } from './usePiece';
import { Crossed, NeedleAlong, placed, useLegs, W, type At } from './useLegs';
import { texts } from './texts';

/** Stitches in a row; on a phone fewer, so that a thumb finds a leg. */
const [COLUMNS, ON_A_PHONE] = [10, 6] as const;

/** A line to pick up along, leg by leg, on a made-up piece. */
export function PickUpTrainer() {
  const left = useSettings().hand === 'left';
  const columns = usePhone() ? ON_A_PHONE : COLUMNS;
  const [seed, setSeed] = useState(anySeed);
  const [done, setDone] = useState(0);
  const { verdict, wrong, guess, reset } = useGuesses();
  const { data } = usePiece<PickUpPiece>('pick-up', { columns, seed, left });
  const over = done >= columns;
  const take = (leg: At) => {
    if (!over) {
      void guess('pick-up/guess', { columns, seed, left, done, ...leg }).then(
        (right) => right && setDone(done + 1),
      );
    }
  };
  const leg = left ? 'left' : 'right';
  const { drawing, where } = useLegs({
    columns,
    rows: data?.rows ?? 1,
    left,
    label: texts.theFabricArrowKeysGo,
    from: { row: 3, column: 0, leftLeg: left },
    onTake: take,
    look: (row, column) => ({
      line: row === data?.line,
      held: row === data?.row && column < done ? leg : undefined,
    }),
    children: data && <OnTop piece={data} done={done} left={left} />,
  });
  return (
    <Frame
      task={over ? texts.theWholeLineIsOn : (data?.words ?? '')}
      verdict={verdict}
      wrong={wrong}
      onAnother={() => {
        setSeed(anySeed());
        setDone(0);
        reset();
      }}
      drawing={data && drawing}
    >
      {where}
      <Box mt={2} fontSize="sm" color="quiet">
        {texts.tapALegOfA}
      </Box>
      <Box mt={2} fontWeight="650">
        {texts.ofAreOnTheNeedle(done, columns)}
      </Box>
    </Frame>
  );
}

/** The row that comes out is crossed; the needle holds what is picked up. */
function OnTop({ piece, done, left }: { piece: PickUpPiece; done: number; left: boolean }) {
  const { columns, rows, line, row } = piece;
  const { x, y } = placed(columns, rows, left);
  return (
    <>
      {Array.from({ length: columns }, (_, column) => (
        <Crossed key={column} x={x(column)} y={y(line)} />
      ))}
      {done > 0 && (
        <NeedleAlong
          x1={left ? 0 : x(done - 1) + W * 0.3}
          x2={left ? x(done - 1) + W * 0.4 : columns * W + 8}
          y={y(row)}
        />
      )}
    </>
  );
}
