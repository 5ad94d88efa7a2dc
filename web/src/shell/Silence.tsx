import { Box } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { answered, useSilentSince } from '../api/connection';
import { isOwn } from '../api/ownHome';
import { timeText } from '../units/days';
import { texts } from './texts';

const ASK_AGAIN_MS = 2500;

/** Says since when the server has not answered, and asks it until it does. */
export function Silence() {
  const since = useSilentSince();
  const client = useQueryClient();
  useEffect(() => {
    if (since === undefined) {
      return undefined;
    }
    const ask = setInterval(() => {
      fetch('/pocket.svg', { cache: 'no-store' })
        .then((answer) => {
          if (answer.ok && isOwn(answer)) {
            answered();
            void client.invalidateQueries({ type: 'active' });
          }
        })
        .catch(() => undefined);
    }, ASK_AGAIN_MS);
    return () => clearInterval(ask);
  }, [since, client]);
  return (
    <Box role="status" data-testid="silence" className="no-print">
      {since !== undefined && (
        <Box
          bg="amissGround"
          color="amiss"
          px={{ base: 2, md: 6 }}
          py={2}
          borderBottomWidth="1px"
          borderColor="amiss"
        >
          {texts.lostContactWithRoundPocket(timeText(since))}
        </Box>
      )}
    </Box>
  );
}
