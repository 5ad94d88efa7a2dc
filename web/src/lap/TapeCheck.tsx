import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { KnitEvent } from '../api/knitEvent';
import { NumberField } from '../form/NumberField';
import { ToolButton, ToolFields, ToolProblem, type ToolProps } from './Tool';
import { TriedTable } from './Tried';
import { useTrial } from './useTrial';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** The tube itself is measured; what is left is planned anew by it, if the knitter will. */
export function TapeCheck(props: ToolProps) {
  const { sock, onClose } = props;
  const [rounds, setRounds] = useState<number | undefined>();
  const [spanMm, setSpan] = useState<number | undefined>();
  const read = rounds !== undefined && spanMm !== undefined;
  const knitEvent: KnitEvent | undefined = read
    ? { sock, kind: 'MEASURED', rounds, spanMm }
    : undefined;
  const { tried, problem, take } = useTrial(props, knitEvent);
  return (
    <Box>
      <p>{texts.layTheTubeFlatWithout}</p>
      <ToolFields>
        <NumberField
          label={texts.roundsCounted}
          kind="number"
          unit={shared.rounds2}
          mayBeEmpty
          value={rounds}
          onChange={setRounds}
        />
        <NumberField
          label={texts.overALengthOf}
          kind="length"
          mayBeEmpty
          value={spanMm}
          onChange={setSpan}
        />
      </ToolFields>
      {tried && <TriedTable tried={tried} sock={sock} />}
      <ToolProblem>{problem}</ToolProblem>
      <Flex gap={3} wrap="wrap">
        <ToolButton disabled={!tried} onPress={take}>
          {texts.rePlanFromThis}
        </ToolButton>
        <ToolButton second onPress={onClose}>
          {texts.keepThePlan}
        </ToolButton>
      </Flex>
    </Box>
  );
}
