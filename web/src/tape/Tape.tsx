import { Box, chakra, Flex, Text as Words, VisuallyHidden } from '@chakra-ui/react';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { AxisRound, Plan } from '../api/types';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText, lengthText, valueText } from '../units/units';
import { Measure, TAPE_HEIGHT } from './Measure';
import { scaleFor, type Scale } from './scale';
import { OpeningLine, PocketShape, TubeShape } from './SockShape';
import { SectionTable } from './SectionTable';
import { useWidth } from './useWidth';

const Line = chakra('line');
const Path = chakra('path');
const Text = chakra('text');

const MARGIN = 14;
const MARK_LANE = 26;
const GAP = 12;
const SECTION_NAMES = {
  TOE: 'toe',
  FOOT: 'foot',
  LEG: 'leg',
  CUFF: 'cuff',
  HEEL: 'heel',
  ENDS: '',
  CONTRAST_ENDS: '',
};

interface TapeProps {
  plan: Plan;
  colour?: string;
}

/** The sock to scale along a tape, with a needle that reads it round by round. */
export function Tape({ plan, colour }: TapeProps) {
  const { lengths } = useSettings();
  const [measure, width] = useWidth(860);
  const [chosen, setChosen] = useState<number | undefined>();
  const { outline, axis } = plan;
  const scale = scaleFor(outline, width, MARGIN);
  const round = Math.min(chosen ?? plan.tube.openingRound.value, axis.length);
  const at = axis[round - 1];

  const tapeTop = MARK_LANE;
  const tubeTop = tapeTop + TAPE_HEIGHT + 8;
  const tubeBottom = tubeTop + outline.widthMm * scale.perMm;
  const pocketTop = tubeBottom + GAP;
  const height = pocketTop + plan.heel.depth.value * scale.perMm + 8;

  const follow = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const mm = (event.clientX - box.left - MARGIN) / scale.perMm;
    const under = axis.find(({ mmFromToe }) => mmFromToe >= mm) ?? axis[axis.length - 1];
    setChosen(under?.round);
  };
  const move = (event: KeyboardEvent) => {
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
        aria-label="Needle on the tape; arrow keys move it by a round, with shift by ten"
        aria-valuemin={1}
        aria-valuemax={axis.length}
        aria-valuenow={round}
        aria-valuetext={at ? reading(plan, at, lengths) : ''}
        onPointerMove={follow}
        onPointerDown={follow}
        onPointerLeave={() => setChosen(undefined)}
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
        <TubeShape outline={outline} scale={scale} top={tubeTop} colour={colour} />
        <Captions plan={plan} scale={scale} top={tubeTop} bottom={tubeBottom} lengths={lengths} />
        <OpeningLine outline={outline} scale={scale} top={tubeTop} />
        <PocketShape outline={outline} scale={scale} top={pocketTop} colour={colour} />
        <PocketCaption plan={plan} scale={scale} top={pocketTop} width={width} lengths={lengths} />
        <OpeningMark plan={plan} scale={scale} lengths={lengths} width={width} />
        {at && <Needle x={scale.x(at.mmFromToe)} top={MARK_LANE - 4} bottom={height} />}
      </svg>
      <Flex mt={2} gap={2} align="baseline" minH="24px" data-testid="needle-reading">
        <Words color="quiet" fontSize="sm" flexShrink={0}>
          Needle
        </Words>
        <Words fontSize="sm">{at ? reading(plan, at, lengths) : ''}</Words>
      </Flex>
      <VisuallyHidden>
        <SectionTable plan={plan} />
      </VisuallyHidden>
    </Box>
  );
}

function keyTarget(event: KeyboardEvent, round: number, last: number): number | undefined {
  const by = event.shiftKey ? 10 : 1;
  switch (event.key) {
    case 'ArrowRight':
    case 'ArrowUp':
      return round + by;
    case 'ArrowLeft':
    case 'ArrowDown':
      return round - by;
    case 'Home':
      return 1;
    case 'End':
      return last;
    default:
      return undefined;
  }
}

/** What the needle reads in every lane. */
function reading(plan: Plan, at: AxisRound, lengths: Lengths): string {
  const here =
    at.section === 'TOE'
      ? `toe round ${at.counted} of ${plan.toe.list.length}`
      : `round ${at.counted} of the tube, in the ${SECTION_NAMES[at.section]}`;
  const opening = at.round === plan.tube.openingRound.value ? ' · the heel opens after it' : '';
  return `${here}${opening} · ${lengthText(at.mmFromToe, lengths)} from the toe tip · ${valueText(at.usedG, 'GRAMS', lengths)} of yarn used by then`;
}

function Needle({ x, top, bottom }: { x: number; top: number; bottom: number }) {
  return (
    <g pointerEvents="none" data-testid="needle">
      <Line x1={x} x2={x} y1={top} y2={bottom} stroke="chosen" strokeWidth="1.25" />
      <Path d={`M${x - 4} ${top} h8 l-4 7z`} fill="chosen" />
    </g>
  );
}

function OpeningMark({
  plan,
  scale,
  lengths,
  width,
}: {
  plan: Plan;
  scale: Scale;
  lengths: Lengths;
  width: number;
}) {
  const x = scale.x(plan.outline.openingMm);
  const left = x > width / 2;
  const where = figureText(plan.tube.openingFromToe, lengths);
  const words =
    width < 560 ? `heel opens at ${where}` : `heel opens ${where} from the toe, by its own depth`;
  return (
    <g>
      <Path d={`M${x - 5} 12 h10 l-5 9z`} fill="ink" />
      <Text
        x={left ? x - 10 : x + 10}
        y={17}
        fontSize="12.5px"
        textAnchor={left ? 'end' : 'start'}
        fill="ink"
      >
        {words}
      </Text>
    </g>
  );
}

function Captions({
  plan,
  scale,
  top,
  bottom,
  lengths,
}: {
  plan: Plan;
  scale: Scale;
  top: number;
  bottom: number;
  lengths: Lengths;
}) {
  const middle = (top + bottom) / 2;
  return (
    <g>
      {plan.outline.spans.map(({ section, fromMm, toMm, fromRound, toRound }) => {
        const room = (toMm - fromMm) * scale.perMm;
        const x = (scale.x(fromMm) + scale.x(toMm)) / 2;
        return (
          <g key={section}>
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
              {room > 70 ? `${toRound - fromRound + 1} rounds` : toRound - fromRound + 1}
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

function PocketCaption({
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
    'heel pocket, laid flat',
    `${plan.heel.list.length} rounds · ${figureText(plan.heel.depth, lengths)} deep`,
    `${plan.opening.below.value} → ${plan.heel.closingSide.value} stitches a side`,
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
