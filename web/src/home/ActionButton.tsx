import { chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';

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
    <chakra.button
      type="button"
      minH="44px"
      px={4}
      borderWidth="1px"
      borderColor={quiet ? 'line' : 'ink'}
      cursor="pointer"
      whiteSpace="nowrap"
      _disabled={{ opacity: 0.5, cursor: 'default' }}
      disabled={disabled ?? false}
      aria-label={label}
      onClick={onClick}
    >
      {children}
    </chakra.button>
  );
}
