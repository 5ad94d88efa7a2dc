import { Circle, Line, Path, Rect, Text } from '../tape/svg';
import type { PatternRow } from '../wire/types';
import { Stitch, type Cell, Purl } from './Stitch';

const W = 15;
const H = 12;
const NUMBERS = 30;

interface RepeatProps {
  rows: readonly PatternRow[];
  /** Which round is due, from 1; none where nothing is knitted. */
  due?: number | undefined;
  /** Whether rounds are knitted from left to right, as left-handers do. */
  leftHanded: boolean;
  /** At most so many rounds are drawn, around the one that is due. */
  most?: number;
}

/**
 * A repeat as fabric: its first round below, its first stitch where the round begins. The rounds stand in words beside it,
 * so it is hidden from screen readers.
 */
export function Repeat({ rows, due, leftHanded, most = 40 }: RepeatProps) {
  // Every stitch that is made stands on one of the round below: a repeat is as wide as it was.
  const width = rows[0]?.stitches.length ?? 0;
  const first = Math.max(0, Math.min((due ?? 1) - Math.ceil(most / 2), rows.length - most));
  const shown = rows.slice(first, first + most);
  const all = { w: width * W + 2 * NUMBERS, h: shown.length * H + 10 };
  return (
    <span
      aria-hidden
      style={{
        display: 'block',
        width: '100%',
        maxWidth: Math.min(420, all.w * 1.5),
        margin: 'auto',
      }}
    >
      <svg viewBox={`0 0 ${all.w} ${all.h}`} width="100%" style={{ maxHeight: '34vh' }}>
        {shown.map((row, i) => {
          const round = first + i + 1;
          const y = (shown.length - 1 - i) * H + 2;
          const isDue = round === due;
          return (
            <g key={round}>
              {isDue && <Rect x={0} y={y - 1} width={all.w} height={H + 1} fill="chosenGround" />}
              {row.stitches.map((stitch, at) => (
                <Made
                  key={at}
                  stitch={stitch}
                  mirrored={leftHanded}
                  faded={due !== undefined && !isDue}
                  x={NUMBERS + (leftHanded ? at : width - 1 - at) * W}
                  y={y}
                  w={W}
                  h={H}
                />
              ))}
              <Text
                x={leftHanded ? NUMBERS - 6 : all.w - NUMBERS + 6}
                y={y + H - 2}
                fontSize="10"
                fontWeight={isDue ? '700' : '400'}
                textAnchor={leftHanded ? 'end' : 'start'}
                fill={isDue ? 'ink' : 'quiet'}
              >
                {round}
              </Text>
            </g>
          );
        })}
      </svg>
    </span>
  );
}

interface MadeProps extends Cell {
  stitch: PatternRow['stitches'][number];
  mirrored: boolean;
  faded: boolean;
}

/** One stitch as it looks in the fabric. */
function Made({ stitch, mirrored, faded, ...cell }: MadeProps) {
  const { x, y, w, h } = cell;
  const side = mirrored ? -1 : 1;
  const fill = faded ? 'sheet' : 'fabric';
  const stroke = faded ? 'quiet' : 'ink';
  switch (stitch) {
    case 'PURL':
      return <Purl {...cell} fill={fill} stroke={stroke} />;
    case 'P2TOG':
      return (
        <>
          <Purl {...cell} fill={fill} stroke={stroke} />
          <Line x1={x + 2} y1={y + h} x2={x + w - 2} y2={y + 2} stroke={stroke} strokeWidth="1" />
        </>
      );
    case 'YARN_OVER':
      return (
        <Circle
          cx={x + w / 2}
          cy={y + h / 2 + 1}
          r={h * 0.34}
          fill="none"
          stroke={stroke}
          strokeWidth="1.6"
        />
      );
    case 'SSK':
      return <Stitch {...cell} fill={fill} lean={0.4 * side} />;
    case 'K2TOG':
      return <Stitch {...cell} fill={fill} lean={-0.4 * side} />;
    case 'SK2P':
      return (
        <>
          <Stitch {...cell} fill={fill} lean={-0.5} />
          <Stitch {...cell} fill={fill} lean={0.5} />
        </>
      );
    case 'SLIP':
      return <Stitch {...cell} h={h * 1.7} fill={fill} />;
    case 'TWISTED':
      return (
        <>
          <Stitch {...cell} fill={fill} />
          <Path
            d={`M${x + w * 0.3},${y + h * 1.25} L${x + w * 0.7},${y + h * 0.85} M${x + w * 0.7},${y + h * 1.25} L${x + w * 0.3},${y + h * 0.85}`}
            stroke={stroke}
            strokeWidth="1.2"
            fill="none"
          />
        </>
      );
    case 'KNIT':
      return <Stitch {...cell} fill={fill} />;
  }
}
