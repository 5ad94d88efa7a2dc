import { Box, Flex } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { api } from '../api/client';
import { Press } from '../form/Press';
import { texts } from './texts';

/** What the pedal tells: a press, where there is an id, and on which pair it counts. */
export interface PedalTold {
  id?: string;
  pair?: string;
}

/** The pedal presses on another pair; it is taken over by a press. */
export function PedalElsewhere({ pairId }: { pairId: string }) {
  const use = useMutation({
    mutationFn: () => api.post('/api/devices/pedal/pair', { body: { pair: pairId } }),
  });
  return (
    <Flex align="center" gap={3} wrap="wrap" role="status">
      <Box>{use.error?.message ?? texts.thePedalIsCountingAnother}</Box>
      <Press look="framed" px={4} onClick={() => use.mutate()}>
        {texts.useItHere}
      </Press>
    </Flex>
  );
}
