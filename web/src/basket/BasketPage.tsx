import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { lazy, Suspense, useState } from 'react';
import { Link as RouteLink, useNavigate } from 'react-router';
import { useBasket } from '../api/queries';
import { More, useMore } from '../form/More';
import { Notice, Waiting } from '../form/States';
import { keepDraft, loadDraft } from '../draft/draft';
import { DropZone } from './DropZone';
import { FinishedRow, PairRow } from './PairRow';
import { TimeToKnit } from './TimeToKnit';
import { LinkButton } from '../form/LinkButton';

/** Fetched where there is no pair yet: whoever has one does not wait for it. */
const FirstMeasures = lazy(async () => ({
  default: (await import('../plan/FirstMeasures')).FirstMeasures,
}));

/** Home: every pair on the go; an empty basket begins the first one. */
export function BasketPage() {
  const shown = useMore();
  const basket = useBasket(false, shown.most);
  const navigate = useNavigate();
  if (basket.error && !basket.data) {
    return <Notice title="The basket cannot be opened" error={basket.error} />;
  }
  if (!basket.data) {
    return <Waiting what="the basket" />;
  }
  const { pairs, inAll, finishedInAll } = basket.data;
  if (inAll + finishedInAll === 0) {
    return (
      <>
        <title>Round Pocket</title>
        <Unnamed />
        <DropZone>
          <Suspense fallback={<Waiting what="the measurements" />}>
            <FirstMeasures
              heading="Your first pair"
              onMeasured={(draft) => {
                keepDraft(draft);
                void navigate('/new');
              }}
            />
          </Suspense>
        </DropZone>
      </>
    );
  }
  const longest = Math.max(...pairs.map(({ gist }) => gist?.outline.lengthMm ?? 0));
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
        {pairs.length === 0 && (
          <Box py={6} color="quiet">
            Every pair is finished. Start the next one.
          </Box>
        )}
        <TimeToKnit pairs={pairs} />
        <Box
          as="ul"
          aria-label="Pairs to knit"
          listStyleType="none"
          borderTopWidth={pairs.length > 0 ? '1px' : 0}
          borderColor="line"
        >
          {pairs.map((pair) => (
            <PairRow key={pair.id} pair={pair} longestMm={longest} />
          ))}
        </Box>
        {pairs.length > 0 && (
          <Box fontSize="sm" color="quiet" mt={3}>
            All socks are drawn to the same scale.
          </Box>
        )}
        <More {...shown} inAll={inAll} what="pairs" />
        <Finished inAll={finishedInAll} />
      </DropZone>
    </Box>
  );
}

/** Finished pairs are out of the way until they are asked for. */
function Finished({ inAll }: { inAll: number }) {
  const [open, setOpen] = useState(false);
  if (inAll === 0) {
    return null;
  }
  return (
    <Box mt={4}>
      <LinkButton aria-expanded={open} onClick={() => setOpen(!open)}>
        {`${open ? 'Hide' : 'Show'} finished pairs (${inAll})`}
      </LinkButton>
      {open && <FinishedList />}
    </Box>
  );
}

function FinishedList() {
  const shown = useMore();
  const finished = useBasket(true, shown.most);
  if (!finished.data) {
    return finished.error ? (
      <Notice title="The finished pairs cannot be shown" error={finished.error} />
    ) : (
      <Waiting what="the finished pairs" />
    );
  }
  return (
    <>
      <Box
        as="ul"
        aria-label="Finished pairs"
        listStyleType="none"
        borderTopWidth="1px"
        borderColor="line"
      >
        {finished.data.pairs.map((pair) => (
          <FinishedRow key={pair.id} pair={pair} />
        ))}
      </Box>
      <More {...shown} inAll={finished.data.inAll} what="finished pairs" />
    </>
  );
}

/** A reminder of the plan that was begun and has no name. */
function Unnamed() {
  return loadDraft() ? (
    <Box mb={3} px={3} py={2} bg="chosenGround">
      You have an unsaved plan.{' '}
      <Link asChild color="chosen" textDecoration="underline">
        <RouteLink to="/new">Continue</RouteLink>
      </Link>
    </Box>
  ) : null;
}
