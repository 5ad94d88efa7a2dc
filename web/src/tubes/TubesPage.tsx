import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useYarns } from '../api/queries';
import { useTubes } from '../api/tubeQueries';
import { CsvFile } from '../form/CsvFile';
import { Notice, Waiting } from '../form/States';
import { TubeItem } from './TubeItem';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Ready tubes, and what is left of those that were cut. */
export function TubesPage() {
  const tubes = useTubes();
  const yarns = useYarns();
  const [adding, setAdding] = useState(false);
  const error = tubes.error ?? yarns.error;
  if (error && !tubes.data) {
    return <Notice title={texts.theTubesCannotBeShown} error={error} />;
  }
  if (!tubes.data || !yarns.data) {
    return <Waiting what={texts.theTubes} />;
  }
  return (
    <Box maxW="78rem">
      <title>{texts.tubesRoundPocket}</title>
      <Flex align="baseline" gap={4} mb={2} wrap="wrap">
        <Box as="h1" fontSize="2xl" flex="1">
          {shared.tubes}
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => setAdding(true)}>
          {texts.addATube}
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
          {texts.aTubeKnittedByMachine}
        </Box>
      )}
    </Box>
  );
}
