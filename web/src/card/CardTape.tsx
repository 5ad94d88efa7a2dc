import type { Plan } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { usePhone } from '../form/usePhone';
import { Measure, TAPE_HEIGHT } from '../tape/Measure';
import { scaleFor } from '../tape/scale';
import { OpeningLine, PocketShape, TubeShape } from '../tape/SockShape';
import { runsOf, StripeRuns } from '../tape/StripeRuns';
import { texts } from './texts';

/** Narrow, so that the letters of the tape are those of the card; on a phone as wide as it is. */
const [WIDTH, ON_A_PHONE] = [460, 320] as const;
const MARGIN = 8;
/** Height of the strip with the yarn’s colours. */
const STRIP = 12;

/** The tape drawing of the card: black on white whatever the light. */
export function CardTape({ plan, lengths }: { plan: Plan; lengths: Lengths }) {
  const { outline, axis, heel } = plan;
  const width = usePhone() ? ON_A_PHONE : WIDTH;
  const scale = scaleFor(outline, width, MARGIN);
  const tubeTop = TAPE_HEIGHT + 8;
  const runs = runsOf(plan);
  const stripTop = tubeTop + outline.widthMm * scale.perMm + 4;
  const pocketTop = stripTop + (runs ? STRIP + 4 : 2);
  const height = pocketTop + heel.shaping.depth.value * scale.perMm + 4;
  const shape = { outline, scale };
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="light"
      // It takes the room that the words leave, as far as the width of the card goes.
      style={{
        display: 'block',
        width: '100%',
        flex: '1 1 0',
        minHeight: '26mm',
        maxHeight: `${(height / width) * (lengths === 'INCH' ? 123 : 95)}mm`,
        margin: '1.4mm auto',
      }}
      role="img"
      aria-label={texts.theSockToScaleAlong}
    >
      <Measure lengthMm={outline.lengthMm} axis={axis} scale={scale} top={0} lengths={lengths} />
      <TubeShape {...shape} top={tubeTop} />
      <OpeningLine {...shape} top={tubeTop} />
      {runs && (
        <StripeRuns
          runs={runs}
          outline={{ ...outline, widthMm: STRIP / scale.perMm }}
          scale={scale}
          top={stripTop}
          other={plan.madeFrom?.contrast?.colour}
        />
      )}
      <PocketShape {...shape} top={pocketTop} />
    </svg>
  );
}
