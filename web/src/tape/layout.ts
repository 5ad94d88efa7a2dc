import type { Plan } from '../wire/types';
import { TAPE_HEIGHT } from './Measure';
import { placingHeight, placingLane } from './PlacingMarks';
import { scaleFor } from './scale';
import { YARN_HEIGHT } from './YarnLane';

export const MARGIN = 14;
const MARK_LANE = 26;
const GAP = 12;
/** Room above the second sock for its name. */
const NAMED = 26;
const SMALLER = 0.8;
/** What is said beside a heel cup takes so much. */
const SAID = 72;
/** What the names of the tape’s two scales take at its end. */
const SCALES = 46;

interface Asked {
  /** Width of the drawing in pixels. */
  width: number;
  /** Whether the sock is drawn smaller than there is room for. */
  small: boolean;
  /** Whether the heel lines of all schools are shown. */
  schools: boolean;
  /** Whether both socks are shown. */
  both: boolean;
}

/** What lies at which height of the tape's drawing, in pixels, and to which scale. */
export function layoutOf(plan: Plan, { width, small, schools, both }: Asked) {
  const scale = scaleFor(plan.outline, (small ? width * SMALLER : width) - SCALES, MARGIN);
  const marks = schools ? placingLane(plan, scale, width) : [];
  const marksHeight = placingHeight(marks);
  const tapeTop = MARK_LANE + marksHeight;
  const tubeTop = tapeTop + TAPE_HEIGHT + 8;
  const tubeBottom = tubeTop + plan.outline.widthMm * scale.perMm;
  const pocketTop = tubeBottom + GAP;
  const pocketDepth = plan.heel.shaping.depth.value * scale.perMm;
  const pocketRoom = Math.max(pocketDepth, SAID);
  const secondTop = pocketTop + pocketRoom + NAMED;
  const secondPocketTop = secondTop + tubeBottom - tubeTop + GAP;
  const secondHeight = both ? tubeBottom - tubeTop + GAP + pocketDepth + NAMED : 0;
  const yarnTop = pocketTop + pocketRoom + secondHeight + 12;
  const height = yarnTop + YARN_HEIGHT + 4;
  return {
    ...{ width, scale, marks, marksHeight, tapeTop, tubeTop, tubeBottom, pocketTop },
    ...{ secondTop, secondPocketTop, yarnTop, height },
  };
}

export type Layout = ReturnType<typeof layoutOf>;
