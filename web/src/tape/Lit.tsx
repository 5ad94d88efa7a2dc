import type { Plan } from '../wire/types';
import type { Place } from './figures';
import { SECTION_NAMES } from './reading';
import type { Scale } from './scale';
import { YARN_HEIGHT } from './YarnLane';
import { Rect } from './svg';

interface LitProps {
  plan: Plan;
  scale: Scale;
  lit: Place | undefined;
  tubeTop: number;
  tubeBottom: number;
  pocketTop: number;
  yarnTop: number;
}

/** A frame round the part of the drawing that is lit up. */
export function Lit(props: LitProps) {
  const box = boxOf(props);
  return box ? (
    <Rect
      data-testid="lit"
      pointerEvents="none"
      {...box}
      fill="none"
      stroke="chosen"
      strokeWidth="3"
    />
  ) : null;
}

function boxOf({ plan, scale, lit, tubeTop, tubeBottom, pocketTop, yarnTop }: LitProps) {
  const { outline, heel } = plan;
  const half = (outline.widthMm * scale.perMm) / 2;
  const opening = scale.x(outline.openingMm);
  const whole = { x: scale.x(0), width: outline.lengthMm * scale.perMm };
  const tube = { y: tubeTop, height: tubeBottom - tubeTop };
  switch (lit) {
    case undefined:
      return undefined;
    case 'tube':
      return { ...whole, ...tube };
    case 'opening':
      return { x: opening - 7, width: 14, ...tube };
    case 'heel':
      return {
        x: opening - half,
        width: 2 * half,
        y: pocketTop,
        height: heel.shaping.depth.value * scale.perMm,
      };
    case 'yarn':
      return { ...whole, y: yarnTop, height: YARN_HEIGHT };
    default: {
      const span = outline.spans.find(({ section }) => SECTION_NAMES[section] === lit);
      return (
        span && {
          x: scale.x(span.fromMm),
          width: (span.toMm - span.fromMm) * scale.perMm,
          ...tube,
        }
      );
    }
  }
}
