import { Box, Button, Flex } from '@chakra-ui/react';
import { Link, useParams } from 'react-router';
import { usePair, usePreview } from '../api/queries';
import type { Pair } from '../api/types';
import { Notice, Waiting } from '../layout/States';
import { useSettings } from '../settings/settings';
import { PocketCard } from './PocketCard';

/** The card for the project bag: on the screen as it will be printed. */
export function CardPage() {
  const { id = '' } = useParams();
  const pair = usePair(id);
  if (pair.data) {
    return <Card pair={pair.data} />;
  }
  return pair.error ? (
    <Notice title="This pair cannot be shown" error={pair.error} />
  ) : (
    <Waiting what="the pair" />
  );
}

function Card({ pair }: { pair: Pair }) {
  const { lengths } = useSettings();
  const preview = usePreview(pair.spec, pair.id);
  const paper = lengths === 'INCH' ? 'half-letter' : 'A6';
  return (
    <Box>
      <title>{`Pocket card: ${pair.name} · Round Pocket`}</title>
      <Flex className="no-print" gap={3} align="center" wrap="wrap" mb={4}>
        <Box as="h1" fontSize="2xl" flex="1 1 16rem">
          {`Pocket card: ${pair.name}`}
        </Box>
        <Box color="quiet" fontSize="sm">{`One page, ${paper}. Print it twice for two socks.`}</Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => window.print()}>
          Print
        </Button>
        <Button asChild variant="outline" borderColor="ink" color="ink" minH="44px">
          <Link to={`/pairs/${pair.id}`}>Plan</Link>
        </Button>
      </Flex>
      {preview.plan ? (
        <PocketCard pair={pair} plan={preview.plan} lengths={lengths} />
      ) : preview.refused ? (
        <Notice title="No plan can be made from this" error={preview.refused} />
      ) : (
        <Waiting what="the plan" />
      )}
    </Box>
  );
}
