import { withChoices, type Draft } from '../draft/draft';
import type { HeelLineAt, Kept, StripePlan } from '../wire/types';
import { texts } from './texts';

/** Where a heel line lies among the colours. */
export function placeWords(stripes: StripePlan, { between, band }: HeelLineAt): string {
  const name = stripes.bands[band]?.name ?? '';
  return between ? texts.whereBegins(name) : texts.inTheMiddleOf(name);
}

/** How far it lies from where it is now. */
export function movedWords({ moved }: HeelLineAt): string {
  const rounds = Math.abs(moved);
  return `${rounds} ${rounds === 1 ? 'round' : 'rounds'} ${moved > 0 ? 'later' : 'earlier'}`;
}

/** The draft with the heel line there. */
export function taken(draft: Draft, kept: Kept): Draft {
  return withChoices(draft, {
    'placing.school': 'AT_COLOUR',
    'placing.markedRound': kept.openingRound,
    'placing.from': 'TOE_TIP',
    'placing.markedMm': undefined,
    'placing.distanceMm': undefined,
    'tube.legRounds': kept.legRounds,
    'tube.legMm': undefined,
    'tube.legFrom': 'OPENING',
  });
}
