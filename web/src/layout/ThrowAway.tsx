import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';

interface ThrowAwayProps {
  name: string;
  onThrowAway: () => void;
  error: Error | null;
}

/** Throwing away asks once, in place. */
export function ThrowAway({ name, onThrowAway, error }: ThrowAwayProps) {
  const [asked, setAsked] = useState(false);
  if (!asked) {
    return (
      <chakra.button
        type="button"
        minH="44px"
        px={2}
        color="quiet"
        cursor="pointer"
        onClick={() => setAsked(true)}
        aria-label={`Throw away ${name}`}
      >
        Throw away
      </chakra.button>
    );
  }
  return (
    <Flex align="center" gap={2} role="group" aria-label={`Throw away ${name} for good?`}>
      <chakra.button
        type="button"
        autoFocus
        minH="44px"
        px={2}
        color="cut"
        borderWidth="1px"
        borderColor="cut"
        cursor="pointer"
        onClick={onThrowAway}
      >
        For good
      </chakra.button>
      <chakra.button
        type="button"
        minH="44px"
        px={2}
        cursor="pointer"
        onClick={() => setAsked(false)}
      >
        Keep it
      </chakra.button>
      {error && (
        <Box role="alert" color="amiss" fontSize="sm">
          {error.message}
        </Box>
      )}
    </Flex>
  );
}
