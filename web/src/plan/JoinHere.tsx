import { Box, Flex } from '@chakra-ui/react';
import { SmallButton } from '../form/SmallButton';
import { placeWords } from '../recipe/heelLine';
import { useSettings } from '../settings/settings';
import { joinAt } from '../tape/Joins';
import type { Kept, Plan } from '../wire/types';
import { keptWords } from './keptWords';
import { texts } from './texts';

interface JoinHereProps {
  plan: Plan;
  /** The round that the cursor points at, if it was moved. */
  round: number | undefined;
  /** Takes a candidate over. */
  onTake: (kept: Kept) => void;
}

/** What the heel line would do at the place that is pointed at on the tape; without one, what the marks are. */
export function JoinHere({ plan, round, onTake }: JoinHereProps) {
  const { lengths } = useSettings();
  const join = round === undefined ? undefined : joinAt(plan, round);
  if (!plan.stripes || plan.stripes.oneColour || plan.stripes.candidates.length === 0) {
    return null;
  }
  if (!join) {
    return (
      <Box mt={1} fontSize="sm" color="quiet" className="no-print">
        {texts.hereTheHeelLineCould}
      </Box>
    );
  }
  return (
    <Flex gap={2} align="baseline" wrap="wrap" mt={1} className="no-print" data-testid="join-here">
      <span>{`${placeWords(plan.stripes, join)}:`}</span>
      {join.kept.map((kept) => (
        <SmallButton
          key={kept.what}
          h="auto"
          py={1}
          whiteSpace="normal"
          onClick={() => onTake(kept)}
        >
          {keptWords(kept, lengths)}
        </SmallButton>
      ))}
    </Flex>
  );
}
