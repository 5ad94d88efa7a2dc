import { useLayoutEffect } from 'react';
import { covered, typing } from '../form/typing';

interface Keys {
  done: () => void;
  undo: () => void;
  turn: () => void;
  colour: () => void;
}

/** Space or Enter is a round done, Backspace takes it back, [ and ] turn to the other sock, c: a new colour begins. */
export function useKeys({ done, undo, turn, colour }: Keys): void {
  // Before the next key can come: it must meet the step that is seen.
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      const { target, key, repeat } = event;
      const free = !(target instanceof HTMLElement) || target.matches('body, main, [data-press]');
      if (repeat || event.ctrlKey || event.metaKey || event.altKey || typing(event) || covered()) {
        return;
      }
      if ((key === ' ' || key === 'Enter') && free) {
        event.preventDefault();
        done();
      } else if (key === 'Backspace') {
        event.preventDefault();
        undo();
      } else if (key === '[' || key === ']') {
        turn();
      } else if (key === 'c') {
        event.preventDefault();
        colour();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
}
