import type { Lengths } from '../settings/settings';
import type { Plan } from '../wire/types';
import { figureText, surenessText } from '../units/units';
import { windOffs } from '../tape/windOffs';
import { texts } from './texts';

/** Knots that a card has room for. */
const KNOTS = 2;

/** What is to be done about the bands of the yarn away from the plan: wound off, cut, and where a knot comes. */
export function StripeNote({ plan: { stripes }, lengths }: { plan: Plan; lengths: Lengths }) {
  if (!stripes) {
    return null;
  }
  const wound = windOffs(stripes).map(
    ([figure, when]) => `${surenessText(figure, lengths)} ${when}`,
  );
  const { cut } = stripes;
  const notes = [
    ...(wound.length > 0 ? [texts.windOff(wound.join(', '))] : []),
    ...(cut ? [texts.cutTheSkein(figureText(cut.metres, lengths))] : []),
    ...stripes.knots
      .slice(0, KNOTS)
      .map(({ sock, section, round }) => texts.aKnot(sock, section.title, round)),
  ];
  return notes.length > 0 ? <div>{notes.join(' ')}</div> : null;
}
