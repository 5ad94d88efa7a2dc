import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { CutPiece } from '../wire/types';
import { usePhone } from '../form/usePhone';
import { useSettings } from '../settings/settings';
import { Frame } from './Frame';
import { useGuesses, usePiece } from './usePiece';
import { NeedleAlong, placed, useLegs, W, type At } from './useLegs';
import { texts } from './texts';

/** Stitches in a row; on a phone fewer, so that a thumb finds a leg. */
const [COLUMNS, ON_A_PHONE] = [12, 8] as const;

/** How far the heel line is open. */
interface Opened {
  cut: At | undefined;
  /** Whether it is unpicked on the side where the columns begin, and on the other one. */
  sides: readonly [boolean, boolean];
}

const CLOSED: Opened = { cut: undefined, sides: [false, false] };

/** A heel line to open on pretend fabric: one leg is cut, and the row unpicked to both sides. */
export function CutTrainer() {
  const left = useSettings().hand === 'left';
  const columns = usePhone() ? ON_A_PHONE : COLUMNS;
  const [{ cut, sides }, setOpened] = useState(CLOSED);
  const { verdict, wrong, guess, reset } = useGuesses();
  const { data } = usePiece<CutPiece>('cut', { columns });
  const over = sides.every(Boolean);
  const take = (leg: At) => {
    const { row, column } = leg;
    const asked = { columns, row, column };
    if (!cut) {
      void guess('cut/guess', asked).then((right) => right && setOpened({ cut: leg, sides }));
    } else if (!over) {
      const far = 2 * column >= columns;
      void guess('cut/stop', asked).then(
        (right) => right && setOpened({ cut, sides: far ? [sides[0], true] : [true, sides[1]] }),
      );
    }
  };
  const held = left ? 'left' : 'right';
  const { drawing, where } = useLegs({
    columns,
    rows: data?.rows ?? 1,
    left,
    label: texts.theFabricEnterCuts,
    from: { row: data?.line ?? 3, column: 0, leftLeg: left },
    onTake: take,
    look: (row, column) => {
      const line = row === data?.line;
      return {
        line,
        held: data && Math.abs(row - data.line) === 1 ? held : undefined,
        gone: line && isOut(column, columns, data.corner, cut, sides),
        cut: line && cut?.column === column && !over ? (cut.leftLeg ? 'left' : 'right') : undefined,
      };
    },
    children: data && <Needles piece={data} left={left} />,
  });
  return (
    <Frame
      task={over ? texts.theHeelIsOpen : cut ? texts.unpickWhereDoYouStop : texts.whereDoYouCut}
      verdict={verdict}
      wrong={wrong}
      onAnother={() => {
        setOpened(CLOSED);
        reset();
      }}
      drawing={data && drawing}
    >
      {where}
      <Box mt={2} fontSize="sm" color="quiet">
        {cut ? texts.tapTheLastStitchThatComes : texts.tapTheLegToCut}
      </Box>
    </Frame>
  );
}

/** Whether a stitch of the row is out: from the cut to its corner, on a side that is unpicked. */
function isOut(
  column: number,
  columns: number,
  corner: number,
  cut: At | undefined,
  [near, far]: Opened['sides'],
): boolean {
  if (!cut || Math.min(column, columns - 1 - column) < corner) {
    return false;
  }
  return column === cut.column ? near && far : column < cut.column ? near : far;
}

/** Both needles, through the rows beside the line. */
function Needles({ piece: { columns, rows, line }, left }: { piece: CutPiece; left: boolean }) {
  const { y } = placed(columns, rows, left);
  return (
    <>
      {[line - 1, line + 1].map((row) => (
        <NeedleAlong key={row} x1={2} x2={columns * W + 6} y={y(row)} />
      ))}
    </>
  );
}
