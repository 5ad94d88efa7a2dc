import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { useFeet, usePairs } from '../api/queries';
import { useTallies } from '../api/logQueries';
import type { Had as HadPair, KeptFoot } from '../wire/types';
import { CsvFile } from '../form/CsvFile';
import { ShelfItem } from '../form/ShelfItem';
import { Notice, Waiting } from '../form/States';
import { useSettings } from '../settings/settings';
import { lengthText } from '../units/units';
import { dayText, today } from '../units/days';
import { FootFields, type TypedFeet } from './FootFields';
import { FootOutline } from '../tape/FootOutline';
import { FootTable } from './FootTable';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Everybody's feet, how to measure them, and what is being knitted for them. */
export function FeetPage() {
  const feet = useFeet();
  const [adding, setAdding] = useState(false);
  if (feet.error && !feet.data) {
    return <Notice title={texts.theFeetCannotBeShown} error={feet.error} />;
  }
  if (!feet.data) {
    return <Waiting what={texts.theFeet} />;
  }
  return (
    <Box maxW="78rem">
      <title>{texts.feetRoundPocket}</title>
      <Flex align="baseline" gap={4} mb={2}>
        <Box as="h1" fontSize="2xl" flex="1">
          {shared.feet}
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => setAdding(true)}>
          {texts.addFeet}
        </Button>
      </Flex>
      <HowToMeasure />
      <CsvFile shelf="feet" />
      <Box as="ul" listStyleType="none" borderTopWidth="1px" borderColor="line" mt={4}>
        {adding && <FootItem kept={undefined} onDone={() => setAdding(false)} />}
        {feet.data.map((kept) => (
          <FootItem key={kept.id} kept={kept} />
        ))}
      </Box>
      {feet.data.length > 0 && (
        <Box fontSize="sm" color="quiet" mt={3}>
          {texts.allFeetAreDrawnTo}
        </Box>
      )}
      {feet.data.length === 0 && !adding && <Box mt={4}>{texts.noFeetSavedYetAdd}</Box>}
    </Box>
  );
}

function HowToMeasure() {
  return (
    <Box as="details" maxW="46rem">
      <Box as="summary" cursor="pointer" fontWeight="600" minH={{ base: '44px', md: '32px' }}>
        {texts.howToMeasure}
      </Box>
      <Box as="ol" pl={5} lineHeight="1.5" listStyleType="decimal">
        <li>{texts.barefootAndStandingWeightOn}</li>
        <li>{texts.drawAroundItWithThe}</li>
        <li>{texts.lengthFromTheLongestToe}</li>
        <li>{texts.aroundTheBallTheTape}</li>
        <li>{texts.heelTheTapeUnderThe}</li>
        <li>{texts.legAroundItWhereThe}</li>
        <li>{texts.theRightFootSeparatelyIf}</li>
        <li>{texts.growingFeetMeasureAgainEvery}</li>
      </Box>
      <Link asChild color="chosen" textDecoration="underline" minH="44px">
        <RouteLink to="/feet/sheet">{texts.printAMeasuringSheetTrue}</RouteLink>
      </Link>
      <Box mt={2} fontSize="sm" color="quiet">
        {texts.withDiabetesNumbnessPoorCirculation}
      </Box>
    </Box>
  );
}

function FootItem({ kept, onDone }: { kept: KeptFoot | undefined; onDone?: () => void }) {
  const value: TypedFeet = kept ?? { foot: {}, measuredOn: today() };
  return (
    <ShelfItem<KeptFoot, TypedFeet>
      shelf="feet"
      kept={kept}
      nameLabel={shared.whoseFeet}
      value={value}
      write={({ foot, otherFoot, measuredOn, notes }) => ({
        foot,
        otherFoot,
        measuredOn,
        notes,
      })}
      fields={(feet, change, problemAt) => (
        <FootFields feet={feet} change={change} problemAt={problemAt} />
      )}
      {...(kept && {
        again: {
          word: texts.measureAgain,
          value: { ...value, measuredOn: today() },
          write: { measuredAgain: true },
        },
      })}
      {...(onDone ? { onDone } : {})}
    >
      {kept && <FootSummary kept={kept} />}
    </ShelfItem>
  );
}

function FootSummary({ kept }: { kept: KeptFoot }) {
  const pairs = usePairs();
  const had = useTallies().data?.feet.find(({ footId }) => footId === kept.id)?.pairs ?? [];
  const planned = (pairs.data ?? []).filter(
    (pair) => pair.foot?.id === kept.id && !had.some(({ pairId }) => pairId === pair.id),
  );
  return (
    <Flex gap={{ base: 2, md: 6 }} align="flex-start" wrap="wrap">
      <Box w="170px" flexShrink={0} minH="2rem">
        <FootOutline foot={kept.foot} other={kept.otherFoot} before={kept.earlier[0]?.foot} />
        {kept.foot.lengthMm === undefined && (
          <Box fontSize="sm" color="quiet">
            {texts.notMeasuredYetNothingTo}
          </Box>
        )}
      </Box>
      <Box flex="1 1 20rem" minW={0}>
        <FootTable kept={kept} />
        {kept.notes && (
          <Box mt={1} maxW="46rem" whiteSpace="pre-line" overflowWrap="anywhere">
            {kept.notes}
          </Box>
        )}
        {had.length > 0 && <Had pairs={had} />}
        <Box fontSize="sm" color="quiet" mt={1}>
          {planned.length === 0 ? (
            had.length === 0 && texts.noPairPlannedYet
          ) : (
            <>
              {texts.planned}{' '}
              {planned.map((pair, i) => (
                <span key={pair.id}>
                  {i > 0 && ', '}
                  <Link asChild color="chosen" textDecoration="underline">
                    <RouteLink to={`/pairs/${pair.id}`}>{pair.name}</RouteLink>
                  </Link>
                </span>
              ))}
            </>
          )}
        </Box>
      </Box>
    </Flex>
  );
}

/** The pairs that were knitted for these feet, and what was noted on them. */
function Had({ pairs }: { pairs: readonly HadPair[] }) {
  const { lengths } = useSettings();
  return (
    <Box fontSize="sm" mt={1}>
      {texts.knitted}
      <Box as="ul" listStyleType="none">
        {pairs.slice(0, FEW).map(({ pairId, name, finishedAt, stitches, legMm, said }) => (
          <Box as="li" key={pairId} pl={3} overflowWrap="anywhere">
            <Link asChild color="chosen" textDecoration="underline">
              <RouteLink to={`/pairs/${pairId}`}>{name}</RouteLink>
            </Link>
            {[
              finishedAt && dayText(finishedAt.slice(0, 10)),
              texts.stsLeg(stitches, lengthText(legMm, lengths)),
              ...said,
            ].map((each) => each && ` · ${each}`)}
          </Box>
        ))}
      </Box>
      {pairs.length > FEW && texts.andMoreInTheLog(pairs.length - FEW)}
    </Box>
  );
}

/** So many pairs of a foot are listed; the log has them all. */
const FEW = 5;
