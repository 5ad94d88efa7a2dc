import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { call } from '../api/client';
import { NumberField } from '../form/NumberField';
import { useStream } from './useStream';
import { Press } from '../form/Press';
import { texts } from './texts';

interface Reading {
  grams: number;
  steady: boolean;
}

const button = {
  minH: '48px',
  px: 3,
  borderWidth: '1px',
  borderColor: 'line',
  cursor: 'pointer',
} as const;

/** What the kitchen scale shows, taken over once it is steady; and what lies on the simulated one. */
export function ScaleReading({ onTake }: { onTake: (grams: number) => void }) {
  const [on, setOn] = useState(false);
  const [reading, setReading] = useState<Reading | undefined>();
  const [refused, setRefused] = useState<string | undefined>();
  useStream<Reading>('scale', on, setReading);
  const send = (path: string, body?: unknown) => {
    call('post', `/api/devices/scale/${path}`, { body }).then(
      () => setRefused(undefined),
      (error: Error) => setRefused(error.message),
    );
  };
  if (!on) {
    return (
      <Press {...button} mt={3} onClick={() => setOn(true)}>
        {texts.useTheScale}
      </Press>
    );
  }
  const steady = reading?.steady === true;
  return (
    <Box mt={3} p={3} borderWidth="1px" borderColor="line" data-testid="scale">
      <Flex align="center" gap={4} wrap="wrap">
        <Box className="figures" fontSize="4xl" fontWeight="700" minW="7rem" aria-hidden>
          {reading ? `${reading.grams} g` : '…'}
        </Box>
        <Box role="status" fontSize="sm" color="quiet">
          {steady ? texts.steadyAtG(reading.grams) : texts.settling}
        </Box>
        <Press
          {...button}
          disabled={!steady || reading.grams < 1}
          onClick={() => reading && onTake(reading.grams)}
        >
          {texts.useIt}
        </Press>
        <Press {...button} onClick={() => send('tare')}>
          {texts.tare}
        </Press>
      </Flex>
      <Box fontSize="sm" color="quiet" mt={2}>
        {texts.noScaleIsPluggedIn}
      </Box>
      <SimulatedLoad refused={refused} onLoad={(grams) => send('load', { grams })} />
    </Box>
  );
}

interface SimulatedLoadProps {
  refused: string | undefined;
  onLoad: (grams: number) => void;
}

/** What lies on the simulated scale. */
function SimulatedLoad({ refused, onLoad }: SimulatedLoadProps) {
  const [load, setLoad] = useState<number | undefined>();
  return (
    <Flex gap={3} align="end" wrap="wrap">
      <NumberField
        label={texts.onTheSimulatedScale}
        kind="number"
        unit="g"
        mayBeEmpty
        value={load}
        problem={refused}
        onChange={setLoad}
      />
      <Press {...button} onClick={() => onLoad(load ?? 0)}>
        {texts.putItOn}
      </Press>
    </Flex>
  );
}
