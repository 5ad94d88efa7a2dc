import { useEffect, useRef, type FocusEvent, type KeyboardEvent, type ReactNode } from 'react';
import { texts } from './texts';

interface SentenceProps {
  /** What it is about. */
  name: string;
  children: ReactNode;
}

/**
 * A sentence of the recipe. Tab comes to one of its words and goes on to the next sentence; arrow keys go from word to
 * word: forty words are too many to Tab through.
 */
export function Sentence({ name, children }: SentenceProps) {
  const sentence = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    // Whatever was drawn anew: one of its words can be come to.
    const words = wordsIn(sentence.current);
    if (!words.some(({ tabIndex }) => tabIndex === 0)) {
      comeTo(words, words[0]);
    }
  });
  return (
    <span
      ref={sentence}
      role="group"
      aria-label={texts.recipeOf(name)}
      onFocus={({ target }: FocusEvent) => {
        const words = wordsIn(sentence.current);
        const word = words.find((each) => each === target);
        if (word) {
          comeTo(words, word);
        }
      }}
    >
      {children}
    </span>
  );
}

/** From word to word of a whole recipe, also over the ends of sentences. */
export function fromWordToWord(event: KeyboardEvent<HTMLElement>): void {
  const words = wordsIn(event.currentTarget);
  const at = words.findIndex((word) => word === event.target);
  if (at < 0 || event.ctrlKey || event.altKey || event.metaKey) {
    return;
  }
  const to = {
    ArrowLeft: words[at - 1],
    ArrowRight: words[at + 1],
    Home: words[0],
    End: words.at(-1),
  }[event.key];
  if (to) {
    event.preventDefault();
    to.focus();
  }
}

function wordsIn(part: HTMLElement | null): HTMLElement[] {
  return [...(part?.querySelectorAll<HTMLElement>('[data-word]') ?? [])];
}

/** Lets Tab come to one of them, and to no other. */
function comeTo(words: readonly HTMLElement[], word: HTMLElement | undefined): void {
  for (const each of words) {
    each.tabIndex = each === word ? 0 : -1;
  }
}
