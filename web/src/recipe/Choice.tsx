import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Press } from '../form/Press';

interface ChoiceProps {
  chosen: boolean;
  onChoose: () => void;
  title: string;
  /** What it gives. */
  note: ReactNode;
  /** Why people choose it. */
  why?: string | undefined;
  /** Whether it cannot be taken as things are. */
  refused?: boolean;
}

/** One of several things that can be taken, with what it gives. */
export function Choice({ chosen, onChoose, title, note, why, refused }: ChoiceProps) {
  return (
    <Press
      look="row"
      aria-pressed={chosen}
      aria-disabled={refused}
      onClick={() => !refused && onChoose()}
      minH="44px"
      px={2}
      py={1}
      cursor={refused ? 'default' : 'pointer'}
      borderLeftWidth="4px"
      borderColor={chosen ? 'chosen' : 'line'}
      bg={chosen ? 'chosenGround' : undefined}
      mb={1}
      _hover={{ bg: refused ? undefined : 'chosenGround' }}
    >
      <Box fontWeight={chosen ? '700' : '600'} lineHeight="1.25">
        {title}
      </Box>
      <Box fontSize="sm" color={refused ? 'amiss' : 'quiet'} lineHeight="1.35">
        {note}
      </Box>
      {why && (
        <Box fontSize="sm" lineHeight="1.35">
          {why}
        </Box>
      )}
    </Press>
  );
}
