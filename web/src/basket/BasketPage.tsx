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
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Fetched where there is no pair yet: whoever has one does not wait for it. */
const FirstMeasures = lazy(async () => ({
  default: (await import('../plan/FirstMeasures')).FirstMeasures,
}));

/** Home: every pair on the go; an empty basket begins the first one. */
export function BasketPage() {
  const shown = useMore();
  const basket = useBasket(false, shown.most);
  if (basket.error && !basket.data) {
    return <Notice title={texts.theBasketCannotBeOpened} error={basket.error} />;
  }
  if (!basket.data) {
    return <Waiting what={texts.theBasket} />;
  }
  const { pairs, inAll, finishedInAll } = basket.data;
  if (inAll + finishedInAll === 0) {
    return <FirstPair />;
  }
  const longest = Math.max(...pairs.map(({ gist }) => gist?.outline.lengthMm ?? 0));
  return (
    <Box maxW="78rem">
      <title>{texts.basketRoundPocket}</title>
      <Flex align="baseline" gap={4} mb={3} wrap="wrap">
        <Box as="h1" fontSize="2xl" flex="1">
          {shared.basket}
        </Box>
        <Button asChild bg="ink" color="sheet" minH="44px">
          <RouteLink to="/new">{shared.newPair}</RouteLink>
        </Button>
      </Flex>
      <Unnamed />
      <DropZone>
        {pairs.length === 0 && (
          <Box py={6} color="quiet">
            {texts.everyPairIsFinishedStart}
          </Box>
        )}
        <TimeToKnit pairs={pairs} />
        <Box
          as="ul"
          aria-label={texts.pairsToKnit}
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
            {texts.allSocksAreDrawnTo}
          </Box>
        )}
        <More {...shown} inAll={inAll} what={texts.pairs} />
        <Finished inAll={finishedInAll} />
      </DropZone>
    </Box>
  );
}

/** An empty basket: the measurements of the first pair. */
function FirstPair() {
  const navigate = useNavigate();
  return (
    <>
      <title>{shared.roundPocket}</title>
      <Unnamed />
      <DropZone>
        <Suspense fallback={<Waiting what={texts.theMeasurements} />}>
          <FirstMeasures
            heading={texts.yourFirstPair}
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

/** Finished pairs are out of the way until they are asked for. */
function Finished({ inAll }: { inAll: number }) {
  const [open, setOpen] = useState(false);
  if (inAll === 0) {
    return null;
  }
  return (
    <Box mt={4}>
      <LinkButton aria-expanded={open} onClick={() => setOpen(!open)}>
        {texts.finishedPairs(open, inAll)}
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
      <Notice title={texts.theFinishedPairsCannotBe} error={finished.error} />
    ) : (
      <Waiting what={texts.theFinishedPairs} />
    );
  }
  return (
    <>
      <Box
        as="ul"
        aria-label={texts.finishedPairs2}
        listStyleType="none"
        borderTopWidth="1px"
        borderColor="line"
      >
        {finished.data.pairs.map((pair) => (
          <FinishedRow key={pair.id} pair={pair} />
        ))}
      </Box>
      <More {...shown} inAll={finished.data.inAll} what={shared.finishedPairs} />
    </>
  );
}

/** A reminder of the plan that was begun and has no name. */
function Unnamed() {
  return loadDraft() ? (
    <Box mb={3} px={3} py={2} bg="chosenGround">
      {texts.youHaveAnUnsavedPlan}{' '}
      <Link asChild color="chosen" textDecoration="underline">
        <RouteLink to="/new">{texts.continue}</RouteLink>
      </Link>
    </Box>
  ) : null;
}
