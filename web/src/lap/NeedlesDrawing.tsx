import { Box, Flex, VisuallyHidden } from '@chakra-ui/react';
import { Circle, Line, Path, Text } from '../tape/svg';
import type { Kind } from '../settings/kinds';
import { said, type Reader } from '../units/said';
import type { NeedleGroup, Needles } from '../wire/types';
import { texts } from './texts';

const WIDTH = 340;
const HEIGHT = 150;
/** Where the two needles end, and how far their middles bow apart. */
const [LEFT, RIGHT, MIDDLE, BOW] = [34, 306, 72, 44];
/** Loops drawn in a half at most: they say “loops”, the number says how many. */
const MOST_LOOPS = 16;
/** How far a straight needle crosses the next one. */
const CROSSES = 14;

interface NeedlesDrawingProps {
  needles: Needles;
  reader: Reader;
}

/** What is on the needles, on threads and on waste yarn, drawn as the work is held; and the same in words. */
export function NeedlesDrawing({ needles, reader }: NeedlesDrawingProps) {
  const held = needles.groups;
  const edge = held[0]?.edge;
  const top = held.length === 1 && held[0]?.first ? MIDDLE - 16 : 0;
  const yarns = needles.yarns.filter((yarn) => yarn.edge === edge);
  const say = (template: string) => said({ template, amounts: {} }, reader);
  const left = reader.hand === 'left';
  return (
    <Flex direction="column" align="center" data-testid="needles">
      {held.length > 0 && (
        <svg
          viewBox={`0 ${top} ${WIDTH} ${HEIGHT - top}`}
          style={{ width: `min(100%, ${WIDTH}px)` }}
          aria-hidden
        >
          <g transform={left ? `matrix(-1 0 0 1 ${WIDTH} 0)` : undefined}>
            {held.map((group) => (
              <Half key={group.name} group={group} kind={reader.kind} alone={held.length === 1} />
            ))}
            {held.length > 1 && <Joined groups={held} kind={reader.kind} />}
            {needles.line && edge === 'HEEL' && <Between line={needles.line} />}
            {yarns.map(({ role, at: where }) => (
              <Hanging key={role.id} contrast={role.id === 'CONTRAST'} where={where} />
            ))}
          </g>
          {held.map((group) => (
            <Text
              key={group.name}
              x={WIDTH / 2}
              y={group.first ? MIDDLE + BOW + 22 : MIDDLE - BOW - 10}
              fontSize="14"
              textAnchor="middle"
              fill="ink"
            >
              {texts.onNeedle(say(group.name), onEach(group, reader.kind))}
            </Text>
          ))}
        </svg>
      )}
      <Box as="ul" listStyleType="none" fontSize="sm" aria-hidden>
        {needles.waiting.map(({ name, by, loops }) => (
          <Flex as="li" key={`${name} ${by}`} align="center" gap={2}>
            <Sample waste={by === 'WASTE'} />
            {texts.waits(say(name), loops, by === 'WASTE')}
          </Flex>
        ))}
      </Box>
      <VisuallyHidden>
        <ul>
          {needles.words.map((words) => (
            <li key={words}>{say(words)}</li>
          ))}
        </ul>
      </VisuallyHidden>
    </Flex>
  );
}

/** How many loops of a half are on each needle that holds some of it. */
function onEach({ loops, doubles, round }: NeedleGroup, kind: Kind): readonly number[] {
  return kind === 'DOUBLE_POINTS' || (kind === 'SHORT_CIRCULAR' && !round) ? doubles : [loops];
}

interface Point {
  x: number;
  y: number;
}

/** The curve of a half on one needle, and what of it lies beyond the loops at either end. */
const [BEND, BEYOND] = [BOW * 1.95, 0.07];
/** Where the ends of the curve are; a long needle’s are apart at the left, for its cable to turn. */
const [FROM, TO, APART] = [RIGHT + 14, LEFT - 14, 9];

/** A point of a half, from its right end to its left one, where it bows. */
function bowed(part: number, front: boolean): Point {
  const t = BEYOND + part * (1 - 2 * BEYOND);
  const bow = 2 * t * (1 - t) * BEND;
  return { x: FROM + t * (TO - FROM), y: MIDDLE + (front ? bow : -bow) };
}

/** The same where straight needles hold it: two of them meet in its middle. */
function straight(part: number, front: boolean): Point {
  const bow = Math.min(part, 1 - part) * 2 * BOW;
  return { x: RIGHT - part * (RIGHT - LEFT), y: MIDDLE + (front ? bow : -bow) };
}

/** The needle or needles of a half with its loops: the half that is worked first lies in front. */
function Half({ group, kind, alone }: { group: NeedleGroup; kind: Kind; alone: boolean }) {
  const { first: front } = group;
  const loops = Math.min(group.loops, MOST_LOOPS);
  const angled = onEach(group, kind).length > 1;
  const at = angled ? straight : bowed;
  const looks = {
    stroke: 'ink',
    strokeLinecap: 'round',
    opacity: alone || front ? 1 : 0.7,
  } as const;
  return (
    <>
      {angled ? (
        [
          [straight(0, front), straight(0.5, front)] as const,
          [straight(0.5, front), straight(1, front)] as const,
        ].map(([from, to]) => (
          <Line key={from.x} {...crossing(from, to)} strokeWidth="3.5" {...looks} />
        ))
      ) : (
        <Path
          d={bow(front, kind === 'LONG_LOOP' && !alone)}
          fill="none"
          strokeWidth={kind === 'LONG_LOOP' && !front && !alone ? '1.6' : '3'}
          {...looks}
        />
      )}
      {Array.from({ length: loops }, (_, i) => {
        const { x, y } = at((i + 0.5) / loops, front);
        return <Circle key={i} cx={x} cy={y} r="4.5" fill="none" stroke="live" strokeWidth="2.5" />;
      })}
    </>
  );
}

/** A needle from point to point, on beyond both. */
function crossing(from: Point, to: Point): { x1: number; y1: number; x2: number; y2: number } {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const [dx, dy] = [((to.x - from.x) / length) * CROSSES, ((to.y - from.y) / length) * CROSSES];
  return { x1: from.x - dx, y1: from.y - dy, x2: to.x + dx, y2: to.y + dy };
}

/** A half on one needle. */
function bow(front: boolean, long: boolean): string {
  const way = front ? 1 : -1;
  return `M${FROM},${MIDDLE} Q${WIDTH / 2},${MIDDLE + way * BEND} ${TO},${MIDDLE + (long ? way * APART : 0)}`;
}

/** What makes two halves one round: the cable of a long needle, or the markers on a short one that goes round. */
function Joined({ groups, kind }: { groups: readonly NeedleGroup[]; kind: Kind }) {
  if (kind === 'LONG_LOOP') {
    return (
      <Path
        d={`M${TO},${MIDDLE - APART} C${TO - 22},${MIDDLE - 1} ${TO - 22},${MIDDLE + 1} ${TO},${MIDDLE + APART}`}
        fill="none"
        stroke="ink"
        strokeWidth="1.6"
      />
    );
  }
  return kind === 'SHORT_CIRCULAR' && groups.every(({ round }) => round) ? (
    <>
      {[LEFT - 8, RIGHT + 8].map((x) => (
        <Circle key={x} cx={x} cy={MIDDLE} r="8" fill="none" stroke="chosen" strokeWidth="2.5" />
      ))}
    </>
  ) : null;
}

interface HangingProps {
  contrast: boolean;
  where: Needles['yarns'][number]['at'];
}

const HANGS: Record<HangingProps['where'], [x: number, y: number, drop: number]> = {
  START: [RIGHT + 12, MIDDLE, 66],
  FAR: [LEFT - 12, MIDDLE, 66],
  MIDDLE: [(LEFT + RIGHT) / 2 + 62, MIDDLE + BOW - 6, 30],
};

/** The yarn, from where its next stitch goes. */
function Hanging({ contrast, where }: HangingProps) {
  const [x, y, drop] = HANGS[where];
  const away = where === 'FAR' ? -1 : 1;
  return (
    <>
      <Path
        d={`M${x - away * 6},${y} q${away * 16},${drop * 0.21} ${away * 6},${drop * 0.52} t${away * 4},${drop * 0.45}`}
        fill="none"
        stroke={contrast ? 'chosen' : 'ink'}
        strokeWidth="2"
        strokeDasharray={contrast ? '5 3' : undefined}
      />
      <Circle cx={x + away * 4} cy={y + drop} r="7" fill={contrast ? 'chosen' : 'ink'} />
    </>
  );
}

/** The rows that lie between the two needles of an opening. */
function Between({ line }: { line: NonNullable<Needles['line']> }) {
  const open = line.state === 'OPEN' || line.state === 'SHUT';
  if (open && line.corner === 0) {
    return null;
  }
  return (
    <>
      {line.threads > 0 && !open && <Threads both={line.threads > 1} />}
      {Array.from({ length: line.rows }, (_, i) => {
        const y = MIDDLE + (i - (line.rows - 1) / 2) * 12;
        const looks = {
          y1: y,
          y2: y,
          stroke: line.waste ? 'amiss' : 'quiet',
          strokeWidth: 6,
          strokeDasharray: '7 4',
        };
        return open ? (
          <g key={i}>
            <Line x1={LEFT + 4} x2={LEFT + 4 + STUB} {...looks} />
            <Line x1={RIGHT - 4 - STUB} x2={RIGHT - 4} {...looks} />
          </g>
        ) : (
          <Line key={i} x1={LEFT + 22} x2={RIGHT - 22} {...looks} />
        );
      })}
      {line.state === 'CUT' && (
        <Path
          d={`M${WIDTH / 2 - 7},${MIDDLE + 9} l14,-18 m-14,0 l14,18`}
          stroke="cut"
          strokeWidth="3"
          fill="none"
        />
      )}
    </>
  );
}

/** What is left of the row at either corner. */
const STUB = 29;

/** Threads lie beside the needles, on their inner side. */
function Threads({ both }: { both: boolean }) {
  const inner = (way: number) =>
    `M${RIGHT - 6},${MIDDLE + way * 5} Q${WIDTH / 2},${MIDDLE + way * (BEND - 26)} ${LEFT + 6},${MIDDLE + way * 5}`;
  return (
    <>
      {(both ? [1, -1] : [1]).map((way) => (
        <Path
          key={way}
          d={inner(way)}
          fill="none"
          stroke="live"
          strokeWidth="2"
          strokeDasharray="3 3"
        />
      ))}
    </>
  );
}

/** How a thread looks in the list, and how waste yarn does. */
function Sample({ waste }: { waste: boolean }) {
  return (
    <svg viewBox="0 0 36 10" width="36" height="10" aria-hidden>
      <Line
        x1="2"
        x2="34"
        y1="5"
        y2="5"
        stroke={waste ? 'amiss' : 'live'}
        strokeWidth={waste ? 5 : 2}
        strokeDasharray={waste ? '6 3' : '3 3'}
      />
    </svg>
  );
}
