import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useRestore } from '../api/homeQueries';
import type { Found, Look, RestoreWrite } from '../wire/types';
import { momentText } from '../units/days';
import { ActionButton } from './ActionButton';
import { shared } from '../texts/shared';
import { texts } from './texts';

const SHELVES: Record<Found['shelf'], string> = {
  FOOT: 'feet',
  SWATCH: 'swatch',
  YARN: 'yarn',
  TUBE: 'tube',
  PAIR: 'pair',
};

interface RestoringProps {
  look: Look;
  /** With what was done, in words; or nothing where it was called off. */
  onEnd: (done: string) => void;
}

/** What a restore would do, thing by thing; and then does it. */
export function Restoring({ look, onEnd }: RestoringProps) {
  const restore = useRestore();
  const [mode, setMode] = useState<RestoreWrite['mode']>('MERGE');
  const of = (fate: Found['fate']) => look.found.filter((each) => each.fate === fate);
  const clashes = of('CLASH');
  const one = look.holds === 'PAIR';
  return (
    <Box borderWidth="1px" borderColor="ink" p={4} mt={2} data-testid="restoring">
      <Box as="h3" fontSize="md">
        {texts.of(one, momentText(look.made))}
      </Box>
      <Things title={texts.willBeAdded} things={of('ADD')} />
      <Things title={texts.asNewOrNewerIn} things={of('RENEW')} />
      <Things title={texts.changedHereSinceWillStay} things={clashes} />
      <Box mt={2} color="quiet">
        {texts.alreadyTheSameOnlyHere(of('SAME').length, look.here)}
      </Box>
      <Modes one={one} clashing={clashes.length > 0} mode={mode} onMode={setMode} />
      <Box mt={1} color="quiet" fontSize="sm">
        {texts.aBackupOfWhatIs}
      </Box>
      <Flex gap={3} mt={3} wrap="wrap">
        <ActionButton quiet onClick={() => onEnd('')}>
          {shared.cancel}
        </ActionButton>
        <ActionButton
          disabled={restore.isPending}
          onClick={() =>
            restore.mutate(
              { source: look.source, mode },
              {
                onSuccess: ({ added, renewed, left }) =>
                  onEnd(
                    mode === 'REPLACE'
                      ? texts.everythingIsAsItWas
                      : texts.restoredAddedReplacedLeftAs(added, renewed, left),
                  ),
              },
            )
          }
        >
          {one ? texts.addThisPair : texts.restore}
        </ActionButton>
      </Flex>
      {restore.error && (
        <Box role="alert" color="amiss" mt={2}>
          {restore.error.message}
        </Box>
      )}
    </Box>
  );
}

interface ModesProps {
  one: boolean;
  clashing: boolean;
  mode: RestoreWrite['mode'];
  onMode: (mode: RestoreWrite['mode']) => void;
}

/** How the backup and what is here are to be brought together. */
function Modes({ one, clashing, mode, onMode }: ModesProps) {
  return (
    <Box as="fieldset" mt={3}>
      <legend>{shared.whatToDo}</legend>
      {choices(one, clashing).map(([value, words]) => (
        <Box as="label" key={value} display="flex" gap={2} minH="44px" alignItems="center">
          <input
            type="radio"
            name="restore-mode"
            checked={mode === value}
            onChange={() => onMode(value)}
          />
          {words}
        </Box>
      ))}
    </Box>
  );
}

function choices(one: boolean, clashing: boolean): [RestoreWrite['mode'], string][] {
  const list: [RestoreWrite['mode'], string][] = [['MERGE', texts.addWhatIsMissingAnd]];
  if (clashing) {
    list.push(['MERGE_TAKING_CLASHES', texts.theSameAndReplaceWhat]);
  }
  if (!one) {
    list.push(['REPLACE', texts.makeEverythingAsItWas]);
  }
  return list;
}

function Things({ title, things }: { title: string; things: readonly Found[] }) {
  if (things.length === 0) {
    return null;
  }
  return (
    <Box mt={2}>
      <Box fontWeight="650">{`${title} (${things.length})`}</Box>
      <Box as="ul" pl={5} listStyleType="disc" maxH="12rem" overflowY="auto" tabIndex={0}>
        {things.map((each) => (
          <Box as="li" key={`${each.shelf} ${each.id}`} overflowWrap="anywhere">
            {`${each.name} (${SHELVES[each.shelf]})`}
            {each.here && each.fate !== 'ADD'
              ? texts.hereInTheFile(momentText(each.here), momentText(each.backup))
              : ''}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
