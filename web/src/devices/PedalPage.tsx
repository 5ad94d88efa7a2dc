import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { api } from '../api/client';
import { Press } from '../form/Press';
import { texts } from './texts';

/** A stand-in for a counter pedal under the table: every press is a round done where the pedal is switched on. */
export function PedalPage() {
  const [presses, setPresses] = useState(0);
  const [refused, setRefused] = useState<string | undefined>();
  const press = () => {
    api.post('/api/devices/pedal').then(
      ({ pair }) => {
        setPresses((before) => before + (pair ? 1 : 0));
        setRefused(pair ? undefined : texts.notCountedNoPairIs);
      },
      (error: Error) => setRefused(error.message),
    );
  };
  return (
    <Box maxW="34rem">
      <title>{texts.pedalRoundPocket}</title>
      <Box as="h1" fontSize="2xl" mb={2}>
        {texts.thePedal}
      </Box>
      <p>{texts.noPedalIsPluggedIn}</p>
      <Press
        onClick={press}
        mt={4}
        w="100%"
        minH="40vh"
        bg="sheet"
        borderWidth="2px"
        borderColor="ink"
        fontSize="2xl"
        touchAction="manipulation"
      >
        {texts.stepOnIt}
      </Press>
      <Box role="status" mt={2} color={refused ? 'amiss' : 'quiet'}>
        {refused ?? (presses === 0 ? texts.notSteppedOnYet : texts.counted(presses))}
      </Box>
    </Box>
  );
}
