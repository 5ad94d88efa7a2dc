import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { lazy, Suspense } from 'react';
import { Link as RouteLink } from 'react-router';
import { deleteLater, useLeaving } from '../api/deletions';
import { ownHome } from '../api/ownHome';
import { useDeletePair, usePairGoes } from '../api/queries';
import { allWaiting, useWaitingChanges } from '../api/waiting';
import type { BasketPair } from '../wire/types';
import { useSettings, type Lengths } from '../settings/settings';
import { lengthText, roughMass } from '../units/units';
import { ThrowAway } from '../form/ThrowAway';
import { SockThumb } from './SockThumb';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Fetched where there is a finished pair to see. */
const KnitAgain = lazy(async () => ({
  default: (await import('../plan/KnitAgain')).KnitAgain,
}));

interface PairRowProps {
  pair: BasketPair;
  longestMm: number;
}

/** One pair in the basket: its drawing, what to do next, and the ways on. */
export function PairRow({ pair, longestMm }: PairRowProps) {
  const { minutes } = useSettings();
  const { gist, lap } = pair;
  const outing = lap?.outings.find((each) => each.minutes === minutes);
  if (useLeaving(pair.id)) {
    return null;
  }
  return (
    <Flex
      as="li"
      gap={{ base: 3, md: 6 }}
      py={{ base: 3, md: 2 }}
      borderBottomWidth="1px"
      borderColor="line"
      direction={{ base: 'column', md: 'row' }}
      align={{ md: 'center' }}
    >
      <Box w={{ base: 'min(13rem, 100%)', md: '15rem' }} flexShrink={0} aria-hidden>
        {gist && (
          <SockThumb
            outline={gist.outline}
            longestMm={longestMm}
            colour={pair.yarn?.colour}
            knitted={lap?.knitted}
            way={gist.way}
            stripes={gist.stripes}
          />
        )}
      </Box>
      <Box flex="1" minW={0}>
        <Box as="h2" fontSize="lg" overflowWrap="anywhere">
          <Link asChild color="ink">
            <RouteLink to={`/pairs/${pair.id}`}>{pair.name}</RouteLink>
          </Link>
        </Box>
        <Made pair={pair} />
        <Box mt={2}>
          <Box as="span" fontWeight="650">
            {texts.next}
          </Box>{' '}
          {pair.unreadable
            ? texts.cannotBeRead
            : lap
              ? lap.next
              : gist
                ? nextWords(gist)
                : texts.openThePlanSomethingIn}
        </Box>
        <NotSentYet pairId={pair.id} />
        {outing && (
          <Box fontSize="sm" data-testid="outing">
            {outing.words}
            {outing.bring.length > 0 && texts.bring(list(outing.bring))}
          </Box>
        )}
      </Box>
      <WaysOn pair={pair} />
    </Flex>
  );
}

/** What was counted and is not stored yet. */
function NotSentYet({ pairId }: { pairId: string }) {
  useWaitingChanges();
  const many = allWaiting()
    .filter((each) => each.pairId === pairId && (each.home ?? ownHome()) === ownHome())
    .reduce((sum, { all }) => sum + all.length, 0);
  return many === 0 ? null : (
    <Box fontSize="sm" color="quiet" data-testid="not-sent-yet">
      {texts.waitToBeSent(many)}
    </Box>
  );
}

/** For which foot, of what, and how heavy. */
function Made({ pair }: { pair: BasketPair }) {
  const { lengths } = useSettings();
  const weight = pair.gist && texts.about(roughMass(pair.gist.pairGrams, lengths));
  return (
    <Box color="quiet" fontSize="sm">
      {[footWords(pair, lengths), pair.yarn?.name, weight].filter(Boolean).join(' · ')}
    </Box>
  );
}

/** To the needles, the plan and the card; and out of the basket. */
function WaysOn({ pair }: { pair: BasketPair }) {
  const remove = useDeletePair();
  return (
    <Flex gap={2} align="center" wrap="wrap">
      <Button asChild bg="ink" color="sheet" minH="44px">
        <RouteLink to={`/pairs/${pair.id}/lap`} aria-label={texts.knit(pair.name)}>
          {shared.knit}
        </RouteLink>
      </Button>
      <Button asChild variant="outline" borderColor="ink" color="ink" minH="44px">
        <RouteLink to={`/pairs/${pair.id}`}>{shared.plan}</RouteLink>
      </Button>
      <Button asChild variant="outline" borderColor="line" color="ink" minH="44px">
        <RouteLink to={`/pairs/${pair.id}/card`}>{shared.print}</RouteLink>
      </Button>
      {!pair.lap && (
        <Button asChild variant="outline" borderColor="line" color="ink" minH="44px">
          <RouteLink to={`/pairs/${pair.id}#bring`}>{shared.whatToBring}</RouteLink>
        </Button>
      )}
      <ThrowAway
        name={pair.name}
        onThrowAway={() => deleteLater({ ...pair, send: () => remove.mutateAsync(pair) })}
        goes={() => <Goes id={pair.id} />}
      />
    </Flex>
  );
}

/** What goes with a pair; nothing where it is only a plan. */
function Goes({ id }: { id: string }) {
  const goes = usePairGoes(id);
  if (!goes.data?.length) {
    return null;
  }
  return (
    <>
      <p>{texts.thisAlsoDeletes}</p>
      <Box as="ul" pl={5} listStyleType="disc">
        {goes.data.map((words) => (
          <li key={words}>{words}</li>
        ))}
      </Box>
    </>
  );
}

/** A finished pair: out of the way, its ways on at hand. */
export function FinishedRow({ pair }: { pair: BasketPair }) {
  const remove = useDeletePair();
  if (useLeaving(pair.id)) {
    return null;
  }
  return (
    <Flex as="li" gap={4} align="center" wrap="wrap" borderBottomWidth="1px" borderColor="line">
      <Box flex="1 1 14rem" minW={0} overflowWrap="anywhere" py={2}>
        <Link asChild color="ink">
          <RouteLink to={`/pairs/${pair.id}`}>{pair.name}</RouteLink>
        </Link>
      </Box>
      <Link asChild color="chosen" textDecoration="underline" minH="44px" alignItems="center">
        <RouteLink to="/log">{texts.inTheLog}</RouteLink>
      </Link>
      <Suspense>
        <KnitAgain pairId={pair.id} />
      </Suspense>
      <ThrowAway
        name={pair.name}
        onThrowAway={() => deleteLater({ ...pair, send: () => remove.mutateAsync(pair) })}
        goes={() => <Goes id={pair.id} />}
      />
    </Flex>
  );
}

/** The next thing to do, by how one comes by the tube. */
function nextWords({
  way,
  toCut,
  stitches,
  openingRounds,
}: NonNullable<BasketPair['gist']>): string {
  switch (way) {
    case 'TOE_UP':
      return texts.castOnStsThenKnit(stitches, openingRounds);
    case 'CUFF_DOWN':
      return texts.castOnStsAtThe(stitches, openingRounds);
    case 'READY_TUBE':
      return texts.thenCountRoundsFromThe(toCut, openingRounds);
  }
}

function footWords({ foot, footMm }: BasketPair, lengths: Lengths): string | undefined {
  const long = footMm === undefined ? [] : [lengthText(footMm, lengths)];
  return foot && [foot, ...long].join(', ');
}

function list(names: readonly string[]): string {
  return names.length < 2 ? names.join('') : texts.and(names.slice(0, -1).join(', '), names.at(-1));
}
