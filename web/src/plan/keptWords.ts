import type { Lengths } from '../settings/settings';
import { lengthText } from '../units/units';
import type { Kept } from '../wire/types';
import { texts } from './texts';

const KEPT: Record<Kept['what'], string> = {
  LEG: texts.theLegAsItIs,
  FOOT: texts.theFootAsItIs,
  TUBE: texts.theTubeAsItIs,
};

/** What a heel line that is put there does, and what stays as it is. */
export function keptWords(
  { what, sockFoot, footOut, fits, legRounds }: Kept,
  lengths: Lengths,
): string {
  const out = Math.abs(footOut.value);
  const fit = fits ? 'fits' : texts.too(lengthText(out, lengths), footOut.value);
  const leg = what === 'LEG' ? '' : texts.legAndCuffRounds(legRounds);
  return texts.putItThereFoot(KEPT[what], lengthText(sockFoot.value, lengths), fit, leg);
}
