import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useYarns } from '../api/queries';
import { useTubes } from '../api/tubeQueries';
import { CsvFile } from '../form/CsvFile';
import { Notice, Waiting } from '../form/States';
import { TubeItem } from './TubeItem';

/** Ready tubes, and what is left of those that were cut. */
export function TubesPage() {
  const tubes = useTubes();
  const yarns = useYarns();
  const [adding, setAdding] = useState(false);
  const error = tubes.error ?? yarns.error;
  if (error && !tubes.data) {
    return <Notice title="The tubes cannot be shown" error={error} />;
  }
  if (!tubes.data || !yarns.data) {
    return <Waiting what="the tubes" />;
  }
  return (
    <Box maxW="78rem">
      <title>Tubes · Round Pocket</title>
      <Flex align="baseline" gap={4} mb={2}>
        <Box as="h1" fontSize="2xl" flex="1">
          Tubes
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => setAdding(true)}>
          Add a tube
        </Button>
      </Flex>
      <CsvFile shelf="tubes" />
      <Box as="ul" listStyleType="none" borderTopWidth="1px" borderColor="line">
        {adding && <TubeItem kept={undefined} yarns={yarns.data} onDone={() => setAdding(false)} />}
        {tubes.data.map((kept) => (
          <TubeItem key={kept.id} kept={kept} yarns={yarns.data} />
        ))}
      </Box>
      {tubes.data.length === 0 && !adding && (
        <Box mt={3} maxW="40rem">
          A tube knitted by machine or left from earlier can become several pairs. Add it, say who
          would like socks from it, and Round Pocket shows where to cut.
        </Box>
      )}
    </Box>
  );
}
