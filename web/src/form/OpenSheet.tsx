import { CloseButton, Dialog, Portal } from '@chakra-ui/react';
import type { ReactNode } from 'react';

export interface OpenSheetProps {
  onClose: () => void;
  title: string;
  /** What the button says that closes it. */
  closing: string;
  /** Whether it lies at the lower edge, where a thumb reaches it. */
  low?: boolean;
  children: ReactNode;
}

/** A sheet over the page, that is closed with Esc, by its button or by pressing beside it. */
export function OpenSheet({ onClose, title, closing, low = false, children }: OpenSheetProps) {
  return (
    <Dialog.Root
      open
      placement={low ? 'bottom' : 'top'}
      onOpenChange={({ open }) => !open && onClose()}
    >
      <Portal>
        <Dialog.Backdrop bg="rgb(10 16 20 / 35%)" />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" color="ink" borderWidth="1px" borderColor="ink">
            <Dialog.Header>
              <Dialog.Title as="h2" fontFamily="heading" fontSize="xl" pr={10}>
                {title}
              </Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb={6}>{children}</Dialog.Body>
            <Dialog.CloseTrigger asChild position="absolute" top={2} right={2}>
              <CloseButton aria-label={closing} size="lg" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
