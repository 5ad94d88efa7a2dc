import { useId } from 'react';
import type { GistBand, LapGist, Outline, Pair, Section } from '../wire/types';
import { StripeRuns } from '../tape/StripeRuns';
import { scaleFor, type Scale } from '../tape/scale';
import { SockMarks, type SockMark } from './SockMarks';
import { OpeningLine, PocketShape, TubeShape } from '../tape/SockShape';

type Way = NonNullable<Pair['gist']>['way'];

const WIDTH = 480;
const MARGIN = 4;

interface SockThumbProps {
  outline: Outline;
  /** The longest sock of all that are shown together, so that they keep their proportions. */
  longestMm: number;
  colour?: string | undefined;
  /** How much of each section is knitted; left out where nothing is. */
  knitted?: LapGist['knitted'] | undefined;
  way: Way;
  /** Its stripes, where it has any. */
  stripes?: readonly GistBand[] | undefined;
  /** Numbered places of it. */
  marks?: readonly SockMark[];
}

/** A small drawing of a sock, to a scale that is the same for all shown together. */
export function SockThumb(props: SockThumbProps) {
  const { outline, longestMm, colour, knitted, way, stripes, marks = [] } = props;
  const id = useId();
  const scale = scaleFor({ ...outline, lengthMm: longestMm }, WIDTH, MARGIN);
  const pocketTop = MARGIN + outline.widthMm * scale.perMm + 6;
  const depth = outline.heel.at(-1)?.depthMm ?? 0;
  const height = pocketTop + depth * scale.perMm + MARGIN;
  const shape = colour ? { outline, scale, colour } : { outline, scale };
  const tube = stripes && (
    <StripeRuns runs={stripes} outline={outline} scale={scale} top={MARGIN} />
  );
  const pocket = stripes && (
    <StripeRuns heel runs={stripes} outline={outline} scale={scale} top={pocketTop} />
  );
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      style={{ display: 'block', maxWidth: WIDTH }}
    >
      <TubeShape {...shape} top={MARGIN} stripes={tube && <g opacity={PALE}>{tube}</g>} />
      <PocketShape {...shape} top={pocketTop} stripes={pocket && <g opacity={PALE}>{pocket}</g>} />
      {knitted && (
        <>
          <clipPath id={id}>
            <Done
              outline={outline}
              scale={scale}
              knitted={knitted}
              way={way}
              heelTop={pocketTop}
              depth={depth}
            />
          </clipPath>
          <g clipPath={`url(#${id})`}>
            <TubeShape
              {...shape}
              colour={colour ?? PLAIN}
              strength={1}
              top={MARGIN}
              stripes={tube}
            />
            <PocketShape
              {...shape}
              colour={colour ?? PLAIN}
              strength={1}
              top={pocketTop}
              stripes={pocket}
            />
          </g>
        </>
      )}
      <OpeningLine {...shape} top={MARGIN} />
      <SockMarks marks={marks} outline={outline} scale={scale} top={MARGIN} heelTop={pocketTop} />
    </svg>
  );
}

interface DoneProps extends Pick<SockThumbProps, 'outline' | 'way'> {
  scale: Scale;
  knitted: Knitted;
  heelTop: number;
  /** How deep the heel is, in millimetres. */
  depth: number;
}

/** What is knitted of the tube above and of the heel below it. */
function Done({ outline, scale, knitted, way, heelTop, depth }: DoneProps) {
  return (
    <>
      {doneParts(outline, knitted, way).map(({ section, fromMm, toMm }) => (
        <rect
          key={section}
          x={scale.x(fromMm)}
          y={0}
          width={Math.max(0, (toMm - fromMm) * scale.perMm)}
          height={heelTop - 4}
        />
      ))}
      <rect
        x={0}
        y={heelTop - 2}
        width={WIDTH}
        height={depth * scale.perMm * (shareOf(knitted, 'HEEL') ?? 0)}
      />
    </>
  );
}

/** How strong stripes are where nothing is knitted yet. */
const PALE = 0.4;

/** The colour of what is knitted where no yarn was named. */
const PLAIN = '#8b979f';

type Knitted = NonNullable<SockThumbProps['knitted']>;

function shareOf(knitted: Knitted, section: Section): number | undefined {
  return knitted.find((part) => part.section === section)?.share;
}

/** The knitted part of every section along the tube: it grows with the work, from the toe up or from the cuff down. */
function doneParts(outline: Outline, knitted: Knitted, way: Way) {
  return outline.spans.map(({ section, fromMm, toMm }) => {
    // Of a ready tube, foot and leg are there before anything is knitted.
    const done = (toMm - fromMm) * (shareOf(knitted, section) ?? (way === 'READY_TUBE' ? 1 : 0));
    // A toe that is knitted last grows towards its tip.
    const fromRight = way === 'CUFF_DOWN' || (section === 'TOE' && !toeIsFirst(knitted));
    return fromRight
      ? { section, fromMm: toMm - done, toMm }
      : { section, fromMm, toMm: fromMm + done };
  });
}

/** Whether the toe was begun before the foot was done, so that it came first. */
function toeIsFirst(knitted: Knitted): boolean {
  return (shareOf(knitted, 'TOE') ?? 0) > 0 && (shareOf(knitted, 'FOOT') ?? 0) < 1;
}
