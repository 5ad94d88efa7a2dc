import { Flex } from '@chakra-ui/react';
import { useKeymap } from '../form/keymap';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import type { KeptDraft } from './useKeptDraft';

/** Takes changes back and makes them again, by press or by Ctrl+Z and Ctrl+Shift+Z outside of fields. */
export function UndoRedo({ undo, redo }: Pick<KeptDraft, 'undo' | 'redo'>) {
  useKeymap({ undo: () => undo?.(), redo: () => redo?.() });
  const button = {
    type: 'button' as const,
    minH: '44px',
    px: 2,
    color: 'chosen',
    cursor: 'pointer',
    _disabled: { color: 'quiet', cursor: 'default', opacity: 0.6 },
  };
  return (
    <Flex className="no-print">
      <Press {...button} disabled={!undo} onClick={undo}>
        {shared.undo}
      </Press>
      <Press {...button} disabled={!redo} onClick={redo}>
        {shared.redo}
      </Press>
    </Flex>
  );
}
