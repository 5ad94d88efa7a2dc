import { Box, Button, chakra, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink, useParams } from 'react-router';
import { useLap, useStartLap } from '../api/lapQueries';
import type { Lap } from '../wire/types';
import { Notice, Waiting } from '../form/States';
import { Switch } from '../form/Switch';
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

/** Before the first stitch: the plan is kept as it is, and the order is chosen. */
function Begin({ lap }: { lap: Lap }) {
  const start = useStartLap(lap.pairId);
  const [together, setTogether] = useState(false);
  const [heelWhen, setHeelWhen] = useState(lap.heelWhen);
  return (
    <Box maxW="38rem">
      <title>{`${lap.name}: start · Round Pocket`}</title>
      <Box as="h1" fontSize="2xl" mb={2} overflowWrap="anywhere">
        {lap.name}
      </Box>
      <p>
        Once you cast on, the numbers stay put. What you measure along the way, or change in the
        plan, is taken over only when you say so.
      </p>
      <Box as="h2" fontSize="lg" mt={4} mb={2} id="heel-when">
        When do you knit the heel?
      </Box>
      <Flex direction="column" gap={2} role="radiogroup" aria-labelledby="heel-when">
        {lap.heelChoices.map(({ when, title, description }) => {
          const chosen = when === heelWhen;
          return (
            <chakra.label
              key={when}
              display="flex"
              gap={3}
              alignItems="center"
              minH="60px"
              px={3}
              py={2}
              cursor="pointer"
              borderWidth="1px"
              borderColor={chosen ? 'ink' : 'line'}
              bg={chosen ? 'sheet' : 'transparent'}
            >
              <input
                type="radio"
                name="heel-when"
                value={when}
                checked={chosen}
                onChange={() => setHeelWhen(when)}
              />
              <span>
                <strong>{sentence(title)}</strong>
                <br />
                <Box as="span" color="quiet">
                  {sentence(description)}
                </Box>
              </span>
            </chakra.label>
          );
        })}
      </Flex>
      <Box mt={3}>
        <Switch
          labelled
          label="The two socks"
          value={together ? 'together' : 'after'}
          options={[
            ['after', 'one after the other', 'one sock after the other'],
            ['together', 'in turn, section by section', 'both socks in turn, section by section'],
          ]}
          onChange={(value) => setTogether(value === 'together')}
        />
      </Box>
      <Button
        mt={5}
        bg="ink"
        color="sheet"
        size="lg"
        minH="72px"
        w="100%"
        loading={start.isPending}
        onClick={() => start.mutate({ heelWhen, together })}
      >
        Start knitting
      </Button>
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

function sentence(words: string): string {
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}
