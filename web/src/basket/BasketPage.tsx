import { Box, Button, chakra, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink, useNavigate } from 'react-router';
import { useLaps } from '../api/lapQueries';
import { usePairs } from '../api/queries';
import type { Pair } from '../api/types';
import { Notice, Waiting } from '../layout/States';
import { keepDraft, loadDraft } from '../plan/draft';
import { DropZone } from './DropZone';
import { FirstMeasures } from './FirstMeasures';
import { FinishedRow, PairRow } from './PairRow';

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
        <DropZone>
          <FirstMeasures
            heading="Your first pair"
            onMeasured={(draft) => {
              keepDraft(draft);
              void navigate('/new');
            }}
          />
        </DropZone>
      </>
    );
  }
  const lapOf = (pair: Pair) => laps.data?.find(({ pairId }) => pairId === pair.id);
  const finished = pairs.data.filter((pair) => lapOf(pair)?.finished);
  const active = pairs.data.filter((pair) => !lapOf(pair)?.finished);
  const longest = Math.max(...active.map(({ gist }) => gist?.outline.lengthMm ?? 0));
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
      <DropZone>
        {active.length === 0 && (
          <Box py={6} color="quiet">
            Every pair is finished. Start the next one.
          </Box>
        )}
        <Box
          as="ul"
          aria-label="Pairs to knit"
          listStyleType="none"
          borderTopWidth={active.length > 0 ? '1px' : 0}
          borderColor="line"
        >
          {active.map((pair) => (
            <PairRow key={pair.id} pair={pair} lap={lapOf(pair)} longestMm={longest} />
          ))}
        </Box>
        {active.length > 0 && (
          <Box fontSize="sm" color="quiet" mt={3}>
            All socks are drawn to the same scale.
          </Box>
        )}
        <Finished pairs={finished} />
      </DropZone>
    </Box>
  );
}

/** Finished pairs are out of the way until they are asked for. */
function Finished({ pairs }: { pairs: readonly Pair[] }) {
  const [shown, setShown] = useState(false);
  if (pairs.length === 0) {
    return null;
  }
  return (
    <Box mt={4}>
      <chakra.button
        type="button"
        aria-expanded={shown}
        minH="44px"
        color="chosen"
        textDecoration="underline"
        textUnderlineOffset="3px"
        cursor="pointer"
        onClick={() => setShown(!shown)}
      >
        {`${shown ? 'Hide' : 'Show'} finished pairs (${pairs.length})`}
      </chakra.button>
      {shown && (
        <Box
          as="ul"
          aria-label="Finished pairs"
          listStyleType="none"
          borderTopWidth="1px"
          borderColor="line"
        >
          {pairs.map((pair) => (
            <FinishedRow key={pair.id} pair={pair} />
          ))}
        </Box>
      )}
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
