import { Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { GraftPiece } from '../wire/types';
import { Loop, Purl, Stitch } from '../fabric/Stitch';
import { Switch } from '../form/Switch';
import { useKeymap } from '../form/keymap';
import { Line, Text } from '../tape/svg';
import { Answer, Frame } from './Frame';
import { useGuesses, usePiece } from './usePiece';
import { texts } from './texts';

const W = 44;
const H = 30;
const SIDE = 70;

interface GraftKind {
  /** Loops on each needle. */
  loops: number;
  setUp: boolean;
  yarnAt: 'BACK' | 'FRONT';
}

/** A graft on a made-up piece: the next move is guessed, until the last loop is off. */
export function GraftTrainer() {
  const [kind, setKind] = useState<GraftKind>({ loops: 8, setUp: true, yarnAt: 'BACK' });
  const [done, setDone] = useState(0);
  const { verdict, wrong, guess, reset } = useGuesses();
  const piece = usePiece<GraftPiece>('graft', { ...kind, done });
  const again = () => {
    setDone(0);
    reset();
  };
  const { choices = [], moves = 0 } = piece.data ?? {};
  const over = moves > 0 && done >= moves;
  const take = (index: number) => {
    const choice = choices[index];
    if (choice && !over) {
      void guess('graft/guess', { ...kind, done, move: choice.move }).then(
        (right) => right && setDone(done + 1),
      );
    }
  };
  useKeymap({ move: (key) => take(Number(key) - 1) });
  return (
    <>
      <Kind
        kind={kind}
        onKind={(next) => {
          setKind(next);
          setDone(0);
          reset();
        }}
      />
      <Frame
        task={over ? texts.theGraftIsClosed : texts.moveOfWhichIsIt(done + 1, moves)}
        verdict={verdict}
        wrong={wrong}
        onAnother={again}
        drawing={piece.data && <GraftDrawing piece={piece.data} />}
      >
        {choices.map(({ move, words }, i) => (
          <Answer key={move} hint={String(i + 1)} disabled={over} onPress={() => take(i)}>
            {words.charAt(0).toUpperCase() + words.slice(1)}
          </Answer>
        ))}
      </Frame>
    </>
  );
}

interface KindProps {
  kind: GraftKind;
  onKind: (kind: GraftKind) => void;
}

/** How large the piece is, whether the graft has a set-up, and where its yarn waits. */
function Kind({ kind, onKind }: KindProps) {
  const { loops, setUp, yarnAt } = kind;
  return (
    <Flex gap={{ base: 2, md: 6 }} wrap="wrap" mb={2}>
      <Switch
        labelled
        label={texts.stitchesOnEachNeedle}
        value={String(loops)}
        options={[
          ['4', '4', '4 loops'],
          ['8', '8', '8 loops'],
          ['12', '12', '12 loops'],
        ]}
        onChange={(value) => onKind({ ...kind, loops: Number(value) })}
      />
      <Switch
        labelled
        label={texts.setUp}
        value={setUp ? 'yes' : 'no'}
        options={[
          ['yes', 'with', texts.withASetUp],
          ['no', 'without', texts.withoutASetUp],
        ]}
        onChange={(value) => onKind({ ...kind, setUp: value === 'yes' })}
      />
      <Switch
        labelled
        label={texts.yarnAtThe}
        value={yarnAt}
        options={[
          ['BACK', 'back', texts.theYarnAtTheBack],
          ['FRONT', 'front', texts.theYarnAtTheFront],
        ]}
        onChange={(value) => onKind({ ...kind, yarnAt: value })}
      />
    </Flex>
  );
}

/** Two pieces on their needles, and between them the row that the graft makes, from the right. */
function GraftDrawing({ piece }: { piece: GraftPiece }) {
  const { front, back } = piece;
  const loops = front.length;
  const width = SIDE + loops * W + 20;
  const x = (loop: number) => SIDE + (loops - 1 - loop) * W;
  const row = 3 * H;
  return (
    <svg
      viewBox={`0 ${-0.3 * H} ${width} ${8.6 * H}`}
      style={{ width: '100%', maxHeight: '380px' }}
      role="img"
      aria-label={`${words(texts.front, front)}. ${words(texts.back, back)}.`}
    >
      {back.map((state, i) => (
        <BackColumn key={i} x={x(i)} y={row} state={state} />
      ))}
      {front.map((state, i) => (
        <FrontColumn
          key={i}
          x={x(i)}
          y={row}
          state={state}
          closed={state === 'OFF' && back[i] === 'OFF'}
        />
      ))}
      <Needle name={texts.back} y={row - 0.35 * H} loops={back} />
      <Needle name={texts.front} y={row + 2.3 * H} loops={front} />
    </svg>
  );
}

function words(name: string, states: readonly string[]): string {
  const count = (which: string) => states.filter((state) => state === which).length;
  return texts.needleStitchesOffEnteredOnce(
    name,
    count('OFF'),
    count('ENTERED'),
    count('UNTOUCHED'),
  );
}

interface ColumnProps {
  x: number;
  /** Where the loops of the back needle hang. */
  y: number;
  state: string;
}

/** A stitch of the back piece, of which the inside is seen: purl, until both its loops are off and it lies open. */
function BackColumn({ x, y, state }: ColumnProps) {
  return (
    <g>
      <Purl x={x} y={-0.2 * H} w={W} h={H} />
      <Purl x={x} y={0.5 * H} w={W} h={H} />
      <Purl x={x} y={1.2 * H} w={W} h={H} />
      {state !== 'OFF' && (
        <Loop x={x} y={y} w={W} h={H} down fill={state === 'ENTERED' ? 'live' : 'ink'} />
      )}
    </g>
  );
}

/** A stitch of the front piece; and the new row above it, once its loop and the one behind it are off. */
function FrontColumn({ x, y, state, closed }: ColumnProps & { closed: boolean }) {
  return (
    <g>
      <Stitch x={x} y={y + 4 * H} w={W} h={H} />
      <Stitch x={x} y={y + 3 * H} w={W} h={H} />
      {state !== 'OFF' && (
        <Loop x={x} y={y + 1.9 * H} w={W} h={H} fill={state === 'ENTERED' ? 'live' : 'ink'} />
      )}
      {closed && (
        <>
          <Stitch x={x} y={y + 2 * H} w={W} h={H} />
          <Stitch x={x} y={y + H} w={W} h={H} fill="tape" />
          <Stitch x={x} y={y - 0.1 * H} w={W} h={H} />
        </>
      )}
    </g>
  );
}

interface NeedleProps {
  name: string;
  y: number;
  loops: readonly string[];
}

/** A needle as long as there are loops on it, with its name. */
function Needle({ name, y, loops }: NeedleProps) {
  const left = loops.filter((state) => state !== 'OFF').length;
  return (
    <g>
      <Text x={4} y={y + 5} fill="quiet" fontSize="14">
        {name}
      </Text>
      {left > 0 && (
        <Line
          x1={SIDE - 14}
          x2={SIDE + left * W + 4}
          y1={y}
          y2={y}
          stroke="quiet"
          strokeWidth="4"
          strokeLinecap="round"
        />
      )}
    </g>
  );
}
