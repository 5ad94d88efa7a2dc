import { Box, Flex, Link } from '@chakra-ui/react';
import { Link as RouteLink } from 'react-router';
import { OpeningDrawing } from './OpeningDrawing';
import { TechniqueDrawing } from '../fabric/TechniqueDrawing';
import type { Place } from './place';
import { glance, onNeedles, patternRound, seam, unitOf, wordsAt } from './place';
import { Repeat } from '../fabric/Repeat';
import { useSettings } from '../settings/settings';
import type { LapPattern, LapStep } from '../wire/types';
import { Press } from '../form/Press';
import { HowMuch, Moves, Sewn, WholeStitch } from './Sewing';
import { texts } from './texts';
import { capital } from '../texts/capital';
import { useTold } from './useTold';

/** Letters from which on words are set smaller, so that they and the press fit a telephone. */
const LONG = 150;

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
  const { place, whose, pattern, onDone } = props;
  const { step, done } = place;
  const unit = unitOf(step);
  const { hand, wholeStitches } = useSettings();
  const stitch = wholeStitches ? seam(place) : undefined;
  const told = useTold(step);
  const due = patternRound(place);
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
        {stitch ? (
          <WholeStitch place={place} />
        ) : (
          <WhatToDo step={step} words={unit && capital(told(wordsAt(step, done)))} />
        )}
        <OpeningDrawing step={step.id} between={step.needles[0]?.line?.rows} />
        {step.picture && <TechniqueDrawing picture={step.picture} />}
        {unit && <Counted {...props} unit={unit} stitch={stitch} />}
        {due && pattern && pattern.rows.length > 1 && (
          <Repeat rows={pattern.rows} due={due} leftHanded={hand === 'left'} most={MOST_ROUNDS} />
        )}
        {step.doing === 'GRAFT' && <Sewn place={place} />}
        {step.doing === 'GRAFT' && !stitch && <Moves place={place} />}
        {unit && step.doing !== 'GRAFT' && <TenMarks done={done} all={step.number} />}
        <Tap step={step} unit={stitch ? texts.stitch : unit} both={whose === texts.bothSocks} />
      </Press>
      <UnderThePress place={place} />
    </Flex>
  );
}

interface TapProps {
  step: LapStep;
  unit: string | undefined;
  both: boolean;
}

/** What a tap says. */
function Tap({ step, unit, both }: TapProps) {
  return (
    <Box as="span" mt={2} fontSize="md" fontWeight="650" color={step.forGood ? 'cut' : 'chosen'}>
      {step.forGood
        ? texts.thisCantBeUndoneTap
        : unit
          ? texts.tapWhenTheIsDone(unit, both)
          : texts.tapWhenDone}
    </Box>
  );
}

/** The round or move that is due, or the whole instruction where nothing is counted. */
function WhatToDo({ step, words }: { step: LapStep; words: string | undefined }) {
  const told = useTold(step);
  const graft = step.doing === 'GRAFT';
  const what = words ?? told(step.instruction);
  const long = what.length > LONG;
  return (
    <Box
      as="span"
      fontSize={{ base: long ? 'lg' : words && !graft ? 'xl' : '2xl', md: long ? 'xl' : '3xl' }}
      lineHeight="1.3"
      maxW="36rem"
      color={step.forGood ? 'cut' : 'ink'}
      fontWeight={graft ? '650' : '400'}
    >
      {what}
    </Box>
  );
}

interface CountedProps extends PressAreaProps {
  unit: string;
  stitch: ReturnType<typeof seam>;
}

/** The count in large, of how many, and what is on the needles then. */
function Counted({ place, pace, narrow = false, unit, stitch }: CountedProps) {
  const { step, done } = place;
  const graft = step.doing === 'GRAFT';
  return (
    <>
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
        {stitch ? stitch.sewn : done}
      </Box>
      <Box as="span" fontSize="lg" color="quiet" data-testid="count-of">
        <Box as="span" whiteSpace="nowrap">
          {stitch ? texts.ofStitchesSewn(stitch.all) : texts.ofSDone2(step.number, unit)}
        </Box>
        {' · '}
        <Box as="span" whiteSpace="nowrap">
          {onNeedles(step, done)}
        </Box>
      </Box>
      {!graft && (
        <Box as="span" color="quiet" data-testid="glance">
          {glance(place, pace)}
        </Box>
      )}
    </>
  );
}

/** Under the press: what a step wants to be known before it, and its cautions. */
function UnderThePress({ place: { step, done } }: { place: Place }) {
  const told = useTold(step);
  const graft = step.doing === 'GRAFT';
  return (
    <>
      {(step.doing === 'SHAPE' || graft) && done === 0 && (
        <Box px={4} pb={3} fontSize="sm" textAlign="center">
          {told(step.instruction)}
        </Box>
      )}
      {graft && <HowMuch />}
      {done === 0 && <HowItIsDone step={step} />}
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
    </>
  );
}

/** The way to the almanac, where a step only names what the hands do. */
function HowItIsDone({ step }: { step: LapStep }) {
  const words = (step.picture && NAMED[step.picture]) ?? NAMED[step.id] ?? NAMED[step.doing];
  return (
    words && (
      <Link asChild color="chosen" justifyContent="center" minH="44px" pb={2} fontSize="sm">
        <RouteLink to={`/almanac?words=${encodeURIComponent(words)}`}>
          {texts.howIsItDone(words)}
        </RouteLink>
      </Link>
    )
  );
}

/** By picture, by step or by what is done: the almanac’s word for it. */
const NAMED: Partial<Record<string, string>> = {
  CLOSED_START: texts.closedStart,
  EXTRA_STITCHES: texts.pickingUpAtACorner,
  WRAP: texts.wrappingAStitch,
  'bind-off': texts.stretchyBindOff,
  GRAFT: 'purlwise',
};

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
            data-mark={full ? 'full' : 'open'}
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
