import { Flex } from '@chakra-ui/react';
import { SmallButton } from '../form/SmallButton';
import type { PutPiece } from '../wire/types';
import { madeAlike, unlikeLegs } from './pieces';
import { texts } from './texts';

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
            {texts.oneLegHasRoundsTo(names[unlike.wish] ?? '', unlike.longer, unlike.shorter)}
          </span>
          <SmallButton onClick={() => onMove(madeAlike(pieces, unlike))}>
            {texts.makeBothRounds(unlike.shorter)}
          </SmallButton>
        </Flex>
      ))}
    </div>
  );
}
