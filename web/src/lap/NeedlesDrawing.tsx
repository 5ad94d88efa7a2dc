import { Box, Flex, VisuallyHidden } from '@chakra-ui/react';
import { Circle, Line, Path, Text } from '../tape/svg';
import type { NeedleGroup, Needles } from '../wire/types';
import { texts } from './texts';

const WIDTH = 340;
const HEIGHT = 150;
/** Where the two needles end, and how far their middles bow apart. */
const [LEFT, RIGHT, MIDDLE, BOW] = [34, 306, 72, 44];
/** Loops drawn on a needle at most: they say “loops”, the number says how many. */
const MOST_LOOPS = 16;

/** What is on the needles, on threads and on waste yarn, drawn as the work is held; and the same in words. */
export function NeedlesDrawing({ needles, left }: { needles: Needles; left: boolean }) {
  const held = needles.groups;
  const edge = held[0]?.edge;
  const top = held.length === 1 && held[0]?.first ? MIDDLE - 16 : 0;
  const yarns = needles.yarns.filter((yarn) => yarn.edge === edge);
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
              <OneNeedle key={group.name} group={group} alone={held.length === 1} />
            ))}
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
              {texts.onNeedle(group.name, group.loops)}
            </Text>
          ))}
        </svg>
      )}
      <Box as="ul" listStyleType="none" fontSize="sm" aria-hidden>
        {needles.waiting.map(({ name, by, loops }) => (
          <Flex as="li" key={`${name} ${by}`} align="center" gap={2}>
            <Sample waste={by === 'WASTE'} />
            {texts.waits(name, loops, by === 'WASTE')}
          </Flex>
        ))}
      </Box>
      <VisuallyHidden>
        <ul>
          {needles.words.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      </VisuallyHidden>
    </Flex>
  );
}

/** A point of a needle, from its right end to its left one. */
function at(part: number, front: boolean): { x: number; y: number } {
  const bow = Math.sin(part * Math.PI) * BOW;
  return { x: RIGHT - part * (RIGHT - LEFT), y: MIDDLE + (front ? bow : -bow) };
}

/** A needle with its loops: the one that is worked first lies in front. */
function OneNeedle({ group, alone }: { group: NeedleGroup; alone: boolean }) {
  const { first: front } = group;
  const loops = Math.min(group.loops, MOST_LOOPS);
  const bend = front ? MIDDLE + BOW * 1.35 : MIDDLE - BOW * 1.35;
  return (
    <>
      <Path
        d={`M${RIGHT + 14},${MIDDLE} Q${(LEFT + RIGHT) / 2},${bend + (front ? BOW * 0.6 : -BOW * 0.6)} ${LEFT - 14},${MIDDLE}`}
        fill="none"
        stroke="ink"
        strokeWidth="3"
        strokeLinecap="round"
        opacity={alone || front ? 1 : 0.7}
      />
      {Array.from({ length: loops }, (_, i) => {
        const { x, y } = at((i + 0.5) / loops, front);
        return <Circle key={i} cx={x} cy={y} r="4.5" fill="none" stroke="live" strokeWidth="2.5" />;
      })}
    </>
  );
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
  const corner = (LEFT + RIGHT) / 2 - 112;
  return (
    <>
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
            <Line x1={LEFT + 22} x2={corner} {...looks} />
            <Line x1={WIDTH - corner} x2={RIGHT - 22} {...looks} />
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
