import { Box, Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { LinkButton } from '../form/LinkButton';
import { SmallButton } from '../form/SmallButton';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Suggestions for a plan from other pairs, one to a line; each is taken or left, never applied by itself. */
export function Suggestions({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box
      as="section"
      aria-label={label}
      bg="chosenGround"
      px={4}
      mb={1}
      borderLeftWidth="4px"
      borderColor="chosen"
    >
      {children}
    </Box>
  );
}

interface SuggestionProps {
  /** What to do, in a sentence. */
  words: string;
  /** Where that comes from, and what it does. */
  reason: string;
  /** Takes it; left out where there is nothing to take. */
  onUse?: (() => void) | undefined;
  onLeave: () => void;
}

/** A suggestion in one line; why it is made stands below once it is asked for. */
export function Suggestion({ words, reason, onUse, onLeave }: SuggestionProps) {
  const [why, setWhy] = useState(false);
  return (
    <Box>
      <Flex columnGap={3} align="center" wrap="wrap">
        <Box flex={{ base: '1 1 100%', md: '1 1 20rem' }}>
          <strong>{words}</strong>{' '}
          <LinkButton
            aria-expanded={why}
            aria-label={texts.why(words)}
            onClick={() => setWhy(!why)}
          >
            {texts.why2}
          </LinkButton>
        </Box>
        {onUse && <SmallButton onClick={onUse}>{shared.useThis}</SmallButton>}
        <SmallButton onClick={onLeave}>{onUse ? texts.notForThisPair : 'OK'}</SmallButton>
      </Flex>
      {why && (
        <Box fontSize="sm" pb={1}>
          {reason}
        </Box>
      )}
    </Box>
  );
}
