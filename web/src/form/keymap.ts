import { useLayoutEffect } from 'react';
import { currentSettings } from '../settings/settings';
import { reachedByTab } from './reached';
import { covered, typing } from './typing';
import { texts } from './texts';

interface Key {
  /** As the browser names them, with Ctrl and Shift before; none where a part of the page hears it itself. */
  keys: readonly string[];
  shown: string;
  does: string;
  /** Whether it is left to a button or link that Tab was used to get to: it would press that. */
  free?: true;
  /** Whether it is heard while a sheet or a panel is open. */
  anywhere?: true;
}

/** Every key of the page, in the order in which the help tells them. */
export const KEYMAP = {
  help: { keys: ['?'], shown: '?', does: texts.thisHelp },
  recipe: { keys: ['/'], shown: '/', does: texts.inAPlanToThe },
  word: { keys: [], shown: texts.tabEnter, does: texts.fromWordToWordAnd },
  along: {
    keys: [],
    shown: '← →',
    does: texts.onTheTapeMoveThe,
  },
  ends: { keys: [], shown: texts.homeEnd, does: texts.onTheTapeToThe },
  working: { keys: [], shown: 'e', does: texts.onAFigureHowIts },
  undo: { keys: ['Ctrl z'], shown: 'Ctrl Z', does: texts.inAPlanUndo, anywhere: true },
  redo: { keys: ['Ctrl Shift z'], shown: 'Ctrl Shift Z', does: texts.inAPlanRedo, anywhere: true },
  done: {
    keys: [' ', 'Enter'],
    shown: texts.spaceEnter,
    does: texts.whileKnittingRoundDone,
    free: true,
  },
  takeBack: { keys: ['Backspace'], shown: 'Backspace', does: texts.whileKnittingUndo },
  turn: { keys: ['[', ']'], shown: '[ ]', does: texts.whileKnittingTheOtherSock },
  tape: { keys: ['t'], shown: 't', does: texts.whileKnittingMeasureTheTube },
  weigh: { keys: ['w'], shown: 'w', does: texts.whileKnittingWeighTheYarn },
  note: { keys: ['n'], shown: 'n', does: texts.whileKnittingANote },
  colour: { keys: ['c'], shown: 'c', does: texts.whileKnittingANewColour },
  needles: { keys: ['m'], shown: 'm', does: texts.whileKnittingTheNeedles },
  wrong: { keys: ['r'], shown: 'r', does: texts.whileKnittingSomethingIsWrong },
  move: { keys: ['1', '2', '3', '4'], shown: '1 to 4', does: texts.inGraftPracticeChooseA },
  close: { keys: [], shown: texts.esc, does: texts.closeWhatIsOpen },
} as const satisfies Record<string, Key>;

export type KeyName = keyof typeof KEYMAP;

/** What the keys do while a part of the page is there; each is handed the key that was pressed. */
export type KeyActions = Partial<Record<KeyName, ((key: string) => void) | typeof NOTHING>>;

/** That a key does nothing here, also where a pointer left the focus on the press area. */
export const NOTHING = 'nothing';

/** Hears keys that nothing else takes: no field, no button that they would press, no sheet over the page. */
export function useKeymap(actions: KeyActions): void {
  // Before the next key can come: it must meet what is seen.
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      const name = nameOf(event);
      const action = name && actions[name];
      const own = action === NOTHING && !leftOnThePress(event.target);
      if (name && action && !own && heard(event, KEYMAP[name])) {
        event.preventDefault();
        leave(event.target);
        if (action !== NOTHING) {
          action(event.key);
        }
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
}

/**
 * What a key is for. A letter or a mark alone is none where such keys are switched off: who speaks to the page, or touches keys
 * without meaning to, would set off one after the other (WCAG 2.1.4).
 */
function nameOf({ key, ctrlKey, metaKey, altKey, shiftKey }: KeyboardEvent): KeyName | undefined {
  const held = ctrlKey || metaKey;
  if (!held && key.length === 1 && key !== ' ' && !currentSettings().singleKeys) {
    return undefined;
  }
  const pressed = held ? `Ctrl ${shiftKey ? 'Shift ' : ''}${key.toLowerCase()}` : key;
  const all = Object.entries(KEYMAP) as [KeyName, Key][];
  return altKey ? undefined : all.find(([, { keys }]) => keys.includes(pressed))?.[0];
}

/** Whether the focus is on the press area, and not because Tab led there. */
function leftOnThePress(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.matches('[data-press]') && !reachedByTab(target);
}

/** What a pointer left the focus on would be pressed when the key is let go of. */
function leave(target: EventTarget | null): void {
  if (target instanceof HTMLElement && target.matches('button, a, [role=button], summary')) {
    target.blur();
  }
}

function heard(event: KeyboardEvent, { free, anywhere }: Key): boolean {
  const { target } = event;
  const taken = free && reachedByTab(target) && !(target as HTMLElement).matches('[data-press]');
  const repeated = event.repeat && !event.ctrlKey && !event.metaKey;
  return !typing(event) && !taken && !repeated && (anywhere ?? !covered());
}
