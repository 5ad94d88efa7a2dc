import { Box, Flex } from '@chakra-ui/react';
import { useGoOnEmpty, useLook, useRestore } from '../api/homeQueries';
import type { Home } from '../wire/types';
import { FilePick } from '../form/FilePick';
import { momentText } from '../units/days';
import { ActionButton } from './ActionButton';
import { BackupTable } from './BackupTable';
import { Restoring } from './Restoring';

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
      <title>Your data · Round Pocket</title>
      <Box as="h1" fontSize="2xl" mb={2}>
        {damage.file ? 'The file with your data is damaged' : 'The file with your data is gone'}
      </Box>
      {damage.file && (
        <p>
          {`Round Pocket found: ${damage.faults.join('; ')}. Nothing from it is shown, so that nothing wrong passes for right. The file is kept: `}
          <code>{`${home.folder}/${damage.file}`}</code>
        </p>
      )}
      {last ? (
        <>
          <Box mt={3}>
            {`The last good backup was made on ${momentText(last.made)}. It has ${count(last.pairs, 'pair')}, ${last.feet} feet and ${count(last.yarns, 'yarn')}. ${missing(damage)}`}
          </Box>
          <Flex gap={3} mt={4} wrap="wrap">
            <ActionButton
              disabled={restore.isPending}
              onClick={() => restore.mutate({ source: last.name, mode: 'REPLACE' })}
            >
              {`Restore the backup of ${momentText(last.made)}`}
            </ActionButton>
            <ActionButton quiet onClick={() => empty.mutate()}>
              Start with nothing
            </ActionButton>
          </Flex>
        </>
      ) : (
        <>
          <Box mt={3}>There is no backup in your folder.</Box>
          <Flex gap={3} mt={4}>
            <ActionButton onClick={() => empty.mutate()}>Start with nothing</ActionButton>
          </Flex>
        </>
      )}
      {look.data ? (
        <Restoring look={look.data} onEnd={() => look.reset()} />
      ) : (
        <Box mt={5}>
          {home.backups.length > 0 && (
            <>
              <Box as="h2" fontSize="lg">
                All backups in your folder
              </Box>
              <BackupTable backups={home.backups} onLook={(name) => look.mutate(name)} />
            </>
          )}
          <FilePick
            label="Choose a backup from another disk …"
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

/** What happened after the backup, as far as the damaged file can still tell. */
function missing({ presses, pairs }: NonNullable<Home['damage']>): string {
  if (presses === undefined || pairs === undefined) {
    return 'What you did after that is missing; the damaged file doesn’t tell how much it is.';
  }
  return presses + pairs === 0
    ? 'As far as the damaged file tells, nothing was done after that.'
    : `As far as the damaged file tells, ${count(presses, 'round or note', 'rounds and notes')} and changes to ${count(pairs, 'plan')} after that are missing.`;
}

function count(number: number, one: string, many = `${one}s`): string {
  return `${number} ${number === 1 ? one : many}`;
}
