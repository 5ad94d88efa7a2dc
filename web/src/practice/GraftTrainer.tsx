import { Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import { useSettings } from '../settings/settings';
import type { GraftMove, GraftPiece } from '../wire/types';
import { GraftPicture } from '../fabric/GraftPicture';
import { Switch } from '../form/Switch';
import { useKeymap } from '../form/keymap';
import { Answer, Frame } from './Frame';
import { useMoves } from './useMoves';
import { useGuesses, usePiece } from './usePiece';
import { texts } from './texts';

type MoveChoice = GraftPiece['choices'][number];

interface GraftKind {
  /** Loops on each needle. */
  loops: number;
  setUp: boolean;
  yarnAt: 'BACK' | 'FRONT';
}

/** A graft on a made-up piece: the next move is guessed, until the last loop is off. */
export function GraftTrainer() {
  const [kind, setKind] = useState<GraftKind>({ loops: 8, setUp: true, yarnAt: 'BACK' });
  const { at, over, again, right, missed, reset: begin } = useMoves();
  const { verdict, wrong, guess, reset } = useGuesses();
  const [guessed, setGuessed] = useState<MoveChoice>();
  const { data } = usePiece<GraftPiece>('graft', { ...kind, done: at });
  const { choices = [], moves = 0 } = data ?? {};
  const closed = moves > 0 && over(moves);
  const afresh = (next: GraftKind) => {
    setKind(next);
    setGuessed(undefined);
    begin();
    reset();
  };
  const take = (index: number) => {
    const choice = choices[index];
    if (!choice || closed) {
      return;
    }
    void guess('graft/guess', { ...kind, done: at, move: choice.move }).then((good) => {
      setGuessed(good ? undefined : choice);
      if (good) {
        right(moves);
      } else {
        missed();
      }
    });
  };
  useKeymap({ move: (key) => take(Number(key) - 1) });
  return (
    <>
      <Kind kind={kind} onKind={afresh} />
      <Frame
        task={
          closed
            ? texts.theGraftIsClosed
            : again
              ? texts.onceMoreMove(at + 1, moves)
              : texts.moveOfWhichIsIt(at + 1, moves)
        }
        verdict={verdict}
        wrong={wrong}
        onAnother={() => afresh(kind)}
        drawing={data && <GraftDrawing piece={data} guessed={guessed} />}
      >
        <Grid
          templateColumns={{ base: 'repeat(auto-fit, minmax(min(9rem, 100%), 1fr))', lg: '1fr' }}
          columnGap={2}
        >
          {choices.map(({ move, words }, i) => (
            <Answer key={move} hint={String(i + 1)} disabled={closed} onPress={() => take(i)}>
              {words.charAt(0).toUpperCase() + words.slice(1)}
            </Answer>
          ))}
        </Grid>
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

/** The two needles with the strand as it lies; after a wrong answer, the move that was meant by it. */
function GraftDrawing({ piece, guessed }: { piece: GraftPiece; guessed: MoveChoice | undefined }) {
  const { hand } = useSettings();
  const { front, back, made } = piece;
  return (
    <GraftPicture
      loops={front.length}
      made={made}
      next={guessed && meant(piece, guessed)}
      amiss
      left={hand === 'left'}
      label={`${words(texts.front, front)}. ${words(texts.back, back)}.`}
    />
  );
}

/** The loop that a guess would go through: the first on its needle, or the one after it where that is entered and stays. */
function meant({ front, back }: GraftPiece, { needle, knitwise, off }: MoveChoice): GraftMove {
  const states = needle === 'FRONT' ? front : back;
  const first = states.findIndex((state) => state !== 'OFF');
  const loop = !off && states[first] === 'ENTERED' ? first + 1 : first;
  return { needle, loop: Math.min(loop, states.length - 1) + 1, knitwise, off };
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
