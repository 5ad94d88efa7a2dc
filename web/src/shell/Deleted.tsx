import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import { keepAfterAll, useDeletions, type Deletion } from '../api/deletions';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** What was just deleted, as long as it can be undone. */
export function Deleted() {
  return useDeletions().map((deletion) => <One key={deletion.id} deletion={deletion} />);
}

function One({ deletion }: { deletion: Deletion }) {
  const { id, name, sent, failed } = deletion;
  const undo = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // The button that was pressed is gone with what it deleted.
    undo.current?.focus({ preventScroll: true });
  }, []);
  return (
    <Flex
      role={failed ? 'alert' : 'status'}
      className="no-print"
      position="sticky"
      top={0}
      zIndex={5}
      align="center"
      gap={4}
      px={{ base: 2, md: 6 }}
      bg={failed ? 'amissGround' : 'chosenGround'}
      color={failed ? 'amiss' : 'ink'}
      borderBottomWidth="1px"
      borderColor="line"
      overflowWrap="anywhere"
    >
      <Box minW={0} py={2}>
        {failed ? texts.isNotDeleted(name, failed) : texts.deleted(name)}
      </Box>
      <Press
        ref={undo}
        look="bare"
        px={3}
        textDecoration="underline"
        hidden={sent}
        onClick={() => keepAfterAll(id)}
      >
        {failed ? shared.close : shared.undo}
      </Press>
    </Flex>
  );
}
