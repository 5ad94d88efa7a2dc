import { Box, Dialog, Flex, Portal } from '@chakra-ui/react';
import { useRef, type ReactNode } from 'react';
import { Press } from './Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface DeleteQuestionProps {
  name: string;
  onThrowAway: () => void;
  onCancel: () => void;
  /** What else goes with it. */
  children?: ReactNode;
}

/** Asks before something is deleted; Cancel is where the keys are. */
export function DeleteQuestion({ name, onThrowAway, onCancel, children }: DeleteQuestionProps) {
  const cancel = useRef<HTMLButtonElement>(null);
  const button = { type: 'button' as const, minH: '44px', px: 4, cursor: 'pointer' };
  return (
    <Dialog.Root
      role="alertdialog"
      open
      onOpenChange={({ open }) => !open && onCancel()}
      initialFocusEl={() => cancel.current}
    >
      <Portal>
        <Dialog.Backdrop bg="rgb(10 16 20 / 35%)" />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" color="ink" borderWidth="1px" borderColor="ink" p={5}>
            <Dialog.Title as="h2" fontSize="lg" overflowWrap="anywhere">
              {texts.delete(name)}
            </Dialog.Title>
            <Box mt={2}>{children}</Box>
            <Flex gap={3} mt={4} justify="flex-end">
              <Press
                {...button}
                ref={cancel}
                borderWidth="1px"
                borderColor="ink"
                onClick={onCancel}
              >
                {shared.cancel}
              </Press>
              <Press
                {...button}
                borderWidth="1px"
                borderColor="cut"
                color="cut"
                onClick={onThrowAway}
              >
                {shared.delete}
              </Press>
            </Flex>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
