import { Flex } from '@chakra-ui/react';
import { useBasket } from '../api/queries';
import { KnitAgain } from './KnitAgain';
import { texts } from './texts';

/** The latest of the finished pairs, each a press away from being knitted again; nothing where there is none. */
export function FinishedBefore() {
  const finished = useBasket(true, FEW);
  const pairs = finished.data?.pairs ?? [];
  return (
    pairs.length > 0 && (
      <Flex columnGap={5} wrap="wrap" align="center" mt={4}>
        <span>{texts.asKnittedBefore}</span>
        {pairs.map(({ id, name }) => (
          <KnitAgain key={id} pairId={id} words={name} />
        ))}
      </Flex>
    )
  );
}

const FEW = 4;
