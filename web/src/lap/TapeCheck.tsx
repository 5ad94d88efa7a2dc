import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Happening } from '../api/happening';
import { NumberField } from '../form/NumberField';
import { useSettings } from '../settings/settings';
import { ToolButton, ToolFields, ToolProblem, type ToolProps } from './Tool';
import { TriedTable } from './Tried';
import { useTrial } from './useTrial';

/** The tube itself is measured; what is left is planned anew by it, if the knitter will. */
export function TapeCheck(props: ToolProps) {
  const { sock, onClose } = props;
  const { lengths } = useSettings();
  const [rounds, setRounds] = useState<number | undefined>();
  const [spanMm, setSpan] = useState<number | undefined>();
  const read = rounds !== undefined && spanMm !== undefined;
  const happening: Happening | undefined = read
    ? { sock, kind: 'MEASURED', rounds, spanMm }
    : undefined;
  const { tried, problem, take } = useTrial(props, happening);
  return (
    <Box>
      <p>
        Lay the tube flat without stretching it and count rounds along one column of stitches. The
        more, the better.
      </p>
      <ToolFields>
        <NumberField
          label="Rounds counted"
          kind="number"
          unit="rounds"
          lengths={lengths}
          mayBeEmpty
          value={rounds}
          onChange={setRounds}
        />
        <NumberField
          label="Over a length of"
          kind="length"
          lengths={lengths}
          mayBeEmpty
          value={spanMm}
          onChange={setSpan}
        />
      </ToolFields>
      {tried && <TriedTable tried={tried} sock={sock} />}
      <ToolProblem>{problem}</ToolProblem>
      <Flex gap={3} wrap="wrap">
        <ToolButton disabled={!tried} onPress={take}>
          Re-plan from this
        </ToolButton>
        <ToolButton second onPress={onClose}>
          Keep the plan
        </ToolButton>
      </Flex>
    </Box>
  );
}
