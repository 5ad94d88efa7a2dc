import type { Plan } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { figureText, lengthText } from '../units/units';
import { SECTION_NAMES } from './reading';
import type { Scale } from './scale';
import { Rect, Text } from './svg';
import { texts } from './texts';

/** The names of the sections, on them. */
export function Captions({
  plan,
  scale,
  top,
  bottom,
  lengths,
  grounded,
}: {
  plan: Plan;
  scale: Scale;
  top: number;
  bottom: number;
  lengths: Lengths;
  /** Whether they stand on yarn colours and bring their own ground. */
  grounded: boolean;
}) {
  const middle = (top + bottom) / 2;
  return (
    <g>
      {plan.outline.spans.map(({ section, fromMm, toMm, fromRound, toRound }) => {
        const room = (toMm - fromMm) * scale.perMm;
        const x = (scale.x(fromMm) + scale.x(toMm)) / 2;
        return (
          <g key={section}>
            {grounded && (
              <Rect
                x={x - Math.min(room / 2 - 1, 36)}
                y={middle - 18}
                width={2 * Math.min(room / 2 - 1, 36)}
                height={room > 55 ? 54 : 38}
                rx="3"
                fill="sheet"
                opacity={0.93}
              />
            )}
            <Text
              x={x}
              y={middle - 3}
              textAnchor="middle"
              fontSize="14px"
              fontWeight="600"
              fill="ink"
            >
              {SECTION_NAMES[section]}
            </Text>
            <Text x={x} y={middle + 14} textAnchor="middle" fontSize="12px" fill="ink">
              {room > 70 ? texts.rounds(toRound - fromRound + 1) : toRound - fromRound + 1}
            </Text>
            {room > 55 && (
              <Text x={x} y={middle + 30} textAnchor="middle" fontSize="12px" fill="ink">
                {lengthText(toMm - fromMm, lengths)}
              </Text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** What the heel pocket is, beside it. */
export function PocketCaption({
  plan,
  scale,
  top,
  width,
  lengths,
}: {
  plan: Plan;
  scale: Scale;
  top: number;
  width: number;
  lengths: Lengths;
}) {
  const half = (plan.outline.widthMm * scale.perMm) / 2;
  const centre = scale.x(plan.outline.openingMm);
  const leftRoom = centre - half;
  const rightRoom = width - centre - half;
  const onLeft = leftRoom > rightRoom;
  const x = onLeft ? centre - half - 14 : centre + half + 14;
  const lines = [
    texts.heelCupLaidFlat,
    texts.deep(
      plan.heel.worked.length,
      plan.heel.shaping.school.id === 'SHORT_ROWS',
      figureText(plan.heel.shaping.depth, lengths),
    ),
    texts.stsOnEachNeedle(plan.opening.heelSide.value, plan.heel.shaping.closingSide.value),
  ];
  return (
    <g>
      {lines.map((line, i) => (
        <Text
          key={line}
          x={x}
          y={top + 16 + i * 17}
          textAnchor={onLeft ? 'end' : 'start'}
          fontSize={i === 0 ? '13px' : '12px'}
          fontWeight={i === 0 ? '600' : '400'}
          fill="ink"
        >
          {line}
        </Text>
      ))}
    </g>
  );
}
