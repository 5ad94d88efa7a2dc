import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useTried, type Happening } from '../api/lapQueries';
import { NumberField } from '../recipe/NumberField';
import { useSettings } from '../settings/settings';
import { ToolButton, ToolFields, ToolProblem, type ToolProps } from './Beside';
import { TriedTable } from './Tried';

/** The tube itself is measured; what is left is planned anew by it, if the knitter will. */
export function TapeCheck({ lap, sock, queue, onClose }: ToolProps) {
  const { lengths } = useSettings();
  const [rounds, setRounds] = useState<number | undefined>();
  const [spanMm, setSpan] = useState<number | undefined>();
  const read = rounds !== undefined && spanMm !== undefined;
  const happening: Happening | undefined = read
    ? { sock, kind: 'MEASURED', rounds, spanMm }
    : undefined;
  const tried = useTried(lap.pairId, happening);
  const [refused, setRefused] = useState<string | undefined>();
  const take = () =>
    happening &&
    void queue.press(happening).then(({ counted, words }) => {
      if (counted) {
        onClose();
      } else {
        setRefused(words);
      }
    });
  return (
    <Box>
      <p>
        Lay the tube flat, do not stretch it, and count rounds along one column of stitches. The
        more the better.
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
      {read && tried.data && <TriedTable tried={tried.data} sock={sock} />}
      <ToolProblem>{refused ?? (read ? tried.error?.message : undefined)}</ToolProblem>
      <Flex gap={3} wrap="wrap">
        <ToolButton disabled={!read || !tried.data} onPress={take}>
          Go on by the tube
        </ToolButton>
        <ToolButton second onPress={onClose}>
          Keep the plan
        </ToolButton>
      </Flex>
    </Box>
  );
}
