import { Flex } from '@chakra-ui/react';
import { SmallButton } from '../form/SmallButton';
import type { PutPiece } from '../wire/types';
import { madeAlike, unlikeLegs } from './pieces';

interface UnlikeLegsProps {
  pieces: readonly PutPiece[];
  names: readonly string[];
  onMove: (pieces: PutPiece[]) => void;
}

/** The pairs that a cut by hand has left with unequal legs, and what makes them alike again. */
export function UnlikeLegs({ pieces, names, onMove }: UnlikeLegsProps) {
  return (
    <div role="status">
      {unlikeLegs(pieces).map((unlike) => (
        <Flex key={unlike.wish} columnGap={3} align="center" wrap="wrap" mt={2}>
          <span>
            {`${names[unlike.wish] ?? ''}: one leg has ${unlike.longer} rounds to the cuff, the other ${unlike.shorter}.`}
          </span>
          <SmallButton onClick={() => onMove(madeAlike(pieces, unlike))}>
            {`Make both ${unlike.shorter} rounds`}
          </SmallButton>
        </Flex>
      ))}
    </div>
  );
}
