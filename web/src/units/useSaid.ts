import type { Sentence } from '../wire/types';
import { useSettings } from '../settings/settings';
import { said } from './said';

/** Tells sentences, one or several after each other, with their amounts as the reader wants them. */
export function useSaid(): (sentences: Sentence | readonly Sentence[]) => string {
  const reader = useSettings();
  return (sentences) =>
    [sentences]
      .flat()
      .map((each) => said(each, reader))
      .join(' ');
}
