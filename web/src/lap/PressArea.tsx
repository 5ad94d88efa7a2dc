import { Box, Flex, Grid } from '@chakra-ui/react';
import { OpeningDrawing } from './OpeningDrawing';
import type { Place } from './place';
import { glance, onNeedles, patternRound, unitOf, wordsAt } from './place';
import { Repeat } from '../fabric/Repeat';
import { said } from '../units/said';
import { useSettings } from '../settings/settings';
import type { LapPattern } from '../wire/types';
import { Press } from '../form/Press';
import { texts } from './texts';

/** Rounds of a pattern that are drawn at once. */
const MOST_ROUNDS = 10;

interface PressAreaProps {
  place: Place;
  /** Which sock it is done on, where that is not plain. */
  whose?: string | undefined;
  /** Rounds in an hour, where that is known. */
  pace?: number | undefined;
  /** The pattern, where the sock has one. */
  pattern?: LapPattern | undefined;
  /** Whether the keys for one hand lie beside it. */
  narrow?: boolean;
  onDone: () => void;
}

/** The whole middle of the screen: what to do, how far it is, and the press that says it is done. */
export function PressArea(props: PressAreaProps) {
  const { place, whose, pace, pattern, narrow = false, onDone } = props;
  const { step, done } = place;
  const unit = unitOf(step);
  const { hand, lengths } = useSettings();
  const told = (words: string) => said({ template: words, amounts: step.amounts }, lengths);
  const words = told(wordsAt(step, done));
  const graft = step.doing === 'GRAFT';
  const due = patternRound(place);
  const upcoming = graft && done + 1 < step.number ? told(wordsAt(step, done + 1)) : undefined;
  const mark = step.forGood ? 'cut' : 'ink';
  return (
    <Flex
      direction="column"
      flex="1"
      bg="sheet"
      borderWidth={step.forGood ? '3px' : '1px'}
      borderColor={step.forGood ? 'cut' : 'line'}
    >
      <Press
        data-press
        onClick={onDone}
        flex="1"
        w="100%"
        display="flex"
        flexDirection="column"
        alignItems="center"
        justifyContent="center"
        gap={2}
        p={4}
        textAlign="center"
        color="ink"
        touchAction="manipulation"
      >
        <Box as="span" fontSize={{ base: 'md', md: 'lg' }} color="quiet">
          {whose ? `${step.title}, ${whose}` : step.title}
        </Box>
        <Box
          as="span"
          fontSize={{ base: unit && !graft ? 'xl' : '2xl', md: '3xl' }}
          lineHeight="1.3"
          maxW="36rem"
          color={mark}
          fontWeight={graft ? '650' : '400'}
        >
          {unit ? sentence(words) : told(step.instruction)}
        </Box>
        <OpeningDrawing step={step.id} />
        {unit && (
          <Box
            as="span"
            className="figures"
            fontSize={{
              base: graft ? '64px' : narrow && done >= 100 ? 'min(128px, 24vw)' : '128px',
              md: graft ? '80px' : '160px',
            }}
            lineHeight="1"
            fontWeight="700"
            data-testid="count"
          >
            {done}
          </Box>
        )}
        {unit && (
          <Box as="span" fontSize="lg" color="quiet" data-testid="count-of">
            <Box as="span" whiteSpace="nowrap">
              {texts.ofSDone2(step.number, unit)}
            </Box>
            {' · '}
            <Box as="span" whiteSpace="nowrap">
              {onNeedles(step, done)}
            </Box>
          </Box>
        )}
        {unit && !graft && (
          <Box as="span" color="quiet" data-testid="glance">
            {glance(place, pace)}
          </Box>
        )}
        {due && pattern && pattern.rows.length > 1 && (
          <Repeat rows={pattern.rows} due={due} leftHanded={hand === 'left'} most={MOST_ROUNDS} />
        )}
        {graft && <Rhythm all={step.words.map(told)} now={words} />}
        {upcoming && (
          <Box as="span" color="quiet">
            {texts.next(upcoming)}
          </Box>
        )}
        {unit && !graft && <TenMarks done={done} all={step.number} />}
        <Box
          as="span"
          mt={2}
          fontSize="md"
          fontWeight="650"
          color={step.forGood ? 'cut' : 'chosen'}
        >
          {step.forGood
            ? texts.thisCantBeUndoneTap
            : unit
              ? texts.tapWhenTheIsDone(unit, whose === texts.bothSocks)
              : texts.tapWhenDone}
        </Box>
      </Press>
      {(step.doing === 'SHAPE' || graft) && done === 0 && (
        <Box px={4} pb={3} fontSize="sm" textAlign="center">
          {told(step.instruction)}
        </Box>
      )}
      {graft && done > 0 && (
        <Box px={4} pb={3} fontSize="sm" textAlign="center" color="amiss">
          {texts.finishTheGraftInOne}
        </Box>
      )}
      {step.cautions.length > 0 && (done === 0 || step.forGood) && (
        <Box px={4} pb={3} fontSize="sm" color="quiet" textAlign="center">
          {step.cautions.map(({ title, text }) => (
            <p key={title}>
              <strong>{title}:</strong> {text}
            </p>
          ))}
        </Box>
      )}
    </Flex>
  );
}

/** The four moves of a graft in their round, the one that is due marked: a rhythm for the hands. */
function Rhythm({ all, now }: { all: readonly string[]; now: string }) {
  // The set-up comes once; from the third move on they follow each other as they always do.
  const moves = [...new Set(all.slice(2))];
  return (
    <Grid
      as="span"
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

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A mark for every ten rounds, filled once its ten are done. */
function TenMarks({ done, all }: { done: number; all: number }) {
  const tens = Math.ceil(all / 10);
  return (
    <Flex as="span" gap="6px" wrap="wrap" justify="center" aria-hidden>
      {Array.from({ length: tens }, (_, i) => {
        const full = done >= Math.min(all, (i + 1) * 10);
        return (
          <Box
            as="span"
            key={i}
            w="26px"
            h="10px"
            borderWidth="1.5px"
            borderColor="ink"
            bg={full ? 'ink' : 'transparent'}
          />
        );
      })}
    </Flex>
  );
}
