import { Box } from '@chakra-ui/react';
import type { Outline, Plan } from '../wire/types';
import { lying, type Lying, type Point } from './bend';
import { Path, Text } from '../tape/svg';
import { texts } from './texts';

/** Pixels across the drawing, and room for names around it. */
const [WIDTH, ROOM] = [420, 34];
/** Millimetres from point to point along a bent edge. */
const STEP = 3;

interface FoldedSockProps {
  plan: Plan;
  /** Colour of the yarn. */
  colour: string | undefined;
}

/** The finished sock as it lies on a table, its parts named. */
export function FoldedSock({ plan, colour }: FoldedSockProps) {
  const { outline, madeFrom } = plan;
  const { contrast, contrastSections = [] } = madeFrom ?? {};
  const colourOf = (section: string) =>
    (contrastSections.some((each) => each === section) && contrast?.colour) ||
    (colour ?? 'transparent');
  const lies = lying(outline);
  const perMm = (WIDTH - 2 * ROOM) / Math.max(lies.width, 1);
  const height = lies.height * perMm + 2 * ROOM;
  const px = ([x, y]: Point): Point => [ROOM + x * perMm, ROOM + y * perMm];
  const draw = (points: readonly Point[], closed = true) =>
    `M${points
      .map((p) =>
        px(p)
          .map((n) => n.toFixed(1))
          .join(','),
      )
      .join(' L')}${closed ? ' Z' : ''}`;
  const [sole, corner, back] = lies.lips;
  const parts = outline.spans.flatMap(({ section, fromMm, toMm }) =>
    halves(fromMm, toMm, outline.openingMm).map(([from, to, part]) => ({
      section,
      d: draw(around(outline, lies, section, [from, to], part)),
    })),
  );
  return (
    <Box as="figure">
      <svg
        viewBox={`0 0 ${WIDTH} ${height.toFixed(0)}`}
        style={{ width: '100%', maxWidth: WIDTH, display: 'block', marginInline: 'auto' }}
        role="img"
        aria-label={texts.sockOnATable}
      >
        {[...parts, { section: 'HEEL', d: draw([sole, corner, back, lies.tip]) }].map(
          ({ section, d }, i) => (
            <g key={i}>
              <Path d={d} fill="fabric" />
              <path d={d} fill={colourOf(section)} opacity={STRENGTH} />
              <Path d={d} fill="none" stroke="ink" strokeWidth="1.25" strokeLinejoin="round" />
            </g>
          ),
        )}
        <Path d={draw(lies.lips, false)} fill="none" stroke="live" strokeWidth="2.5" />
        {named(outline, lies).map(([name, at, anchor]) => {
          const [x, y] = px(at);
          return (
            <Text key={name} x={x} y={y + 5} fontSize="14" fill="ink" textAnchor={anchor}>
              {name}
            </Text>
          );
        })}
      </svg>
    </Box>
  );
}

/** How strong a yarn's colour is, so that the names on it can be read. */
const STRENGTH = 0.35;

type Stretch = readonly [from: number, to: number, part: 'foot' | 'leg'];

/** A part of the tube, on either side of the heel line. */
function halves(from: number, to: number, line: number): Stretch[] {
  const found: Stretch[] = [
    [from, Math.min(to, line), 'foot'],
    [Math.max(from, line), to, 'leg'],
  ];
  return found.filter(([a, b]) => b - a > 0.01);
}

/** The edge of a part of the tube: along the instep, across, back along the sole, across. */
function around(
  { widthMm, toe, spans }: Outline,
  { tube }: Lying,
  section: string,
  [from, to]: readonly [number, number],
  part: 'foot' | 'leg',
): Point[] {
  if (section === 'TOE') {
    const base = spans[0]?.toMm ?? to;
    const edge = toe.map(({ depthMm, widthMm: wide }) => [base - depthMm, wide / 2] as const);
    return [
      ...edge.map(([x, half]) => tube(x, widthMm / 2 - half, part)),
      ...edge.toReversed().map(([x, half]) => tube(x, widthMm / 2 + half, part)),
    ];
  }
  const steps = Math.max(1, Math.ceil((to - from) / STEP));
  const along = Array.from({ length: steps + 1 }, (_, i) => from + ((to - from) * i) / steps);
  const across = Array.from({ length: 9 }, (_, i) => (i * widthMm) / 8);
  return [
    ...along.map((x) => tube(x, 0, part)),
    ...across.map((y) => tube(to, y, part)),
    ...along.toReversed().map((x) => tube(x, widthMm, part)),
    ...across.toReversed().map((y) => tube(from, y, part)),
  ];
}

type Named = readonly [name: string, at: Point, anchor: 'start' | 'middle' | 'end'];

/** The names of the parts, each where there is room for it. */
function named({ spans, widthMm, openingMm, lengthMm }: Outline, lies: Lying): Named[] {
  const toe = spans[0]?.toMm ?? 0;
  const cuff = spans.at(-1)?.fromMm ?? lengthMm;
  const half = widthMm / 2;
  const beside = widthMm * 0.12;
  const foot = (toe + openingMm) / 2;
  const [, corner] = lies.lips;
  return [
    [texts.toe, lies.tube(toe * 0.55, half, 'foot'), 'middle'],
    [texts.instep, lies.tube(foot * 0.9, -beside, 'foot'), 'middle'],
    [texts.foot, lies.tube(foot, half, 'foot'), 'middle'],
    [texts.sole, lies.tube(foot, widthMm + beside, 'foot'), 'middle'],
    [
      texts.heel,
      [(corner[0] + 1.3 * lies.tip[0]) / 2.3, (corner[1] + 1.3 * lies.tip[1]) / 2.3],
      'middle',
    ],
    [texts.leg, lies.tube((openingMm + cuff) / 2, half, 'leg'), 'middle'],
    [texts.cuff, lies.tube((cuff + lengthMm) / 2, half, 'leg'), 'middle'],
  ];
}
