import { cloneElement, lazy, Suspense, useEffect, type ReactElement } from 'react';
import type { OpenSheetProps } from './OpenSheet';

/** Not among what is loaded first, but soon after: it has to open while the server is away as well. */
const load = async () => ({ default: (await import('./OpenSheet')).OpenSheet });
const OpenSheet = lazy(load);

interface SheetProps extends Omit<OpenSheetProps, 'onClose'> {
  open: boolean;
  onOpen: (open: boolean) => void;
  /** The button that opens it, where it has one of its own. */
  trigger?: ReactElement<TriggerProps>;
}

interface TriggerProps {
  'aria-haspopup'?: 'dialog';
  'aria-expanded'?: boolean;
  onClick?: () => void;
}

/** A sheet over the page, once it is opened; the keys go back to where they were when it is closed. */
export function Sheet({ open, onOpen, trigger, ...sheet }: SheetProps) {
  useEffect(() => {
    load().catch(() => undefined); // asked for again when it opens
  }, []);
  return (
    <>
      {trigger &&
        cloneElement(trigger, {
          'aria-haspopup': 'dialog',
          'aria-expanded': open,
          onClick: () => onOpen(!open),
        })}
      {open && (
        <Suspense>
          <OpenSheet {...sheet} onClose={() => onOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
