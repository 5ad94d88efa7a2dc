import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { api } from '../api/client';
import { Press } from '../form/Press';

/** A stand-in for a counter pedal under the table: every press is a round done where the pedal is switched on. */
export function PedalPage() {
  const [presses, setPresses] = useState(0);
  const [refused, setRefused] = useState<string | undefined>();
  const press = () => {
    api.post('/api/devices/pedal').then(
      ({ pair }) => {
        setPresses((before) => before + (pair ? 1 : 0));
        setRefused(
          pair
            ? undefined
            : 'Not counted: no pair is listening. Switch the pedal on while you knit.',
        );
      },
      (error: Error) => setRefused(error.message),
    );
  };
  return (
    <Box maxW="34rem">
      <title>Pedal · Round Pocket</title>
      <Box as="h1" fontSize="2xl" mb={2}>
        The pedal
      </Box>
      <p>
        No pedal is plugged in: this page stands in for one. Switch the pedal on while knitting,
        under Sound & pedal, and leave this page open in another window.
      </p>
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
        Step on it
      </Press>
      <Box role="status" mt={2} color={refused ? 'amiss' : 'quiet'}>
        {refused ??
          (presses === 0
            ? 'Not stepped on yet.'
            : `Counted ${presses === 1 ? 'once' : `${presses} times`}.`)}
      </Box>
    </Box>
  );
}
