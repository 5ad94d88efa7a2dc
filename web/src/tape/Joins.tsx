import type { HeelLineAt, Plan } from '../wire/types';
import type { Scale } from './scale';

/** The round of the tube, from the toe's tip, after which a heel line at this place would lie. */
export function joinRound(plan: Plan, { moved }: HeelLineAt): number {
  const further = plan.tube.way.id === 'CUFF_DOWN' ? -moved : moved;
  return plan.tube.heelLine.round.value + further;
}

/** The place for the heel line that a round points at; one round beside it still does. */
export function joinAt(plan: Plan, round: number): HeelLineAt | undefined {
  const away = (one: HeelLineAt) => Math.abs(joinRound(plan, one) - round);
  return plan.stripes?.candidates
    .filter((one) => one.moved !== 0 && away(one) <= 1)
    .sort((a, b) => away(a) - away(b))[0];
}

interface JoinsProps {
  plan: Plan;
  scale: Scale;
  /** The line that they stand on. */
  bottom: number;
}

/** Small marks over the tube wherever the heel line could go with regard to the colours. */
export function Joins({ plan, scale, bottom }: JoinsProps) {
  const { stripes, axis } = plan;
  if (!stripes || stripes.oneColour) {
    return null;
  }
  return (
    <g aria-hidden fill="none" stroke="var(--chakra-colors-ink)" strokeWidth="1.2">
      {stripes.candidates
        .filter(({ moved }) => moved !== 0)
        .map((one) => {
          const at = axis[joinRound(plan, one) - 1];
          const x = at && scale.x(at.mmFromToe);
          return (
            x !== undefined && (
              <path
                key={`${one.between} ${one.moved} ${one.band}`}
                d={`M${x - 3} ${bottom - 7}L${x} ${bottom - 1}L${x + 3} ${bottom - 7}${one.between ? 'Z' : ''}`}
              />
            )
          );
        })}
    </g>
  );
}
