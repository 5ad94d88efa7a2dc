import { Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { GraftPiece } from '../wire/types';
import { Loop, Stitch } from '../fabric/Stitch';
import { Switch } from '../form/Switch';
import { useKeymap } from '../form/keymap';
import { Line, Text } from '../tape/svg';
import { Answer, Frame } from './Frame';
import { useGuesses, usePiece } from './usePiece';
import { texts } from './texts';

const W = 44;
const H = 30;
const SIDE = 70;

/** A graft on a made-up piece: the next move is guessed, until the last loop is off. */
export function GraftTrainer() {
  const [loops, setLoops] = useState(8);
  const [setUp, setSetUp] = useState(true);
  const [yarnAt, setYarnAt] = useState<'BACK' | 'FRONT'>('BACK');
  const [done, setDone] = useState(0);
  const { verdict, wrong, guess, reset } = useGuesses();
  const piece = usePiece<GraftPiece>('graft', { loops, setUp, yarnAt, done });
  const again = () => {
    setDone(0);
    reset();
  };
  const { choices = [], moves = 0 } = piece.data ?? {};
  const over = moves > 0 && done >= moves;
  const take = (index: number) => {
    const choice = choices[index];
    if (choice && !over) {
      void guess('graft/guess', { loops, setUp, yarnAt, done, move: choice.move }).then(
        (right) => right && setDone(done + 1),
      );
    }
  };
  useKeymap({ move: (key) => take(Number(key) - 1) });
  return (
    <>
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
          onChange={(value) => {
            setLoops(Number(value));
            again();
          }}
        />
        <Switch
          labelled
          label={texts.setUp}
          value={setUp ? 'yes' : 'no'}
          options={[
            ['yes', 'with', texts.withASetUp],
            ['no', 'without', texts.withoutASetUp],
          ]}
          onChange={(value) => {
            setSetUp(value === 'yes');
            again();
          }}
        />
        <Switch
          labelled
          label={texts.yarnAtThe}
          value={yarnAt}
          options={[
            ['BACK', 'back', texts.theYarnAtTheBack],
            ['FRONT', 'front', texts.theYarnAtTheFront],
          ]}
          onChange={(value) => {
            setYarnAt(value);
            again();
          }}
        />
      </Flex>
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

/** Two pieces on their needles, and between them the row that the graft makes, from the right. */
function GraftDrawing({ piece }: { piece: GraftPiece }) {
  const { front, back } = piece;
  const loops = front.length;
  const width = SIDE + loops * W + 20;
  const x = (loop: number) => SIDE + (loops - 1 - loop) * W;
  const row = 3 * H;
  const words = (name: string, states: readonly string[]) =>
    texts.needleStitchesOffEnteredOnce(
      name,
      states.filter((state) => state === 'OFF').length,
      states.filter((state) => state === 'ENTERED').length,
      states.filter((state) => state === 'UNTOUCHED').length,
    );
  return (
    <svg
      viewBox={`0 ${-0.3 * H} ${width} ${8.6 * H}`}
      style={{ width: '100%', maxHeight: '380px' }}
      role="img"
      aria-label={`${words(texts.front, front)}. ${words(texts.back, back)}.`}
    >
      {back.map((state, i) => (
        <g key={i}>
          {/* The back piece hangs upside down above. */}
          <g transform={`rotate(180 ${x(i) + W / 2} ${H})`}>
            <Stitch x={x(i)} y={H} w={W} h={H} />
            <Stitch x={x(i)} y={0} w={W} h={H} />
          </g>
          {state !== 'OFF' && (
            <Loop x={x(i)} y={row} w={W} h={H} down fill={state === 'ENTERED' ? 'live' : 'ink'} />
          )}
        </g>
      ))}
      {front.map((state, i) => (
        <g key={i}>
          <Stitch x={x(i)} y={row + 4 * H} w={W} h={H} />
          <Stitch x={x(i)} y={row + 3 * H} w={W} h={H} />
          {state !== 'OFF' && (
            <Loop
              x={x(i)}
              y={row + 1.9 * H}
              w={W}
              h={H}
              fill={state === 'ENTERED' ? 'live' : 'ink'}
            />
          )}
          {state === 'OFF' && back[i] === 'OFF' && (
            <>
              <Stitch x={x(i)} y={row + 2 * H} w={W} h={H} />
              <Stitch x={x(i)} y={row + H} w={W} h={H} fill="tape" />
              <Stitch x={x(i)} y={row - 0.1 * H} w={W} h={H} />
            </>
          )}
        </g>
      ))}
      {[
        [texts.back, row - 0.35 * H, back],
        [texts.front, row + 2.3 * H, front],
      ].map(([name, y, states]) => {
        const left = (states as string[]).filter((state) => state !== 'OFF').length;
        return (
          <g key={String(name)}>
            <Text x={4} y={Number(y) + 5} fill="quiet" fontSize="14">
              {String(name)}
            </Text>
            {left > 0 && (
              <Line
                x1={SIDE - 14}
                x2={SIDE + left * W + 4}
                y1={Number(y)}
                y2={Number(y)}
                stroke="quiet"
                strokeWidth="4"
                strokeLinecap="round"
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}
