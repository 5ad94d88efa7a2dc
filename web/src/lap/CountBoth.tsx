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
  const [one, two] = step.id.startsWith('rims')
    ? [texts.rimOfThePiece, texts.rimOfTheRest]
    : [texts.lowerNeedle, texts.upperNeedle];
  const miscount = useMiscount(expected, first, second);
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
              label={label}
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
        {counted && !right && miscount.data?.map((words) => <p key={words}>{words}</p>)}
      </Box>
      <GoOn right={right} expected={expected} onGoOn={onRight} />
    </Flex>
  );
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
