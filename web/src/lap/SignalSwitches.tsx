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
        <Box fontWeight="600">Thumb</Box>
        <Box fontSize="sm" color="quiet">
          the buttons lie on the side of the thumb that presses
        </Box>
        <Switch
          label="Thumb"
          value={thumb}
          options={[
            ['either', 'either', 'either thumb presses'],
            ['left', 'left', 'the left thumb presses'],
            ['right', 'right', 'the right thumb presses'],
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
