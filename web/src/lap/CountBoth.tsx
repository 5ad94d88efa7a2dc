import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useMiscount } from '../api/lapQueries';
import type { LapStep } from '../wire/types';
import { NumberField } from '../form/NumberField';
import { useSaid } from '../units/useSaid';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface CountBothProps {
  step: LapStep;
  /** Which sock it is counted on, where that is not plain. */
  whose?: string | undefined;
  expected: number;
  onRight: () => void;
}

/** Both needles are counted: the work goes on when they are right, or says what it probably is. */
export function CountBoth({ step, whose, expected, onRight }: CountBothProps) {
  const say = useSaid();
  const [first, setFirst] = useState<number | undefined>();
  const [second, setSecond] = useState<number | undefined>();
  const right = first === expected && second === expected;
  const counted = first !== undefined && second !== undefined;
  const live = step.id === 'tube-count';
  const [one, two] = labels(step.id);
  const miscount = useMiscount(expected, first, second, live);
  const amiss = counted && !right ? miscount.data : undefined;
  return (
    <Flex
      direction="column"
      flex="1"
      align="center"
      justify="center"
      gap={4}
      bg="sheet"
      borderWidth="1px"
      borderColor="line"
      p={4}
    >
      <Box fontSize="2xl" textAlign="center">
        {whose ? `${step.title}, ${whose}` : step.title}
      </Box>
      <Box fontSize="lg" textAlign="center" maxW="34rem">
        {say({ template: step.instruction, amounts: step.amounts })}
      </Box>
      <Flex gap={6} wrap="wrap" justify="center">
        {[[one, first, setFirst] as const, [two, second, setSecond] as const].map(
          ([label, value, set]) => (
            <NumberField
              key={label}
              w="9rem"
              label={say({ template: label, amounts: {} })}
              kind="whole"
              unit={shared.sts}
              mayBeEmpty
              value={value}
              onChange={set}
            />
          ),
        )}
      </Flex>
      <Box role="status" maxW="34rem" minH="3em" color="amiss" data-testid="miscount">
        {amiss?.words.map((words) => (
          <p key={words}>{words}</p>
        ))}
      </Box>
      <GoOn right={right} expected={expected} onGoOn={onRight} />
      {amiss?.mayGoOn && (
        <Press look="told" minH="44px" onClick={onRight}>
          {texts.goOnAndPutItRight}
        </Press>
      )}
    </Flex>
  );
}

/** What the two needles are called: of loops that were knitted last, by the halves of the tube. */
function labels(step: string): readonly [string, string] {
  if (step.startsWith('rims')) {
    return [texts.rimOfThePiece, texts.rimOfTheRest];
  }
  return step === 'tube-count'
    ? [texts.sole, texts.instep]
    : [texts.lowerNeedle, texts.upperNeedle];
}

interface GoOnProps {
  right: boolean;
  expected: number;
  onGoOn: () => void;
}

/** Goes on once both needles are right. */
function GoOn({ right, expected, onGoOn }: GoOnProps) {
  return (
    <Press
      look="framed"
      aria-disabled={!right}
      onClick={() => right && onGoOn()}
      minH="72px"
      px={6}
      bg={right ? 'ink' : 'transparent'}
      color={right ? 'sheet' : 'quiet'}
      borderColor={right ? 'ink' : 'line'}
      cursor={right ? 'pointer' : 'default'}
      fontWeight="650"
    >
      {right ? texts.bothHaveContinue(expected) : texts.bothMustHave(expected)}
    </Press>
  );
}
