import { Box, Flex } from '@chakra-ui/react';
import type { Lap, Work } from '../wire/types';
import { placeAt, stateWords } from './place';
import { LinkButton } from '../form/LinkButton';
import { texts } from './texts';

/** The tube is long enough to be measured: said for ten rounds, and never in the way. */
export function MeasureNow({ work, position }: { work: Work; position: number }) {
  const { measureAt } = work;
  if (measureAt === undefined || position < measureAt || position >= measureAt + 10) {
    return null;
  }
  return (
    <Box bg="chosenGround" px={3} py={2} fontSize="sm">
      {texts.theTubeIsLongEnough}
    </Box>
  );
}

/** The last weighing allows less leg than is planned: said until the leg is made so, or a heavier cake is weighed. */
export function LegEndsSooner({ lap, work }: { lap: Lap; work: Work }) {
  const stops = lap.cakes.flatMap(({ stopAt }) => (stopAt === undefined ? [] : [stopAt]));
  // Of two cakes the lighter one ends the leg of both socks.
  const stopAt = stops.length > 0 ? Math.min(...stops) : undefined;
  const leg = work.stretches.find(({ section }) => section === 'LEG');
  if (stopAt === undefined || !leg) {
    return null;
  }
  return (
    <Box bg="amissGround" color="amiss" px={3} py={2} fontSize="sm" data-testid="leg-ends">
      {texts.youHaveYarnForLeg(stopAt, leg.all)}
    </Box>
  );
}

interface SideBySideProps {
  lap: Lap;
  work: Work;
  position: number;
  other: number;
  which: number;
  onTurn: () => void;
}

/** Where both socks are knitted side by side: at the end of a section, the one that is behind is next. */
export function SideBySide({ lap, work, position, other, which, onTurn }: SideBySideProps) {
  const place = placeAt(work, position);
  const atTheEnd = place ? place.done === 0 : true;
  if (lap.order !== 'IN_TURN' || !atTheEnd || other >= position || position === 0) {
    return null;
  }
  return (
    <Flex align="center" gap={3} wrap="wrap" bg="chosenGround" px={3}>
      <Box flex="1" minW="12rem">
        {texts.inTurnTheSockIs(which, stateWords(work, other))}
      </Box>
      <LinkButton onClick={onTurn}>{texts.turnToThe(which)}</LinkButton>
    </Flex>
  );
}
