import { Box, Link } from '@chakra-ui/react';
import { Link as RouteLink } from 'react-router';
import { Switch } from '../form/Switch';
import { changeSettings, useSettings } from '../settings/settings';
import { changeSignals, useSignals, type Signals } from './signals';
import { texts } from './texts';

const SWITCHES: readonly (readonly [keyof Signals, string, string])[] = [
  ['sound', texts.sound, texts.aTickAtEveryTap],
  ['vibration', texts.vibration, texts.aShortBuzzAtEvery],
  ['pedal', texts.pedal, texts.countsARoundEachTime],
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
              ['off', 'off', texts.off(name)],
              ['on', 'on', texts.on(name)],
            ]}
            onChange={(value) => changeSignals({ [signal]: value === 'on' })}
          />
        </Box>
      ))}
      <Box mb={2}>
        <Box fontWeight="600">{texts.oneHand}</Box>
        <Box fontSize="sm" color="quiet">
          {texts.theKeysInAColumn}
        </Box>
        <Switch
          label={texts.oneHand}
          value={thumb}
          options={[
            ['either', 'off', texts.notForOneHand],
            ['left', texts.leftThumb, texts.keysAtTheLeftThumb],
            ['right', texts.rightThumb, texts.keysAtTheRightThumb],
          ]}
          onChange={(value) => changeSettings({ thumb: value })}
        />
      </Box>
      <Link asChild color="chosen" textDecoration="underline" minH="44px">
        <RouteLink to="/pedal" target="_blank">
          {texts.openTheSimulatedPedal}
        </RouteLink>
      </Link>
    </Box>
  );
}
