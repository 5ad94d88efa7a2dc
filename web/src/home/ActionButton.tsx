import type { ReactNode } from 'react';
import { Press } from '../form/Press';

interface ActionButtonProps {
  onClick: () => void;
  children: ReactNode;
  /** Said in place of what is written on it, where that is not enough. */
  label?: string;
  disabled?: boolean;
  /** Beside others that matter more. */
  quiet?: boolean;
}

/** A button that does something. */
export function ActionButton({ onClick, children, label, disabled, quiet }: ActionButtonProps) {
  return (
    <Press
      look="framed"
      px={4}
      borderColor={quiet ? 'line' : 'ink'}
      whiteSpace="nowrap"
      _disabled={{ opacity: 0.5, cursor: 'default' }}
      disabled={disabled ?? false}
      aria-label={label}
      onClick={onClick}
    >
      {children}
    </Press>
  );
}
