import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { TurnedStitch, type Turning } from '../fabric/TurnedStitch';
import { Switch } from '../form/Switch';
import { Line, Rect } from '../tape/svg';
import type { TurnPiece } from '../wire/types';
import { Fabric, Frame } from './Frame';
import { anySeed, useGuesses, usePiece } from './usePiece';
import { texts } from './texts';

const W = 34;
const H = 46;
const TOP = 26;

/** Short rows half worked: where does the next row turn? */
export function TurnTrainer() {
  const [turning, setTurning] = useState<Turning>('WRAP');
  const [seed, setSeed] = useState(anySeed);
  const [at, setAt] = useState(0);
  const { verdict, wrong, guess, reset } = useGuesses();
  const piece = usePiece<TurnPiece>('turn', { turning, seed });
  const turned = piece.data?.turned ?? [];
  const take = (column: number) => {
    setAt(column);
    void guess('turn/guess', { turning, seed, column });
  };
  const another = () => {
    setSeed(anySeed());
    setAt(0);
    reset();
  };
  const step = (by: number) => setAt(Math.max(0, Math.min(turned.length - 1, at + by)));
  const keys = (event: React.KeyboardEvent) => {
    // The first stitch is at the right: left is on, right is back.
    const by = event.key === 'ArrowLeft' ? 1 : event.key === 'ArrowRight' ? -1 : 0;
    if (by !== 0) {
      event.preventDefault();
      step(by);
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      take(at);
    }
  };
  return (
    <Frame
      task={piece.data ? texts.thisRowIsTheRows(piece.data.knit, piece.data.back) : texts.shortRows}
      verdict={verdict}
      wrong={wrong}
      onAnother={another}
      drawing={
        piece.data && (
          <Fabric label={texts.theNeedleLeftAndRight} by="stitch-at" onKeyDown={keys}>
            <Needle
              {...{ turned, turning, at }}
              onStitch={(column, touched) => (touched ? setAt(column) : take(column))}
            />
          </Fabric>
        )
      }
    >
      <HowTurned
        turning={turning}
        onTurning={(next) => {
          setTurning(next);
          reset();
        }}
      />
      {piece.data && <Box mt={3}>{texts.inShort(piece.data.how)}</Box>}
      {piece.data && <Steps onStep={step} onTake={() => take(at)} />}
      <Box id="stitch-at" role="status" mt={2}>
        {texts.stitchFromTheRight(at + 1, words(turned[at] ?? 0, turning))}
      </Box>
    </Frame>
  );
}

interface HowTurnedProps {
  turning: Turning;
  onTurning: (turning: Turning) => void;
}

function HowTurned({ turning, onTurning }: HowTurnedProps) {
  return (
    <Switch
      labelled
      label={texts.turnedWithA}
      value={turning}
      options={[
        ['WRAP', texts.wrap, 'wrap'],
        ['DOUBLED', texts.doubledStitch, texts.doubledStitch2],
        ['SHADOW', texts.shadow, 'shadow'],
      ]}
      onChange={onTurning}
    />
  );
}

interface StepsProps {
  onStep: (by: number) => void;
  onTake: () => void;
}

/** For fingers: a stitch on, a stitch back, and this one. */
function Steps({ onStep, onTake }: StepsProps) {
  return (
    <Flex gap={2} mt={3} role="group" aria-label={texts.chooseAStitch}>
      <Choice onClick={() => onStep(1)} aria-label={texts.oneStitchToTheLeft}>
        ←
      </Choice>
      <Choice flex="1" fontWeight="600" onClick={onTake}>
        {texts.thisIsTheLastStitch}
      </Choice>
      <Choice onClick={() => onStep(-1)} aria-label={texts.oneStitchToTheRight}>
        →
      </Choice>
    </Flex>
  );
}

function words(times: number, turning: Turning): string {
  if (times === 0) {
    return '';
  }
  const what = { WRAP: 'wrapped', DOUBLED: 'doubled', SHADOW: texts.withAShadow }[turning];
  return `, ${what}${times > 1 ? texts.twice : ''}`;
}

interface NeedleProps {
  turned: readonly number[];
  turning: Turning;
  at: number;
  /** A stitch that was pressed; a finger is wider than one, so that it only goes there. */
  onStitch: (column: number, touched: boolean) => void;
}

/** The stitches on their needle, the first at the right; what was turned at is marked as it looks. */
function Needle({ turned, turning, at, onStitch }: NeedleProps) {
  const width = (turned.length + 1) * W;
  return (
    <svg viewBox={`0 0 ${width} ${H + 2 * TOP}`} style={{ width: '100%' }} aria-hidden>
      <Rect
        x={width - W / 2 - (at + 1) * W}
        y={0}
        width={W}
        height={H + 2 * TOP}
        fill="chosenGround"
      />
      <Line
        x1={W / 4}
        x2={width - W / 4}
        y1={TOP + 6}
        y2={TOP + 6}
        stroke="quiet"
        strokeWidth="5"
        strokeLinecap="round"
      />
      {turned.map((times, column) => {
        const x = width - W / 2 - (column + 1) * W;
        const cell = { x, y: TOP, w: W, h: H };
        return (
          <g
            key={column}
            data-column={column}
            onClick={({ nativeEvent }) => onStitch(column, touch(nativeEvent))}
            style={{ cursor: 'pointer' }}
          >
            <Rect x={x} y={0} width={W} height={H + 2 * TOP} fill="transparent" />
            <TurnedStitch {...cell} times={times} turning={turning} />
          </g>
        );
      })}
    </svg>
  );
}

function touch(event: MouseEvent): boolean {
  return event instanceof PointerEvent && event.pointerType === 'touch';
}

const Choice = chakra(
  'button',
  {
    base: {
      minH: '48px',
      minW: '64px',
      bg: 'sheet',
      borderWidth: '1px',
      borderColor: 'ink',
      cursor: 'pointer',
    },
  },
  { defaultProps: { type: 'button' } },
);
