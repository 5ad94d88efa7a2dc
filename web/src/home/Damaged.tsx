import { Box, Flex } from '@chakra-ui/react';
import { useGoOnEmpty, useLook, useRestore } from '../api/homeQueries';
import type { Home } from '../wire/types';
import { FilePick } from '../form/FilePick';
import { momentText } from '../units/days';
import { ActionButton } from './ActionButton';
import { BackupTable } from './BackupTable';
import { Restoring } from './Restoring';
import { texts } from './texts';

/** The file with everything is damaged: what is known, and what can be done. Nothing else is shown meanwhile. */
export function Damaged({ home }: { home: Home }) {
  const restore = useRestore();
  const empty = useGoOnEmpty();
  const look = useLook();
  const { damage } = home;
  if (!damage) {
    return null;
  }
  const last = home.backups.find(({ name }) => name === damage.backup);
  const error = restore.error ?? empty.error ?? look.error;
  return (
    <Box maxW="42rem" role="alert" data-testid="damaged">
      <title>{texts.yourDataRoundPocket}</title>
      <Box as="h1" fontSize="2xl" mb={2}>
        {damage.file ? texts.theFileWithYourData : texts.theFileWithYourDataIs}
      </Box>
      {damage.file && (
        <p>
          {texts.roundPocketFoundNothingFrom(damage.faults.join('; '))}
          <code>{`${home.folder}/${damage.file}`}</code>
        </p>
      )}
      <LastGood
        last={last}
        damage={damage}
        restoring={restore.isPending}
        onRestore={(source) => restore.mutate({ source, mode: 'REPLACE' })}
        onEmpty={() => empty.mutate()}
      />
      {look.data ? (
        <Restoring look={look.data} onEnd={() => look.reset()} />
      ) : (
        <Box mt={5}>
          {home.backups.length > 0 && (
            <>
              <Box as="h2" fontSize="lg">
                {texts.allBackupsInYourFolder}
              </Box>
              <BackupTable backups={home.backups} onLook={(name) => look.mutate(name)} />
            </>
          )}
          <FilePick
            label={texts.chooseABackupFromAnother}
            accept=".zip,application/zip"
            onPick={(file) => look.mutate(file)}
          />
        </Box>
      )}
      {error && (
        <Box mt={2} color="amiss">
          {error.message}
        </Box>
      )}
    </Box>
  );
}

interface LastGoodProps {
  last: Home['backups'][number] | undefined;
  damage: NonNullable<Home['damage']>;
  restoring: boolean;
  onRestore: (source: string) => void;
  onEmpty: () => void;
}

/** The last good backup, where there is one, or to begin with nothing. */
function LastGood({ last, damage, restoring, onRestore, onEmpty }: LastGoodProps) {
  return last ? (
    <>
      <Box mt={3}>
        {texts.theLastGoodBackupWas(
          momentText(last.made),
          count(last.pairs, 'pair'),
          last.feet,
          count(last.yarns, 'yarn'),
          missing(damage),
        )}
      </Box>
      <Flex gap={3} mt={4} wrap="wrap">
        <ActionButton disabled={restoring} onClick={() => onRestore(last.name)}>
          {texts.restoreTheBackupOf(momentText(last.made))}
        </ActionButton>
        <ActionButton quiet onClick={onEmpty}>
          {texts.startWithNothing}
        </ActionButton>
      </Flex>
    </>
  ) : (
    <>
      <Box mt={3}>{texts.thereIsNoBackupIn}</Box>
      <Flex gap={3} mt={4}>
        <ActionButton onClick={onEmpty}>{texts.startWithNothing}</ActionButton>
      </Flex>
    </>
  );
}

/** What happened after the backup: what comes back with it, or as far as the damaged file can still tell. */
function missing({ presses, pairs, kept }: NonNullable<Home['damage']>): string {
  if (kept) {
    return texts.comeBackWithIt(count(kept, texts.roundOrNote, texts.roundsAndNotes2));
  }
  if (presses === undefined || pairs === undefined) {
    return texts.whatYouDidAfterThat;
  }
  return presses + pairs === 0
    ? texts.asFarAsTheDamaged
    : texts.asFarAsTheDamagedFile(
        count(presses, texts.roundOrNote, texts.roundsAndNotes2),
        count(pairs, 'plan'),
      );
}

function count(number: number, one: string, many = `${one}s`): string {
  return `${number} ${number === 1 ? one : many}`;
}
