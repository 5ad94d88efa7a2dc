import { Box, Flex, Text as Words, useMediaQuery, VisuallyHidden } from '@chakra-ui/react';
import { memo, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { Plan } from '../wire/types';
import { changeSettings, useSettings, type Lengths } from '../settings/settings';
import { figureText } from '../units/units';
import { Captions, PocketCaption } from './Captions';
import { Joins } from './Joins';
import { Measure, TAPE_HEIGHT } from './Measure';
import { keyTarget } from './keyTarget';
import { scaleFor, type Scale } from './scale';
import { OpeningLine, PocketShape, TubeShape } from './SockShape';
import type { Place } from './figures';
import { PatternMarks } from './PatternMarks';
import { PlacingMarks, placingHeight, placingLane } from './PlacingMarks';
import { lastBeforeOpening, placeOf, reading } from './reading';
import { Lit } from './Lit';
import { SecondSock } from './SecondSock';
import { useHatching } from './Hatch';
import { StripedPocket, StripedTube } from './StripedShape';
import { SectionTable } from './SectionTable';
import { useWidth } from './useWidth';
import { YARN_HEIGHT, YarnLane } from './YarnLane';
import { Line, Path, Text } from './svg';
import { LinkButton } from '../form/LinkButton';
import { texts } from './texts';

const MARGIN = 14;
const MARK_LANE = 26;
const GAP = 12;
/** Room above the second sock for its name. */
const NAMED = 26;

/** In a low window a sock that has bands above it is drawn smaller, so that its heel cup is seen with it. */
const LOW = '(min-width: 1000px) and (max-height: 900px)';
const SMALLER = 0.8;

interface TapeProps {
  plan: Plan;
  colour?: string | undefined;
  /** What is lit up, here and among the figures. */
  lit?: Place | undefined;
  onLight?: (place: Place | undefined) => void;
  /** Whether something stands above it that pushes it down. */
  belowOthers?: boolean;
  /** What can be done at the round that the cursor points at; undefined while it rests. */
  along?: ((round: number | undefined) => ReactNode) | undefined;
}

/** The sock to scale along a tape, with a needle that reads it round by round. */
export const Tape = memo(function Tape(props: TapeProps) {
  const { plan, colour, lit, onLight, along, belowOthers = false } = props;
  const { lengths } = useSettings();
  const [measure, width] = useWidth(860);
  const [chosen, setChosen] = useState<number | undefined>();
  // A press keeps the cursor where it is, so that one can get to what stands beside its reading.
  const [pinned, setPinned] = useState(false);
  const { outline, axis } = plan;
  const [low] = useMediaQuery([LOW], { ssr: false });
  const scale = scaleFor(outline, low && belowOthers ? width * SMALLER : width, MARGIN);
  const round = Math.min(chosen ?? lastBeforeOpening(plan), axis.length);
  const at = axis[round - 1];

  const [schools, setSchools] = useState(false);
  const [both, setBoth] = useState(false);
  const { hatch } = useSettings();
  const { stripes } = plan;
  const hatching = useHatching(stripes?.bands.length ?? 0);
  const marks = schools ? placingLane(plan, scale, width) : [];
  const marksHeight = placingHeight(marks);
  const tapeTop = MARK_LANE + marksHeight;
  const tubeTop = tapeTop + TAPE_HEIGHT + 8;
  const tubeBottom = tubeTop + outline.widthMm * scale.perMm;
  const pocketTop = tubeBottom + GAP;
  const pocketDepth = plan.heel.shaping.depth.value * scale.perMm;
  const secondTop = pocketTop + pocketDepth + NAMED;
  const secondShown = both && stripes !== undefined;
  const secondHeight = secondShown ? tubeBottom - tubeTop + GAP + pocketDepth + NAMED : 0;
  const yarnTop = pocketTop + pocketDepth + secondHeight + 12;
  const height = yarnTop + YARN_HEIGHT + 4;

  const other = plan.madeFrom?.contrast?.colour;
  const painted = (sock: number, what: 'tube' | 'heel', at: number) => {
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
        top={at}
        other={other}
        hatching={hatch ? hatching : undefined}
      />
    );
  };
  const press = (event: PointerEvent<SVGSVGElement>) => {
    follow(event, true);
    setPinned(true);
  };
  const follow = (event: PointerEvent<SVGSVGElement>, anew = !pinned) => {
    const box = event.currentTarget.getBoundingClientRect();
    const mm = (event.clientX - box.left - MARGIN) / scale.perMm;
    const found = axis.findIndex(({ mmFromToe }) => mmFromToe >= mm) + 1 || axis.length;
    const under = axis[found - 1];
    if (anew) {
      setChosen(found);
    }
    const y = event.clientY - box.top;
    onLight?.(under && placeOf(under.section, y > tubeBottom, y > yarnTop));
  };
  const move = (event: KeyboardEvent) => {
    if (event.key === 'Escape') {
      setPinned(false);
      setChosen(undefined);
    }
    const target = keyTarget(event, round, axis.length);
    if (target !== undefined) {
      event.preventDefault();
      setChosen(Math.min(axis.length, Math.max(1, target)));
    }
  };

  return (
    <Box ref={measure} className="figures" minW={0} overflowX="clip">
      <svg
        width={width}
        height={height}
        role="slider"
        tabIndex={0}
        aria-label={texts.cursorOnTheTapeArrow}
        aria-valuemin={1}
        aria-valuemax={axis.length}
        aria-valuenow={round}
        aria-valuetext={at ? reading(plan, round, at, lengths) : ''}
        onPointerMove={(event) => follow(event)}
        onPointerDown={press}
        onPointerLeave={() => {
          if (!pinned) {
            setChosen(undefined);
          }
          onLight?.(undefined);
        }}
        onKeyDown={move}
        style={{ display: 'block', touchAction: 'pan-y' }}
      >
        <Measure
          lengthMm={outline.lengthMm}
          axis={axis}
          scale={scale}
          top={tapeTop}
          lengths={lengths}
        />
        {hatch && hatching.defs}
        <TubeShape
          outline={outline}
          scale={scale}
          top={tubeTop}
          colour={colour}
          stripes={painted(0, 'tube', tubeTop)}
        />
        {plan.pattern && (
          <PatternMarks plan={plan} scale={scale} top={tubeTop} bottom={tubeBottom} />
        )}
        <Lit
          plan={plan}
          scale={scale}
          lit={lit}
          tubeTop={tubeTop}
          tubeBottom={tubeBottom}
          pocketTop={pocketTop}
          yarnTop={yarnTop}
        />
        <Captions
          plan={plan}
          scale={scale}
          top={tubeTop}
          bottom={tubeBottom}
          lengths={lengths}
          grounded={stripes !== undefined}
        />
        <OpeningLine outline={outline} scale={scale} top={tubeTop} />
        {along && <Joins plan={plan} scale={scale} bottom={tubeTop} />}
        <PocketShape
          outline={outline}
          scale={scale}
          top={pocketTop}
          colour={colour}
          stripes={painted(0, 'heel', pocketTop)}
        />
        <PocketCaption plan={plan} scale={scale} top={pocketTop} width={width} lengths={lengths} />
        {secondShown && (
          <SecondSock
            outline={outline}
            scale={scale}
            top={secondTop}
            pocketTop={secondTop + tubeBottom - tubeTop + GAP}
            tube={painted(1, 'tube', secondTop)}
            heel={painted(1, 'heel', secondTop + tubeBottom - tubeTop + GAP)}
          />
        )}
        <PlacingMarks marks={marks} top={0} bottom={tapeTop} lengths={lengths} />
        <OpeningMark
          plan={plan}
          scale={scale}
          lengths={lengths}
          width={width}
          top={marksHeight}
          named={!schools}
        />
        <YarnLane plan={plan} scale={scale} top={yarnTop} width={width} lengths={lengths} />
        {at && <Cursor x={scale.x(at.mmFromToe)} top={tapeTop - 4} bottom={height} />}
      </svg>
      <Flex mt={2} gap={2} align="baseline" minH="24px" wrap="wrap" data-testid="cursor-reading">
        <Words color="quiet" fontSize="sm" flexShrink={0}>
          {texts.cursor}
        </Words>
        <Words fontSize="sm" flex="1 1 16rem">
          {at ? reading(plan, round, at, lengths) : ''}
        </Words>
        <Toggle on={schools} onClick={() => setSchools(!schools)}>
          {schools ? texts.hideOtherPlacements : texts.compareHeelPlacements}
        </Toggle>
        {stripes && (
          <>
            <Toggle on={both} onClick={() => setBoth(!both)}>
              {both ? texts.showOneSock : texts.showBothSocks}
            </Toggle>
            <Toggle on={hatch} onClick={() => changeSettings({ hatch: !hatch })}>
              {hatch ? texts.coloursOnly : texts.hatchTheColours}
            </Toggle>
          </>
        )}
      </Flex>
      {along?.(chosen === undefined ? undefined : round)}
      <VisuallyHidden>
        <SectionTable plan={plan} />
      </VisuallyHidden>
    </Box>
  );
});

interface ToggleProps {
  on: boolean;
  onClick: () => void;
  children: string;
}

/** What the tape can show besides. */
function Toggle({ on, onClick, children }: ToggleProps) {
  return (
    <LinkButton aria-pressed={on} onClick={onClick} fontSize="sm" minH="24px" className="no-print">
      {children}
    </LinkButton>
  );
}

function Cursor({ x, top, bottom }: { x: number; top: number; bottom: number }) {
  return (
    <g pointerEvents="none" data-testid="needle">
      {/* Its edge keeps it apart from the tape and from any yarn, in either light. */}
      <Line x1={x} x2={x} y1={top} y2={bottom} stroke="sheet" strokeWidth="4" />
      <Line x1={x} x2={x} y1={top} y2={bottom} stroke="chosen" strokeWidth="1.5" />
      <Path d={`M${x - 4} ${top} h8 l-4 7z`} fill="chosen" />
    </g>
  );
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
