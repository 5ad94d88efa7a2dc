import { Box, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface ChoiceProps {
  chosen: boolean;
  onChoose: () => void;
  title: string;
  note: ReactNode;
}

/** One of several things that can be taken, with what it gives. */
export function Choice({ chosen, onChoose, title, note }: ChoiceProps) {
  return (
    <chakra.button
      type="button"
      aria-pressed={chosen}
      onClick={onChoose}
      display="flex"
      gap={3}
      alignItems="center"
      w="100%"
      minH="44px"
      px={2}
      textAlign="left"
      cursor="pointer"
      borderLeftWidth="4px"
      borderColor={chosen ? 'chosen' : 'line'}
      bg={chosen ? 'chosenGround' : undefined}
      mb={1}
      _hover={{ bg: 'chosenGround' }}
    >
      <Box fontWeight={chosen ? '700' : '400'} flexShrink={0}>
        {title}
      </Box>
      <Box fontSize="sm" color="quiet">
        {note}
      </Box>
    </chakra.button>
  );
}
