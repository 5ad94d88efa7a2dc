import { Box, chakra, CloseButton, Dialog, Portal } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { changeSettings, useSettings } from '../settings/settings';
import { LightSwitch } from './LightSwitch';
import { Switch } from './Switch';

const KEYS: readonly (readonly [keys: string, does: string])[] = [
  ['?', 'this sheet'],
  ['/', 'in a plan: to the first word of the recipe'],
  ['Tab, Enter', 'from word to word, and open one'],
  ['← →', 'on the tape: the needle by a round, with Shift by ten'],
  ['Home, End', 'on the tape: to the toe tip, to the cuff edge'],
  ['e', 'on a figure: its working'],
  ['Ctrl Z', 'take the last change back'],
  ['Ctrl Shift Z', 'make it again'],
  ['Space, Enter', 'in the lap: the round is done'],
  ['Backspace', 'in the lap: take it back'],
  ['[ ]', 'in the lap: the other sock'],
  ['Esc', 'close what is open'],
];

/** The keys, and the settings that are seldom changed; opened by its button or by ?. */
export function KeysAndSettings() {
  const [open, setOpen] = useState(false);
  const { hand, needles } = useSettings();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key === '?' && !(event.target instanceof HTMLInputElement)) {
        setOpen(true);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(change) => setOpen(change.open)}
      lazyMount
      unmountOnExit
    >
      <Dialog.Trigger asChild>
        <chakra.button
          type="button"
          aria-label="Keys and settings"
          minW="44px"
          minH="44px"
          cursor="pointer"
          fontWeight="700"
        >
          ?
        </chakra.button>
      </Dialog.Trigger>
      <Portal>
        <Dialog.Backdrop bg="rgb(10 16 20 / 35%)" />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" color="ink" borderWidth="1px" borderColor="ink">
            <Dialog.Header>
              <Dialog.Title as="h2" fontFamily="heading" fontSize="xl">
                Keys and settings
              </Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb={6}>
              <Box as="dl" display="grid" gridTemplateColumns="9rem 1fr" rowGap={1} mb={5}>
                {KEYS.map(([keys, does]) => (
                  <Box key={keys} display="contents">
                    <Box as="dt" fontWeight="650">
                      {keys}
                    </Box>
                    <Box as="dd">{does}</Box>
                  </Box>
                ))}
              </Box>
              <Box hideFrom="md">
                <LightSwitch />
              </Box>
              <Switch
                label="Leading hand"
                value={hand}
                options={[
                  ['right', 'right', 'right hand'],
                  ['left', 'left', 'left hand'],
                ]}
                onChange={(value) => changeSettings({ hand: value })}
              />
              <Switch
                label="Needles in"
                value={needles}
                options={[
                  ['MM', 'mm', 'needles in millimetres'],
                  ['US', 'US', 'needles in US sizes'],
                ]}
                onChange={(value) => changeSettings({ needles: value })}
              />
              <Box fontSize="sm" color="quiet" mt={2}>
                Left-handed, the work goes from left to right: the other leg of every stitch is
                picked up, and the decreases lean the other way.
              </Box>
            </Dialog.Body>
            <Dialog.CloseTrigger asChild position="absolute" top={2} right={2}>
              <CloseButton aria-label="Close keys and settings" size="lg" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
