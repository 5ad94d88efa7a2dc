import { Box, Button, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink, useParams } from 'react-router';
import { useLap, useStartLap } from '../api/lapQueries';
import type { Lap } from '../wire/types';
import { Notice, Waiting } from '../form/States';
import { Choices, Orders } from './Choices';
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

/** Before the first stitch: the plan is kept as it is, and the order is chosen. */
function Begin({ lap }: { lap: Lap }) {
  const start = useStartLap(lap.pairId);
  const [order, setOrder] = useState(lap.order);
  const [heelWhen, setHeelWhen] = useState(lap.heelWhen);
  return (
    <Box maxW="38rem">
      <title>{texts.startRoundPocket(lap.name)}</title>
      <Box as="h1" fontSize="2xl" mb={2} overflowWrap="anywhere">
        {lap.name}
      </Box>
      <p>{texts.onceYouCastOnThe}</p>
      <Box as="h2" fontSize="lg" mt={4} mb={2} id="heel-when">
        {texts.whenDoYouKnitThe}
      </Box>
      <Choices
        name="heel-when"
        value={heelWhen}
        options={lap.heelChoices.map(({ when, ...words }) => ({ value: when, ...words }))}
        onChange={setHeelWhen}
      />
      <Box as="h2" fontSize="lg" mt={4} mb={2} id="order">
        {texts.howDoYouKnitThe}
      </Box>
      <Orders lap={lap} name="order" value={order} onChange={setOrder} />
      <Button
        mt={5}
        bg="ink"
        color="sheet"
        size="lg"
        minH="72px"
        w="100%"
        loading={start.isPending}
        onClick={() => start.mutate({ heelWhen, order })}
      >
        {texts.startKnitting}
      </Button>
      {start.error && (
        <Box role="alert" color="amiss" mt={3}>
          {start.error.message}
        </Box>
      )}
      <Link asChild color="chosen" textDecoration="underline" mt={4} minH="44px">
        <RouteLink to={`/pairs/${lap.pairId}`}>{texts.backToThePlan}</RouteLink>
      </Link>
    </Box>
  );
}
