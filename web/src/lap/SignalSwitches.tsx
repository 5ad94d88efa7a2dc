import { Box, Link } from '@chakra-ui/react';
import { Link as RouteLink } from 'react-router';
import { Switch } from '../form/Switch';
import { changeSettings, useSettings } from '../settings/settings';
import { changeSignals, useSignals, type Signals } from './signals';

const SWITCHES: readonly (readonly [keyof Signals, string, string])[] = [
  ['sound', 'Sound', 'a tick at every tap'],
  ['vibration', 'Vibration', 'a short buzz at every tap, if your device can'],
  ['pedal', 'Pedal', 'counts a round each time'],
];

/** How a press makes itself known, and whether the pedal presses too. */
export function SignalSwitches() {
  const signals = useSignals();
  const { thumb } = useSettings();
  return (
    <Box>
      {SWITCHES.map(([signal, name, what]) => (
        <Box key={signal} mb={2}>
          <Box fontWeight="600">{name}</Box>
          <Box fontSize="sm" color="quiet">
            {what}
          </Box>
          <Switch
            label={name}
            value={signals[signal] ? 'on' : 'off'}
            options={[
              ['off', 'off', `${name} off`],
              ['on', 'on', `${name} on`],
            ]}
            onChange={(value) => changeSignals({ [signal]: value === 'on' })}
          />
        </Box>
      ))}
      <Box mb={2}>
        <Box fontWeight="600">One hand</Box>
        <Box fontSize="sm" color="quiet">
          the keys in a column where one thumb reaches them
        </Box>
        <Switch
          label="One hand"
          value={thumb}
          options={[
            ['either', 'off', 'not for one hand'],
            ['left', 'left thumb', 'keys at the left thumb'],
            ['right', 'right thumb', 'keys at the right thumb'],
          ]}
          onChange={(value) => changeSettings({ thumb: value })}
        />
      </Box>
      <Link asChild color="chosen" textDecoration="underline" minH="44px">
        <RouteLink to="/pedal" target="_blank">
          Open the simulated pedal
        </RouteLink>
      </Link>
    </Box>
  );
}
