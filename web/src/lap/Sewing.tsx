import { Box, Grid } from '@chakra-ui/react';
import { GraftPicture } from '../fabric/GraftPicture';
import { Press } from '../form/Press';
import { changeSettings, useSettings } from '../settings/settings';
import { wordsAt, type Place } from './place';
import { texts } from './texts';
import { useTold } from './useTold';

/** The moves that are left of the stitch that is sewn, one below the other. */
export function WholeStitch({ place: { step, done } }: { place: Place }) {
  const told = useTold(step);
  const to = step.stitchEnds.find((end) => end > done) ?? step.number;
  return (
    <Box as="span" fontSize={{ base: 'lg', md: '2xl' }} lineHeight="1.5" fontWeight="650">
      {Array.from({ length: to - done }, (_, i) => (
        <Box as="span" key={i} display="block">
          {told(wordsAt(step, done + i))}
        </Box>
      ))}
    </Box>
  );
}

/** What a press stands for in a graft. */
export function HowMuch() {
  const { wholeStitches } = useSettings();
  return (
    <Press
      look="told"
      alignSelf="center"
      minH="44px"
      px={2}
      fontSize="sm"
      onClick={() => changeSettings({ wholeStitches: !wholeStitches })}
    >
      {wholeStitches ? texts.pressEachMove : texts.pressEachStitch}
    </Press>
  );
}

/** The strand as it lies now, and the sewing needle where it goes in next. */
export function Sewn({ place: { step, done } }: { place: Place }) {
  const { hand } = useSettings();
  return (
    <GraftPicture
      loops={step.before / 2}
      made={step.moves.slice(0, done)}
      next={step.moves[done]}
      left={hand === 'left'}
    />
  );
}

/** The move of a graft that is due among those that go round, and the one after it. */
export function Moves({ place: { step, done } }: { place: Place }) {
  const told = useTold(step);
  const upcoming = done + 1 < step.number ? told(wordsAt(step, done + 1)) : undefined;
  return (
    <>
      <Rhythm all={step.words.map(told)} now={told(wordsAt(step, done))} />
      {upcoming && (
        <Box as="span" color="quiet">
          {texts.next(upcoming)}
        </Box>
      )}
    </>
  );
}

/** The four moves of a graft in their round, the one that is due marked: a rhythm for the hands. */
function Rhythm({ all, now }: { all: readonly string[]; now: string }) {
  // The set-up comes once; from the third move on they follow each other as they always do.
  const moves = [...new Set(all.slice(2))];
  return (
    <Grid
      as="span"
      display={{ base: 'none', md: 'grid' }}
      gap={2}
      templateColumns={{ base: 'repeat(2, auto)', md: 'repeat(4, auto)' }}
      justifyContent="center"
      aria-hidden
    >
      {moves.map((move) => (
        <Box
          as="span"
          key={move}
          px={2}
          py={1}
          fontSize={{ base: 'sm', md: 'md' }}
          borderWidth="1.5px"
          borderColor={move === now ? 'live' : 'line'}
          color={move === now ? 'live' : 'quiet'}
          fontWeight={move === now ? '700' : '400'}
        >
          {move}
        </Box>
      ))}
    </Grid>
  );
}
