import { Box, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { changeSettings, useSettings } from '../settings/settings';
import { LightSwitch } from './LightSwitch';
import { Sheet } from '../form/Sheet';
import { Switch } from '../form/Switch';
import { KEYMAP, useKeymap } from '../form/keymap';
import { Press } from '../form/Press';

/** The keys, and the settings that are seldom changed; opened by its button or by ?. */
export function KeysAndSettings() {
  const [open, setOpen] = useState(false);
  const { hand, needles } = useSettings();
  useKeymap({ help: () => setOpen(true) });
  return (
    <Sheet
      open={open}
      onOpen={setOpen}
      title="Help, keys and settings"
      closing="Close help, keys and settings"
      trigger={
        <Press look="bare" aria-label="Help, keys and settings" minW="44px" fontWeight="700">
          ?
        </Press>
      }
    >
      <Link
        asChild
        color="chosen"
        textDecoration="underline"
        minH="44px"
        alignItems="center"
        mb={2}
      >
        <RouteLink to="/help" onClick={() => setOpen(false)}>
          Help: what to do first, what each place is for
        </RouteLink>
      </Link>
      <Box as="dl" display="grid" gridTemplateColumns="9rem 1fr" rowGap={1} mb={5}>
        {Object.values(KEYMAP).map(({ shown, does }) => (
          <Box key={shown} display="contents">
            <Box as="dt" fontWeight="650">
              {shown}
            </Box>
            <Box as="dd">{does}</Box>
          </Box>
        ))}
      </Box>
      <Box hideFrom="md">
        <LightSwitch />
      </Box>
      <Switch
        label="Knitting hand"
        value={hand}
        options={[
          ['right', 'right', 'right-handed'],
          ['left', 'left', 'left-handed'],
        ]}
        onChange={(value) => changeSettings({ hand: value })}
      />
      <Switch
        label="Needle sizes"
        value={needles}
        options={[
          ['MM', 'mm', 'needles in millimetres'],
          ['US', 'US', 'needles in US sizes'],
        ]}
        onChange={(value) => changeSettings({ needles: value })}
      />
      <Box fontSize="sm" color="quiet" mt={2}>
        Left-handed knitters work left to right: pick up the left leg of each stitch; decreases lean
        the other way.
      </Box>
      <Link asChild color="chosen" textDecoration="underline" mt={4} minH="44px">
        <RouteLink to="/backup" onClick={() => setOpen(false)}>
          Backups
        </RouteLink>
      </Link>
      <Box>
        <Link asChild color="chosen" textDecoration="underline" minH="44px" alignItems="center">
          <RouteLink to="/licences" onClick={() => setOpen(false)}>
            Licences
          </RouteLink>
        </Link>
      </Box>
    </Sheet>
  );
}
