import { Box, Flex, Link } from '@chakra-ui/react';
import { Link as RouterLink } from 'react-router';
import { useSaid } from '../units/useSaid';
import type { Sentence } from '../wire/types';
import { Press } from '../form/Press';
import { texts } from './texts';

interface AllDoneProps {
  sock: number;
  other: boolean;
  onOther: () => void;
  /** What to wind off before the second sock. */
  windOff: Sentence | undefined;
}

/** A sock is done, or both are. */
export function AllDone({ sock, other, windOff, onOther }: AllDoneProps) {
  const say = useSaid();
  return (
    <Flex flex="1" direction="column" align="center" justify="center" gap={4} bg="sheet" p={6}>
      <Box fontSize="3xl" textAlign="center">
        {other ? texts.bothSocksAreDone : texts.theSockIsDone(sock)}
      </Box>
      {!other && windOff && (
        <Box fontSize="xl" textAlign="center" data-testid="wind-off">
          {say(windOff)}
        </Box>
      )}
      {other && (
        <Link asChild fontSize="xl" color="chosen" textDecoration="underline">
          <RouterLink to="/log">{texts.toTheLog}</RouterLink>
        </Link>
      )}
      {!other && (
        <Press look="filled" px={6} onClick={onOther}>
          {texts.onToThe(sock)}
        </Press>
      )}
    </Flex>
  );
}
