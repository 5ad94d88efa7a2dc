import { Box, Flex } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { letGo, useLeftBehind, type LeftBehind } from '../api/leftBehind';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** What the server says of what it does not have. */
const GONE = 404;

/** Changes that were refused after their page was left: they are said here, and kept until somebody decides. */
export function Unstored() {
  const left = useLeftBehind();
  return (
    <>
      {left.map((change) => (
        <Change key={change.pairId} change={change} />
      ))}
    </>
  );
}

function Change({ change }: { change: LeftBehind }) {
  const client = useQueryClient();
  const { pairId, write, refused } = change;
  const version = refused.current?.version;
  const keepMine = async () => {
    await api.put('/api/pairs/{id}', { path: { id: pairId }, body: { ...write, version } });
    letGo(change);
    await client.invalidateQueries();
  };
  const keepAsNew = async () => {
    await api.post('/api/pairs', { body: { ...write, version: undefined } });
    letGo(change);
    await client.invalidateQueries();
  };
  const gone = refused.status === GONE;
  const button = {
    type: 'button' as const,
    minH: '44px',
    px: 3,
    borderWidth: '1px',
    borderColor: 'amiss',
    cursor: 'pointer',
  };
  return (
    <Box
      role="alert"
      className="no-print"
      bg="amissGround"
      color="amiss"
      px={{ base: 2, md: 6 }}
      py={2}
      borderBottomWidth="1px"
      borderColor="amiss"
    >
      <p>
        {texts.yourLastChangeToIs(write.name, gone ? shared.deletedElsewhere : refused.message)}
      </p>
      <Flex gap={3} mt={1} wrap="wrap">
        {version !== undefined && (
          <Press {...button} onClick={() => void keepMine()}>
            {shared.keepMine}
          </Press>
        )}
        {gone && (
          <Press {...button} onClick={() => void keepAsNew()}>
            {shared.keepAsANewPair}
          </Press>
        )}
        <Press {...button} onClick={() => letGo(change)}>
          {gone ? shared.remove : shared.useTheSavedVersion}
        </Press>
      </Flex>
    </Box>
  );
}
