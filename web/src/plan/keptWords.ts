import type { Lengths } from '../settings/settings';
import { lengthText } from '../units/units';
import type { Kept } from '../wire/types';

const KEPT: Record<Kept['what'], string> = {
  LEG: 'the leg as it is',
  FOOT: 'the foot as it is',
  TUBE: 'the tube as it is',
};

/** What a heel line that is put there does, and what stays as it is. */
export function keptWords(
  { what, sockFoot, footOut, fits, legRounds }: Kept,
  lengths: Lengths,
): string {
  const out = Math.abs(footOut.value);
  const fit = fits
    ? 'fits'
    : `${lengthText(out, lengths)} too ${footOut.value > 0 ? 'long' : 'short'}`;
  const leg = what === 'LEG' ? '' : `, leg and cuff ${legRounds} rounds`;
  return `Put it there, ${KEPT[what]}: foot ${lengthText(sockFoot.value, lengths)} (${fit})${leg}`;
}
