import { Leg, Loop, Stitch } from './Stitch';
import { TurnedStitch, type Turning } from './TurnedStitch';
import { useSettings } from '../settings/settings';
import { Circle, Line, Path, Text } from '../tape/svg';
import type { LapStep } from '../wire/types';
import { texts } from './texts';

const WIDTH = 306;
const W = 34;
const H = 26;
/** From the edge of the picture to the first of seven stitches. */
const FROM = 34;
const SEVEN = [0, 1, 2, 3, 4, 5, 6] as const;

type Picture = NonNullable<LapStep['picture']>;

/** What is written in a picture, and where: beside the drawing, so that a mirrored one can be read. */
type Words = readonly (readonly [x: number, y: number, words: string])[];

interface Drawn {
  height: number;
  drawing: React.ReactNode;
  words: Words;
}

/** How it looks in the hands, turned as the work is held; told in words above it. */
export function TechniqueDrawing({ picture }: { picture: Picture }) {
  const left = useSettings().hand === 'left';
  const { height, drawing, words } = PICTURES[picture];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      style={{ width: 'min(100%, 340px)', maxHeight: '24dvh' }}
      data-picture={picture}
      aria-hidden
    >
      <g transform={left ? `matrix(-1 0 0 1 ${WIDTH} 0)` : undefined}>{drawing}</g>
      {words.map(([x, y, text]) => (
        <Text
          key={text}
          x={left ? WIDTH - x : x}
          y={y}
          fontSize="14px"
          textAnchor="middle"
          fill="ink"
        >
          {text}
        </Text>
      ))}
    </svg>
  );
}

function Needle({ y, from = 8, to = WIDTH - 8 }: { y: number; from?: number; to?: number }) {
  return (
    <Line x1={from} x2={to} y1={y} y2={y} stroke="ink" strokeWidth="5" strokeLinecap="round" />
  );
}

function Strand({ d, colour = 'live' }: { d: string; colour?: string }) {
  return <Path d={d} fill="none" stroke={colour} strokeWidth="4" strokeLinecap="round" />;
}

/** A row of fabric. */
function Row({ y, fill }: { y: number; fill?: string }) {
  return SEVEN.map((column) => (
    <Stitch key={column} x={FROM + column * W} y={y} w={W} h={H} {...(fill && { fill })} />
  ));
}

/** Loops on a needle, standing on the fabric below or hanging from the one above. */
function Loops({ y, fill, down = false }: { y: number; fill: string; down?: boolean }) {
  return SEVEN.map((column) => (
    <Loop key={column} x={FROM + column * W} y={y} w={W} h={H} fill={fill} down={down} />
  ));
}

/** The strand of a closed start, over one needle and under the other in turn. */
function closed(): string {
  const over = SEVEN.map((column) => {
    const x = FROM + column * W;
    return `C${x + 2},26 ${x + 24},26 ${x + 26},44 L${x + 8},92 C${x + 8},110 ${x + 30},110 ${x + 32},92 L${x + 34},44`;
  });
  return `M${FROM - 24},110 Q${FROM - 10},80 ${FROM},44 ${over.join(' ')}`;
}

const CLOSED: Drawn = {
  height: 150,
  drawing: (
    <>
      <Strand d={closed()} />
      <Needle y={44} />
      <Needle y={92} />
    </>
  ),
  words: [
    [WIDTH / 2, 18, texts.halfOnThisNeedle],
    [WIDTH / 2, 132, texts.halfOnTheOther],
  ],
};

const WASTE_START: Drawn = {
  height: 160,
  drawing: (
    <>
      <Loops y={10} fill="live" />
      <Row y={36} />
      <Row y={62} fill="amissGround" />
      <Row y={88} fill="amissGround" />
      <Needle y={20} />
    </>
  ),
  words: [[WIDTH / 2, 150, texts.wasteBelowYarnAbove]],
};

const CHAIN_START: Drawn = {
  height: 130,
  drawing: (
    <>
      <Loops y={10} fill="live" />
      <Row y={36} />
      {SEVEN.map((column) => (
        <Path
          key={column}
          d={`M${FROM + column * W - 4},82 q${W / 2 + 2},-16 ${W + 6},0 q${-W / 2 - 2},16 ${-W - 6},0 Z`}
          fill="amissGround"
          stroke="ink"
          strokeWidth="0.9"
        />
      ))}
      <Needle y={20} />
    </>
  ),
  words: [[WIDTH / 2, 120, texts.chainBelowYarnAbove]],
};

/** The working yarn where it waits, at the beginning of the row. */
function Waits() {
  return (
    <>
      <Strand d={`M${FROM + 7 * W - 4},52 q26,10 14,40 t8,26`} />
      <Circle cx={FROM + 7 * W + 16} cy={124} r="8" fill="live" />
    </>
  );
}

const WASTE_LINE: Drawn = {
  height: 160,
  drawing: (
    <>
      <Loops y={10} fill="amiss" />
      <Row y={36} />
      <Row y={62} />
      <Strand d={`M${FROM + 7 * W - 4},34 q24,-2 22,-26`} colour="amiss" />
      <Strand d={`M${FROM + 4},34 q-24,-2 -22,-26`} colour="amiss" />
      <Needle y={20} />
      <Waits />
    </>
  ),
  words: [
    [120, 118, texts.theSoleInWaste],
    [120, 140, texts.theYarnWaits],
  ],
};

const THREAD_LINE: Drawn = {
  height: 130,
  drawing: (
    <>
      <Loops y={10} fill="live" />
      <Row y={36} />
      <Row y={62} />
      <Path
        d={`M4,36 ${SEVEN.map(() => `q${W / 4},-7 ${W / 2},0 t${W / 2},0`).join(' ')} q20,0 50,0`}
        transform="translate(26 -6)"
        fill="none"
        stroke="amiss"
        strokeWidth="3"
        strokeDasharray="9 4"
      />
      <Needle y={20} />
    </>
  ),
  words: [[WIDTH / 2, 120, texts.aThreadThroughTheLoops]],
};

/** The tube flat on the table, its sole towards who looks: the line across it, and a needle either side of it. */
function tube(top: string, bottom: string): Drawn {
  return {
    height: 200,
    drawing: (
      <>
        <Path d="M76,10 H230 V190 H76 Z" fill="fabric" stroke="ink" strokeWidth="1.5" />
        <Path
          d="M76,10 q77,-12 154,0 M76,190 q77,12 154,0"
          fill="none"
          stroke="ink"
          strokeWidth="1.5"
        />
        <Line
          x1={76}
          x2={230}
          y1={100}
          y2={100}
          stroke="amiss"
          strokeWidth="5"
          strokeDasharray="8 4"
        />
        <Needle y={84} from={60} to={246} />
        <Needle y={116} from={60} to={246} />
      </>
    ),
    words: [
      [153, 38, top],
      [153, 72, texts.upperNeedle],
      [153, 140, texts.lowerNeedle],
      [153, 178, bottom],
      [WIDTH - 34, 62, texts.soleSide],
      [WIDTH - 34, 152, texts.instep],
      [WIDTH - 34, 170, texts.behind],
      [34, 104, texts.theLine],
    ],
  };
}

const EXTRA: Drawn = {
  height: 190,
  drawing: (
    <>
      <Row y={8} />
      <Loops y={60} fill="live" down />
      <Needle y={52} />
      <Loops y={104} fill="live" />
      <Row y={130} />
      <Needle y={114} />
      <Strand d={`M${FROM + 2},62 C4,72 4,96 ${FROM + 2},106`} colour="chosen" />
      <Circle cx="16" cy="84" r="14" fill="none" stroke="chosen" strokeWidth="2" />
      <Leg x={FROM + 6 * W} y={130} w={W} h={H} left={false} fill="chosen" />
      <Circle cx={FROM + 6 * W + 26} cy="138" r="16" fill="none" stroke="chosen" strokeWidth="2" />
    </>
  ),
  words: [
    [82, 88, texts.freeStrand],
    [226, 88, texts.noneLiftALeg],
  ],
};

/** The needle as a row is turned: what was worked, the stitch it was turned at, what waits. */
function turned(turning: Turning, how: string): Drawn {
  return {
    height: 140,
    drawing: (
      <>
        <Needle y={30} />
        {SEVEN.map((column) => (
          <TurnedStitch
            key={column}
            x={FROM + column * W}
            y={24}
            w={W}
            h={46}
            turning={turning}
            times={column === 2 ? 1 : 0}
          />
        ))}
        <Path
          d={`M${FROM + 6.6 * W},92 H${FROM + 3.6 * W} q-14,0 -14,-8 t14,-8 h6 m-6,-5 l-7,5 7,5`}
          fill="none"
          stroke="chosen"
          strokeWidth="2.5"
        />
      </>
    ),
    words: [
      [FROM + 5.2 * W, 112, texts.worked],
      [FROM + W * 0.9, 92, texts.waiting],
      [WIDTH / 2, 132, how],
    ],
  };
}

const PICTURES: Record<Picture, Drawn> = {
  CLOSED_START: CLOSED,
  WASTE_START,
  CHAIN_START,
  WASTE_LINE,
  THREAD_LINE,
  TUBE_LEG_UP: tube(texts.legAbove, texts.footBelow),
  TUBE_FOOT_UP: tube(texts.footAbove, texts.legBelow),
  EXTRA_STITCHES: EXTRA,
  WRAP: turned('WRAP', texts.aWrapAround),
  DOUBLED: turned('DOUBLED', texts.twoLegs),
  SHADOW: turned('SHADOW', texts.aSecondBehind),
};
