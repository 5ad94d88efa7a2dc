import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { Link as RouteLink, useNavigate } from 'react-router';
import { useLaps } from '../api/lapQueries';
import { usePairs } from '../api/queries';
import { Notice, Waiting } from '../layout/States';
import { keepDraft, loadDraft } from '../plan/draft';
import { FirstMeasures } from './FirstMeasures';
import { PairRow } from './PairRow';

/** Home: every pair on the go; an empty basket begins the first one. */
export function BasketPage() {
  const pairs = usePairs();
  const laps = useLaps();
  const navigate = useNavigate();
  if (pairs.error && !pairs.data) {
    return <Notice title="The basket cannot be opened" error={pairs.error} />;
  }
  if (!pairs.data) {
    return <Waiting what="the basket" />;
  }
  if (pairs.data.length === 0) {
    return (
      <>
        <title>Round Pocket</title>
        <Unnamed />
        <FirstMeasures
          heading="Your first pair"
          onMeasured={(draft) => {
            keepDraft(draft);
            void navigate('/new');
          }}
        />
      </>
    );
  }
  const longest = Math.max(...pairs.data.map(({ gist }) => gist?.outline.lengthMm ?? 0));
  return (
    <Box maxW="78rem">
      <title>Basket · Round Pocket</title>
      <Flex align="baseline" gap={4} mb={3}>
        <Box as="h1" fontSize="2xl" flex="1">
          Basket
        </Box>
        <Button asChild bg="ink" color="sheet" minH="44px">
          <RouteLink to="/new">New pair</RouteLink>
        </Button>
      </Flex>
      <Unnamed />
      <Box as="ul" listStyleType="none" borderTopWidth="1px" borderColor="line">
        {pairs.data.map((pair) => (
          <PairRow
            key={pair.id}
            pair={pair}
            lap={laps.data?.find(({ pairId }) => pairId === pair.id)}
            longestMm={longest}
          />
        ))}
      </Box>
      <Box fontSize="sm" color="quiet" mt={3}>
        All socks are drawn to the same scale.
      </Box>
    </Box>
  );
}

/** A reminder of the plan that was begun and has no name. */
function Unnamed() {
  return loadDraft() ? (
    <Box mb={3} px={3} py={2} bg="chosenGround">
      A plan without a name is waiting.{' '}
      <Link asChild color="chosen" textDecoration="underline">
        <RouteLink to="/new">Go on with it</RouteLink>
      </Link>
    </Box>
  ) : null;
}
