import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink, useParams } from 'react-router';
import { useLap, useStartLap } from '../api/lapQueries';
import type { Lap } from '../api/types';
import { Notice, Waiting } from '../layout/States';
import { Switch } from '../layout/Switch';
import { Knitting } from './Knitting';

/** The work on a pair, in the lap. */
export function LapPage() {
  const { id = '' } = useParams();
  const lap = useLap(id);
  if (lap.data) {
    return lap.data.startedAt ? <Knitting lap={lap.data} /> : <Begin lap={lap.data} />;
  }
  return lap.error ? (
    <Notice title="This pair cannot be knitted" error={lap.error} />
  ) : (
    <Waiting what="the work" />
  );
}

const HEELS: readonly (readonly [Lap['heelWhen'], string, string])[] = [
  ['AFTER_TUBE', 'The heel after the tube', 'The tube is whole before anything is opened.'],
  ['LAST', 'The heel last', 'Toe and all else first.'],
  ['AT_ONCE', 'The heel at once', 'Soon after its line, so that the sock can be tried on early.'],
];

/** Before the first stitch: the plan is kept as it is, and the order is chosen. */
function Begin({ lap }: { lap: Lap }) {
  const start = useStartLap(lap.pairId);
  const [together, setTogether] = useState(false);
  return (
    <Box maxW="38rem">
      <title>{`${lap.name}: begin · Round Pocket`}</title>
      <Box as="h1" fontSize="2xl" mb={2} overflowWrap="anywhere">
        {lap.name}
      </Box>
      <p>
        From the first stitch on, the plan stays as it is now, so that no number changes under your
        hands: what you measure on the way can plan the rest anew, and asks first.
      </p>
      <Box mt={3}>
        <Switch
          labelled
          label="The two socks"
          value={together ? 'together' : 'after'}
          options={[
            ['after', 'one after the other', 'one sock after the other'],
            ['together', 'side by side', 'both side by side, section by section'],
          ]}
          onChange={(value) => setTogether(value === 'together')}
        />
      </Box>
      <Box as="h2" fontSize="lg" mt={3}>
        When is the heel knitted?
      </Box>
      <Flex direction="column" gap={3} mt={4}>
        {HEELS.map(([when, title, why]) => (
          <Button
            key={when}
            variant="outline"
            borderColor="ink"
            color="ink"
            minH="72px"
            justifyContent="flex-start"
            textAlign="left"
            whiteSpace="normal"
            loading={start.isPending && start.variables.heelWhen === when}
            onClick={() => start.mutate({ heelWhen: when, together })}
          >
            <span>
              <strong>{title}</strong>
              <br />
              <Box as="span" fontWeight="400" color="quiet">
                {why}
              </Box>
            </span>
          </Button>
        ))}
      </Flex>
      {start.error && (
        <Box role="alert" color="amiss" mt={3}>
          {start.error.message}
        </Box>
      )}
      <Link asChild color="chosen" textDecoration="underline" mt={4} minH="44px">
        <RouteLink to={`/pairs/${lap.pairId}`}>Back to the plan</RouteLink>
      </Link>
    </Box>
  );
}
