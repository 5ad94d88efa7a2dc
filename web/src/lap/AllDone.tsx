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
      {other && (
        <Box fontSize="xl" textAlign="center" maxW="30rem">
          {texts.wearThemForADay}
        </Box>
      )}
      {!other && windOff && (
        <Box fontSize="xl" textAlign="center" data-testid="wind-off">
          {say(windOff)}
        </Box>
      )}
      {other && (
        <Link asChild bg="ink" color="sheet" minH="72px" px={6} alignItems="center" fontSize="xl">
          <RouterLink to="/log">{texts.openTheLog}</RouterLink>
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
