import type { GistBand, Outline, Plan, StripePlan } from '../wire/types';
import { UNDYED } from './colours';
import type { Scale } from './scale';

interface StripeRunsProps {
  runs: readonly GistBand[];
  outline: Outline;
  scale: Scale;
  top: number;
  /** Whether the heel cup is drawn, else the tube. */
  heel?: boolean;
  other?: string | undefined;
}

/** Stripes of a small or printed drawing: whole rounds of a colour, with no step inside a round. */
export function StripeRuns({ runs, outline, scale, top, heel = false, other }: StripeRunsProps) {
  const mine = runs.filter((run) => (run.heel ?? false) === heel);
  const all = mine.at(-1)?.to ?? 1;
  const centre = scale.x(outline.openingMm);
  const depth = (outline.heel.at(-1)?.depthMm ?? 0) * scale.perMm;
  const mouth = (outline.heel[0]?.widthMm ?? 0) * scale.perMm;
  const long = outline.lengthMm * scale.perMm;
  return (
    <g>
      {mine.map(({ colour, from, to }) =>
        heel ? (
          <rect
            key={from}
            x={centre - mouth / 2}
            y={top + (from / all) * depth}
            width={mouth}
            height={((to - from) / all) * depth + 0.4}
            fill={colour ?? other ?? UNDYED}
          />
        ) : (
          <rect
            key={from}
            x={scale.x(0) + (from / all) * long}
            y={top}
            width={((to - from) / all) * long + 0.4}
            height={outline.widthMm * scale.perMm}
            fill={colour ?? other ?? UNDYED}
          />
        ),
      )}
    </g>
  );
}

/** The first sock of a plan as whole rounds of a colour. */
export function runsOf({ stripes }: Plan): GistBand[] | undefined {
  const sock = stripes?.socks[0];
  return stripes && sock
    ? [...runs(stripes, sock.tube, false), ...runs(stripes, sock.heel, true)]
    : undefined;
}

function runs(stripes: StripePlan, rounds: readonly { band: number }[], heel: boolean): GistBand[] {
  const found: GistBand[] = [];
  rounds.forEach(({ band }, i) => {
    const last = found.at(-1);
    if (last && rounds[i - 1]?.band === band) {
      last.to = i + 1;
    } else {
      found.push({ colour: stripes.bands[band]?.colour, heel, from: i, to: i + 1 });
    }
  });
  return found;
}
