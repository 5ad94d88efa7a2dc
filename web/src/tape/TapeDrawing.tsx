import type { Plan } from '../wire/types';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText } from '../units/units';
import { Captions, PocketCaption } from './Captions';
import type { Place } from './figures';
import { useHatching } from './Hatch';
import { Joins } from './Joins';
import type { Layout } from './layout';
import { Lit } from './Lit';
import { Measure } from './Measure';
import { PatternMarks } from './PatternMarks';
import { PlacingMarks } from './PlacingMarks';
import type { Scale } from './scale';
import { SecondSock } from './SecondSock';
import { OpeningLine, PocketShape, TubeShape } from './SockShape';
import { StripedPocket, StripedTube } from './StripedShape';
import { Line, Path, Text } from './svg';
import { texts } from './texts';
import { YarnLane } from './YarnLane';

interface TapeDrawingProps {
  plan: Plan;
  layout: Layout;
  colour: string | undefined;
  lit: Place | undefined;
  /** Whether the heel line of every school is shown, and whether both socks are. */
  schools: boolean;
  both: boolean;
  /** Whether places are marked where the heel line could meet a colour. */
  joins: boolean;
}

/** Everything on the tape but the cursor, from the marks at its head to the yarn at its foot. */
export function TapeDrawing({ plan, layout, ...shown }: TapeDrawingProps) {
  const { lengths } = useSettings();
  const { outline, axis } = plan;
  const { width, scale, marks, marksHeight, tapeTop, tubeTop, yarnTop } = layout;
  return (
    <>
      <Measure
        lengthMm={outline.lengthMm}
        axis={axis}
        scale={scale}
        top={tapeTop}
        lengths={lengths}
        named
      />
      <Socks plan={plan} layout={layout} lengths={lengths} {...shown} />
      <PlacingMarks marks={marks} top={0} bottom={tapeTop} lengths={lengths} />
      {shown.joins && <Joins plan={plan} scale={scale} bottom={tubeTop} />}
      <OpeningMark
        plan={plan}
        scale={scale}
        lengths={lengths}
        width={width}
        top={marksHeight}
        named={!shown.schools}
      />
      <YarnLane plan={plan} scale={scale} top={yarnTop} width={width} lengths={lengths} />
    </>
  );
}

interface SocksProps extends Omit<TapeDrawingProps, 'schools' | 'joins'> {
  lengths: Lengths;
}

/** The sock, its heel cup, what of them is lit, and the second sock where it is shown. */
function Socks({ plan, layout, colour, lit, both, lengths }: SocksProps) {
  const { outline, stripes } = plan;
  const { width, scale, tubeTop, tubeBottom, pocketTop, secondTop, secondPocketTop, yarnTop } =
    layout;
  const { defs, painted } = usePainted(plan, scale);
  return (
    <>
      {defs}
      <TubeShape
        outline={outline}
        scale={scale}
        top={tubeTop}
        colour={colour}
        stripes={painted(0, 'tube', tubeTop)}
      />
      {plan.pattern && <PatternMarks plan={plan} scale={scale} top={tubeTop} bottom={tubeBottom} />}
      <Lit plan={plan} lit={lit} {...{ scale, tubeTop, tubeBottom, pocketTop, yarnTop }} />
      <Captions
        plan={plan}
        scale={scale}
        top={tubeTop}
        bottom={tubeBottom}
        lengths={lengths}
        grounded={stripes !== undefined}
      />
      <OpeningLine outline={outline} scale={scale} top={tubeTop} />
      <PocketShape
        outline={outline}
        scale={scale}
        top={pocketTop}
        colour={colour}
        stripes={painted(0, 'heel', pocketTop)}
      />
      <PocketCaption plan={plan} scale={scale} top={pocketTop} width={width} lengths={lengths} />
      {both && (
        <SecondSock
          outline={outline}
          scale={scale}
          top={secondTop}
          pocketTop={secondPocketTop}
          tube={painted(1, 'tube', secondTop)}
          heel={painted(1, 'heel', secondPocketTop)}
        />
      )}
    </>
  );
}

/** The stripes of a tube or a heel cup, hatched where that is wanted. */
function usePainted(plan: Plan, scale: Scale) {
  const { hatch } = useSettings();
  const { stripes, outline } = plan;
  const hatching = useHatching(stripes?.bands.length ?? 0);
  const other = plan.madeFrom?.contrast?.colour;
  const painted = (sock: number, what: 'tube' | 'heel', top: number) => {
    const rounds = stripes?.socks[sock]?.[what];
    if (!stripes || !rounds) {
      return undefined;
    }
    const Striped = what === 'tube' ? StripedTube : StripedPocket;
    return (
      <Striped
        stripes={stripes}
        rounds={rounds}
        outline={outline}
        scale={scale}
        top={top}
        other={other}
        hatching={hatch ? hatching : undefined}
      />
    );
  };
  return { defs: hatch && hatching.defs, painted };
}

export function Cursor({ x, top, tapeTop, bottom }: CursorProps) {
  // The tape's numbers stay to be read.
  const parts = [
    [top, tapeTop + 9],
    [tapeTop + 23, tapeTop + 27],
    [tapeTop + 39, bottom],
  ] as const;
  return (
    <g pointerEvents="none" data-testid="needle">
      {parts.map(([y1, y2]) => (
        <g key={y1}>
          {/* Its edge keeps it apart from the tape and from any yarn, in either light. */}
          <Line x1={x} x2={x} y1={y1} y2={y2} stroke="sheet" strokeWidth="4" />
          <Line x1={x} x2={x} y1={y1} y2={y2} stroke="chosen" strokeWidth="1.5" />
        </g>
      ))}
      <Path d={`M${x - 4} ${top} h8 l-4 7z`} fill="chosen" />
    </g>
  );
}

interface CursorProps {
  x: number;
  top: number;
  tapeTop: number;
  bottom: number;
}

function OpeningMark({
  plan,
  scale,
  lengths,
  width,
  top,
  named,
}: {
  plan: Plan;
  scale: Scale;
  lengths: Lengths;
  width: number;
  top: number;
  /** Whether its name stands beside it; among the other schools' it stands with them. */
  named: boolean;
}) {
  const x = scale.x(plan.outline.openingMm);
  const left = x > width / 2;
  const where = figureText(plan.tube.heelLine.fromToe, lengths);
  const words =
    width < 560
      ? texts.heelLineAt(where)
      : texts.heelLineFromTheToe(where, plan.tube.heelLine.placing.school.title);
  return (
    <g>
      <Path d={`M${x - 5} ${top + 12} h10 l-5 9z`} fill="ink" />
      {named && (
        <Text
          x={left ? x - 10 : x + 10}
          y={top + 17}
          fontSize="12.5px"
          textAnchor={left ? 'end' : 'start'}
          fill="ink"
        >
          {words}
        </Text>
      )}
    </g>
  );
}
