import { useLayoutEffect } from 'react';
import { covered, typing } from './typing';

interface Key {
  /** As the browser names them, with Ctrl and Shift before; none where a part of the page hears it itself. */
  keys: readonly string[];
  shown: string;
  does: string;
  /** Whether it is heard only where no button or link has the keys: what it would press. */
  free?: true;
  /** Whether it is heard while a sheet or a panel is open. */
  anywhere?: true;
}

/** Every key of the page, in the order in which the help tells them. */
export const KEYMAP = {
  help: { keys: ['?'], shown: '?', does: 'this help' },
  recipe: { keys: ['/'], shown: '/', does: 'in a plan: to the first word of the recipe' },
  word: { keys: [], shown: 'Tab, Enter', does: 'from word to word, and open one' },
  along: {
    keys: [],
    shown: '← →',
    does: 'on the tape: move the cursor by a round, with Shift by ten',
  },
  ends: { keys: [], shown: 'Home, End', does: 'on the tape: to the toe tip, to the cuff edge' },
  working: { keys: [], shown: 'e', does: 'on a figure: how it’s worked out' },
  undo: { keys: ['Ctrl z'], shown: 'Ctrl Z', does: 'in a plan: undo', anywhere: true },
  redo: { keys: ['Ctrl Shift z'], shown: 'Ctrl Shift Z', does: 'in a plan: redo', anywhere: true },
  done: {
    keys: [' ', 'Enter'],
    shown: 'Space, Enter',
    does: 'while knitting: round done',
    free: true,
  },
  takeBack: { keys: ['Backspace'], shown: 'Backspace', does: 'while knitting: undo' },
  turn: { keys: ['[', ']'], shown: '[ ]', does: 'while knitting: the other sock' },
  tape: { keys: ['t'], shown: 't', does: 'while knitting: measure the tube' },
  weigh: { keys: ['w'], shown: 'w', does: 'while knitting: weigh the yarn' },
  note: { keys: ['n'], shown: 'n', does: 'while knitting: a note' },
  colour: { keys: ['c'], shown: 'c', does: 'while knitting: a new colour begins' },
  wrong: { keys: ['r'], shown: 'r', does: 'while knitting: something is wrong' },
  move: { keys: ['1', '2', '3', '4'], shown: '1 to 4', does: 'in graft practice: choose a move' },
  close: { keys: [], shown: 'Esc', does: 'close what is open' },
} as const satisfies Record<string, Key>;

export type KeyName = keyof typeof KEYMAP;

/** What the keys do while a part of the page is there; each is handed the key that was pressed. */
export type KeyActions = Partial<Record<KeyName, (key: string) => void>>;

/** Hears keys that nothing else takes: no field, no button that they would press, no sheet over the page. */
export function useKeymap(actions: KeyActions): void {
  // Before the next key can come: it must meet what is seen.
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      const name = nameOf(event);
      const action = name && actions[name];
      if (name && action && heard(event, KEYMAP[name])) {
        event.preventDefault();
        action(event.key);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
}

function nameOf({ key, ctrlKey, metaKey, altKey, shiftKey }: KeyboardEvent): KeyName | undefined {
  const held = ctrlKey || metaKey;
  const pressed = held ? `Ctrl ${shiftKey ? 'Shift ' : ''}${key.toLowerCase()}` : key;
  const all = Object.entries(KEYMAP) as [KeyName, Key][];
  return altKey ? undefined : all.find(([, { keys }]) => keys.includes(pressed))?.[0];
}

function heard(event: KeyboardEvent, { free, anywhere }: Key): boolean {
  const { target } = event;
  const taken =
    free && target instanceof HTMLElement && !target.matches('body, main, [data-press]');
  const repeated = event.repeat && !event.ctrlKey && !event.metaKey;
  return !typing(event) && !taken && !repeated && (anywhere ?? !covered());
}
