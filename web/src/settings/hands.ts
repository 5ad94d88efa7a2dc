import type { Hand } from './settings';
import { texts } from './texts';

/** What is the other way round for somebody who knits from left to right; common practice. */
export interface HandWords {
  /** The leg of a stitch that is picked up. */
  leg: string;
  /** Which way the work goes. */
  way: string;
  /** Where SSK leans, and where K2tog does. */
  ssk: string;
  k2tog: string;
}

const WORDS: Record<Hand, HandWords> = {
  right: { leg: 'right', way: texts.fromRightToLeft, ssk: 'left', k2tog: 'right' },
  left: { leg: 'left', way: texts.fromLeftToRight, ssk: 'right', k2tog: 'left' },
};

export function handWords(hand: Hand): HandWords {
  return WORDS[hand];
}
