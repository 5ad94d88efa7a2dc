import { Box, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { useHome, useLook, useMakeBackup } from '../api/homeQueries';
import type { Backup } from '../wire/types';
import { FilePick } from '../form/FilePick';
import { Notice, Waiting } from '../form/States';
import { ActionButton } from './ActionButton';
import { BackupTable } from './BackupTable';
import { ExportPair } from './ExportPair';
import { Restoring } from './Restoring';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** The copies of everything, and how they are brought back. */
export function BackupPage() {
  const home = useHome();
  const make = useMakeBackup();
  const look = useLook();
  const [done, setDone] = useState('');
  if (home.error && !home.data) {
    return <Notice title={texts.theBackupsCantBeListed} error={home.error} />;
  }
  if (!home.data) {
    return <Waiting what={texts.theBackups} />;
  }
  const { backups, folder } = home.data;
  return (
    <Box maxW="52rem">
      <title>{texts.backupsRoundPocket}</title>
      <Box as="h1" fontSize="2xl" mb={2}>
        {shared.backups}
      </Box>
      <Box maxW="40rem" mb={4}>
        {texts.roundPocketMakesABackup}
        <code>{`${folder}/backups`}</code>
        {texts.copyOneToAnotherDisk}
      </Box>
      <ActionButton
        onClick={() =>
          make.mutate(undefined, { onSuccess: ({ name }) => setDone(texts.backupMade(name)) })
        }
      >
        {texts.backUpNow}
      </ActionButton>
      <Box role="status" mt={2} color={make.error ? 'amiss' : 'quiet'}>
        {make.error?.message ?? done}
      </Box>
      <Box as="h2" fontSize="lg" mt={5} mb={1}>
        {texts.restore}
      </Box>
      {look.data ? (
        <Restoring
          key={look.data.source}
          look={look.data}
          onEnd={(words) => {
            look.reset();
            setDone(words);
          }}
        />
      ) : (
        <FromWhere look={look} backups={backups} />
      )}
      <ExportPair />
      <Link asChild color="chosen" textDecoration="underline" mt={5} minH="44px">
        <RouteLink to="/">{shared.backToTheBasket}</RouteLink>
      </Link>
    </Box>
  );
}

interface FromWhereProps {
  look: ReturnType<typeof useLook>;
  backups: readonly Backup[];
}

/** A backup to restore: from a file, or one of those in the folder. */
function FromWhere({ look, backups }: FromWhereProps) {
  return (
    <>
      <FilePick
        label={texts.chooseABackupOrA}
        accept=".zip,application/zip"
        onPick={(file) => look.mutate(file)}
      />
      {look.isPending && <Box role="status">{texts.readingTheFile}</Box>}
      {look.error && (
        <Box role="alert" color="amiss">
          {look.error.message}
        </Box>
      )}
      <BackupTable backups={backups} onLook={(name) => look.mutate(name)} />
    </>
  );
}
