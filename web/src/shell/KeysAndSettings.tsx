import { Box, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { KINDS } from '../settings/kinds';
import { changeSettings, useSettings } from '../settings/settings';
import { LightSwitch } from './LightSwitch';
import { Sheet } from '../form/Sheet';
import { Switch } from '../form/Switch';
import { KEYMAP, useKeymap } from '../form/keymap';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** The keys, and the settings that are seldom changed; opened by its button or by ?. */
export function KeysAndSettings() {
  const [open, setOpen] = useState(false);
  const close = () => setOpen(false);
  useKeymap({ help: () => setOpen(true) });
  return (
    <Sheet
      open={open}
      onOpen={setOpen}
      title={texts.helpKeysAndSettings}
      closing={texts.closeHelpKeysAndSettings}
      trigger={
        <Press
          look="bare"
          aria-label={texts.helpKeysAndSettings}
          minW="44px"
          fontWeight="600"
          px={2}
        >
          {texts.settings}
        </Press>
      }
    >
      <Box mb={2}>
        <Way to="/help" words={texts.helpWhatToDoFirst} onGo={close} />
      </Box>
      <Knitter />
      <Keys />
      <SingleKeys />
      <SpokenCount />
      <Box hideFrom="md">
        <LightSwitch />
      </Box>
      <Box mt={4}>
        <Way to="/backup" words={shared.backups} onGo={close} />
      </Box>
      <Box>
        <Way to="/licences" words={texts.licences} onGo={close} />
      </Box>
    </Sheet>
  );
}

/** Letters and marks as keys can be switched off; Space, Enter and Backspace stay. */
function SingleKeys() {
  const { singleKeys } = useSettings();
  return (
    <Switch
      label={texts.singleKeys}
      value={singleKeys ? 'on' : 'off'}
      options={[
        ['on', 'on', texts.singleKeysOn],
        ['off', 'off', texts.singleKeysOff],
      ]}
      onChange={(value) => changeSettings({ singleKeys: value === 'on' })}
      labelled
    />
  );
}

/** How often a screen reader says the count. */
function SpokenCount() {
  const { spoken } = useSettings();
  return (
    <Switch
      label={texts.spokenCount}
      value={spoken}
      options={[
        ['every', 'each', texts.spokenEach],
        ['tenth', texts.spokenTenthShort, texts.spokenTenth],
      ]}
      onChange={(value) => changeSettings({ spoken: value })}
      labelled
    />
  );
}

/** What is told and drawn otherwise for another hand, and for other needles. */
function Knitter() {
  const { hand, kind, needles } = useSettings();
  return (
    <>
      <Switch
        label={texts.knittingHand}
        value={hand}
        options={[
          ['right', 'right', 'right-handed'],
          ['left', 'left', 'left-handed'],
        ]}
        onChange={(value) => changeSettings({ hand: value })}
        labelled
      />
      <Switch
        label={texts.kindOfNeedles}
        value={kind}
        options={KINDS.map((each) => [each, texts.kinds[each], texts.kindsInFull[each]] as const)}
        onChange={(value) => changeSettings({ kind: value })}
        labelled
      />
      <Switch
        label={texts.needleSizes}
        value={needles}
        options={[
          ['MM', 'mm', texts.needlesInMillimetres],
          ['US', 'US', texts.needlesInUsSizes],
        ]}
        onChange={(value) => changeSettings({ needles: value })}
        labelled
      />
      <Box fontSize="sm" color="quiet" mt={2} mb={4}>
        {texts.leftHandedKnittersWorkLeft}
      </Box>
    </>
  );
}

/** The keys, and what they do. */
function Keys() {
  return (
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
  );
}

interface WayProps {
  to: string;
  words: string;
  onGo: () => void;
}

/** The way to a page, which leaves the sheet behind. */
function Way({ to, words, onGo }: WayProps) {
  return (
    <Link asChild color="chosen" textDecoration="underline" minH="44px" alignItems="center">
      <RouteLink to={to} onClick={onGo}>
        {words}
      </RouteLink>
    </Link>
  );
}
