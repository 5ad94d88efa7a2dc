import { Box, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { useHome, useLook, useMakeBackup } from '../api/homeQueries';
import { FilePick } from '../form/FilePick';
import { Notice, Waiting } from '../form/States';
import { ActionButton } from './ActionButton';
import { BackupTable } from './BackupTable';
import { ExportPair } from './ExportPair';
import { Restoring } from './Restoring';

/** The copies of everything, and how they are brought back. */
export function BackupPage() {
  const home = useHome();
  const make = useMakeBackup();
  const look = useLook();
  const [done, setDone] = useState('');
  if (home.error && !home.data) {
    return <Notice title="The backups can’t be listed" error={home.error} />;
  }
  if (!home.data) {
    return <Waiting what="the backups" />;
  }
  const { backups, folder } = home.data;
  return (
    <Box maxW="52rem">
      <title>Backups · Round Pocket</title>
      <Box as="h1" fontSize="2xl" mb={2}>
        Backups
      </Box>
      <Box maxW="40rem" mb={4}>
        Round Pocket makes a backup of everything each time it starts and once a day, and keeps the
        last seven days. They are in the folder <code>{`${folder}/backups`}</code>. Copy one to
        another disk now and then: a backup on the same disk is lost with it.
      </Box>
      <ActionButton
        onClick={() =>
          make.mutate(undefined, { onSuccess: ({ name }) => setDone(`Backup made: ${name}`) })
        }
      >
        Back up now
      </ActionButton>
      <Box role="status" mt={2} color={make.error ? 'amiss' : 'quiet'}>
        {make.error?.message ?? done}
      </Box>
      <Box as="h2" fontSize="lg" mt={5} mb={1}>
        Restore
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
        <>
          <FilePick
            label="Choose a backup or a pair file …"
            accept=".zip,application/zip"
            onPick={(file) => look.mutate(file)}
          />
          {look.isPending && <Box role="status">Reading the file …</Box>}
          {look.error && (
            <Box role="alert" color="amiss">
              {look.error.message}
            </Box>
          )}
          <BackupTable backups={backups} onLook={(name) => look.mutate(name)} />
        </>
      )}
      <ExportPair />
      <Link asChild color="chosen" textDecoration="underline" mt={5} minH="44px">
        <RouteLink to="/">Back to the basket</RouteLink>
      </Link>
    </Box>
  );
}
