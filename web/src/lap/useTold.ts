import { useSettings } from '../settings/settings';
import { said } from '../units/said';
import type { LapStep } from '../wire/types';

/** What puts the amounts of a step into its words. */
export function useTold(step: LapStep): (words: string) => string {
  const reader = useSettings();
  return (words) => said({ template: words, amounts: step.amounts }, reader);
}
