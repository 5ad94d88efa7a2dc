import type { Plan } from '../wire/types';
import { useSaid } from '../units/useSaid';
import { texts } from './texts';

/** Knots that a card has room for. */
const KNOTS = 2;

/** What is to be done about the bands of the yarn away from the plan: wound off, cut, and where a knot comes. */
export function StripeNote({ plan: { stripes } }: { plan: Plan }) {
  const say = useSaid();
  if (!stripes) {
    return null;
  }
  const notes = [
    ...(stripes.cut ? [say(stripes.cut.said)] : []),
    ...new Set(stripes.winding.map(({ said }) => say(said))),
    ...stripes.knots
      .slice(0, KNOTS)
      .map(({ sock, section, round }) => texts.aKnot(sock, section.title, round)),
  ];
  return notes.length > 0 ? <div>{notes.join(' ')}</div> : null;
}
