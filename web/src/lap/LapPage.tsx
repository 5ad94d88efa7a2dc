import { Box, Button, Link } from '@chakra-ui/react';
import { Link as RouteLink, useParams } from 'react-router';
import { useLap, useStartLap } from '../api/lapQueries';
import type { Lap } from '../wire/types';
import { Notice, Waiting } from '../form/States';
import { capital } from '../texts/capital';
import { Knitting } from './Knitting';
import { texts } from './texts';

/** The work on a pair, in the lap. */
export function LapPage() {
  const { id = '' } = useParams();
  const lap = useLap(id);
  if (lap.data) {
    return lap.data.startedAt ? <Knitting lap={lap.data} /> : <Begin lap={lap.data} />;
  }
  return lap.error ? (
    <Notice title={texts.thisPairCannotBeKnitted} error={lap.error} />
  ) : (
    <Waiting what={texts.theWork} />
  );
}

/** Before the first stitch: the plan is kept as it is, and in the order that it says. */
function Begin({ lap }: { lap: Lap }) {
  const start = useStartLap(lap.pairId);
  const order = lap.orders.find((each) => each.order === lap.order);
  const heel = lap.heelChoices.find((each) => each.when === lap.heelWhen);
  return (
    <Box maxW="38rem">
      <title>{texts.startRoundPocket(lap.name)}</title>
      <Box as="h1" fontSize="2xl" mb={2} overflowWrap="anywhere">
        {lap.name}
      </Box>
      <p>{texts.onceYouCastOnThe}</p>
      <Box as="dl" mt={4} mb={2}>
        <As name={texts.theTwoSocks} {...order} />
        <As name={texts.theHeel} {...heel} />
      </Box>
      <Link asChild color="chosen" textDecoration="underline" minH="44px" alignItems="center">
        <RouteLink to={`/pairs/${lap.pairId}`}>{texts.changeThatInThePlan}</RouteLink>
      </Link>
      <Button
        mt={5}
        bg="ink"
        color="sheet"
        size="lg"
        minH="72px"
        w="100%"
        loading={start.isPending}
        onClick={() => start.mutate()}
      >
        {texts.startKnitting}
      </Button>
      {start.error && (
        <Box role="alert" color="amiss" mt={3}>
          {start.error.message}
        </Box>
      )}
    </Box>
  );
}

interface AsProps {
  name: string;
  title?: string;
  description?: string;
}

/** What the plan says of one thing. */
function As({ name, title = '', description = '' }: AsProps) {
  return (
    <Box mb={3}>
      <Box as="dt" color="quiet">
        {name}
      </Box>
      <dd>
        <strong>{capital(title)}</strong>: {description}.
      </dd>
    </Box>
  );
}
