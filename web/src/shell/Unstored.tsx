import { Box, Flex } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { letGo, useLeftBehind, type LeftBehind } from '../api/leftBehind';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

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
      <p>{texts.yourLastChangeToIs(write.name, refused.message)}</p>
      <Flex gap={3} mt={1} wrap="wrap">
        {version !== undefined && (
          <Press {...button} onClick={() => void keepMine()}>
            {shared.keepMine}
          </Press>
        )}
        <Press {...button} onClick={() => letGo(change)}>
          {shared.useTheSavedVersion}
        </Press>
      </Flex>
    </Box>
  );
}
