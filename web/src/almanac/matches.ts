import type { AlmanacEntry } from '../wire/types';

/** Whether a text has all of some words, in any order and case. */
export function hasWords(text: string, words: string): boolean {
  const all = text.toLowerCase();
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word));
}

/** Whether an entry is of a kind and has all of some words; no kind means any. */
export function matches(entry: AlmanacEntry, words: string, kind: string): boolean {
  return (kind === '' || entry.kind === kind) && hasWords(Object.values(entry).join(' '), words);
}
