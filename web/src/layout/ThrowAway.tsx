import { Box, chakra, Dialog, Flex, Portal } from '@chakra-ui/react';
import { useRef, useState, type ReactNode } from 'react';

interface ThrowAwayProps {
  name: string;
  onThrowAway: () => void;
  error: Error | null;
  /** What else goes with it; asked for only once somebody wants to delete. */
  goes?: () => ReactNode;
}

/** Deleting asks first, with the name and what goes with it; Cancel is where the keys are. */
export function ThrowAway({ name, onThrowAway, error, goes }: ThrowAwayProps) {
  const [asked, setAsked] = useState(false);
  const cancel = useRef<HTMLButtonElement>(null);
  const button = { type: 'button' as const, minH: '44px', px: 4, cursor: 'pointer' };
  return (
    <>
      <chakra.button
        type="button"
        minH="44px"
        px={2}
        color="quiet"
        cursor="pointer"
        onClick={() => setAsked(true)}
        aria-label={`Delete ${name}`}
      >
        Delete
      </chakra.button>
      {error && (
        <Box role="alert" color="amiss" fontSize="sm">
          {error.message}
        </Box>
      )}
      <Dialog.Root
        role="alertdialog"
        open={asked}
        onOpenChange={({ open }) => setAsked(open)}
        initialFocusEl={() => cancel.current}
        lazyMount
        unmountOnExit
      >
        <Portal>
          <Dialog.Backdrop bg="rgb(10 16 20 / 35%)" />
          <Dialog.Positioner>
            <Dialog.Content bg="sheet" color="ink" borderWidth="1px" borderColor="ink" p={5}>
              <Dialog.Title as="h2" fontSize="lg" overflowWrap="anywhere">
                {`Delete “${name}”?`}
              </Dialog.Title>
              <Box mt={2}>{goes?.()}</Box>
              <Flex gap={3} mt={4} justify="flex-end">
                <chakra.button
                  {...button}
                  ref={cancel}
                  borderWidth="1px"
                  borderColor="ink"
                  onClick={() => setAsked(false)}
                >
                  Cancel
                </chakra.button>
                <chakra.button
                  {...button}
                  borderWidth="1px"
                  borderColor="cut"
                  color="cut"
                  onClick={() => {
                    setAsked(false);
                    onThrowAway();
                  }}
                >
                  Delete
                </chakra.button>
              </Flex>
            </Dialog.Content>
          </Dialog.Positioner>
        </Portal>
      </Dialog.Root>
    </>
  );
}
