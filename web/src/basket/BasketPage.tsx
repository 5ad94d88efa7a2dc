import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { lazy, Suspense, useDeferredValue, useState } from 'react';
import { Link as RouteLink, useNavigate } from 'react-router';
import { useBasket } from '../api/queries';
import { Find } from '../form/Find';
import { More, useMore } from '../form/More';
import { Notice, Waiting } from '../form/States';
import type { BasketPair } from '../wire/types';
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
  const [words, setWords] = useState('');
  const sought = useDeferredValue(words.trim());
  const basket = useBasket(false, shown.most, sought);
  if (basket.error && !basket.data) {
    return <Notice title={texts.theBasketCannotBeOpened} error={basket.error} />;
  }
  if (!basket.data) {
    return <Waiting what={texts.theBasket} />;
  }
  const { pairs, inAll, finishedInAll } = basket.data;
  if (inAll + finishedInAll === 0 && sought === '') {
    return <FirstPair />;
  }
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
      {(inAll + finishedInAll > FEW || words !== '') && (
        <Find
          label={shared.findAPairByIts}
          words={words}
          onWords={setWords}
          found={sought === '' ? undefined : inAll + finishedInAll}
        />
      )}
      <DropZone>
        {pairs.length === 0 && sought === '' && (
          <Box py={6} color="quiet">
            {texts.everyPairIsFinishedStart}
          </Box>
        )}
        <ToKnit pairs={pairs} />
        <More {...shown} inAll={inAll} what={texts.pairs} />
        <Finished key={sought} inAll={finishedInAll} words={sought} none={pairs.length === 0} />
      </DropZone>
    </Box>
  );
}

/** The pairs that are to be knitted, all drawn to one scale. */
function ToKnit({ pairs }: { pairs: readonly BasketPair[] }) {
  const longest = Math.max(...pairs.map(({ gist }) => gist?.outline.lengthMm ?? 0));
  return (
    <>
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
    </>
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

/** So many are seen at a glance. */
const FEW = 6;

interface FinishedProps {
  inAll: number;
  /** What is looked for. */
  words: string;
  /** Whether no pair to knit has it. */
  none: boolean;
}

/** Finished pairs are out of the way until they are asked for. */
function Finished({ inAll, words, none }: FinishedProps) {
  // Where only they have the words they are what was looked for.
  const [open, setOpen] = useState(none && words !== '');
  if (inAll === 0) {
    return null;
  }
  return (
    <Box mt={4}>
      <LinkButton aria-expanded={open} onClick={() => setOpen(!open)}>
        {texts.finishedPairs(open, inAll)}
      </LinkButton>
      {open && <FinishedList words={words} />}
    </Box>
  );
}

function FinishedList({ words }: { words: string }) {
  const shown = useMore();
  const finished = useBasket(true, shown.most, words);
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
