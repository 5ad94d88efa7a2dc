import type { Lengths } from '../settings/settings';
import type { Plan } from '../wire/types';
import { figureText, surenessText } from '../units/units';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Knots that a card has room for. */
const KNOTS = 2;

/** What is to be done about the bands of the yarn away from the plan: wound off, cut, and where a knot comes. */
export function StripeNote({ plan: { stripes }, lengths }: { plan: Plan; lengths: Lengths }) {
  if (!stripes) {
    return null;
  }
  const [first, second] = stripes.socks;
  const off = [
    [first?.heelWindOff, shared.beforeTheFirst.heel],
    [first?.toeWindOff, shared.beforeTheFirst.toe],
    [second?.windOff, shared.beforeTheSecondSock],
    [second?.heelWindOff, shared.beforeTheSecond.heel],
    [second?.toeWindOff, shared.beforeTheSecond.toe],
  ] as const;
  const wound = off.flatMap(([figure, when]) =>
    figure ? [`${surenessText(figure, lengths)} ${when}`] : [],
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
