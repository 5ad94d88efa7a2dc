import type { Figure, StripePlan } from '../wire/types';
import { shared } from '../texts/shared';

/** What is wound off in a pair, in the order of the work, and before what. */
export function windOffs({ socks: [first, second] }: StripePlan): readonly [Figure, string][] {
  const all: readonly (readonly [Figure | undefined, string])[] = [
    [first?.heelWindOff, shared.beforeTheFirst.heel],
    [first?.toeWindOff, shared.beforeTheFirst.toe],
    [second?.windOff, shared.beforeTheSecondSock],
    [second?.heelWindOff, shared.beforeTheSecond.heel],
    [second?.toeWindOff, shared.beforeTheSecond.toe],
  ];
  return all.flatMap(([figure, when]): [Figure, string][] => (figure ? [[figure, when]] : []));
}
