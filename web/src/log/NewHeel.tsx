import { Box } from '@chakra-ui/react';
import { useNewHeel } from '../api/logQueries';
import { useSettings } from '../settings/settings';
import { figureText } from '../units/units';
import { useSaid } from '../units/useSaid';

/** How the heel of this pair is cut off and knitted new. */
export function NewHeel({ pairId }: { pairId: string }) {
  const { lengths } = useSettings();
  const say = useSaid();
  const repair = useNewHeel(pairId);
  if (!repair.data) {
    return (
      <Box color={repair.error ? 'amiss' : 'quiet'}>{repair.error?.message ?? 'One moment …'}</Box>
    );
  }
  return (
    <Box maxW="44rem" data-testid="new-heel">
      <p>{`You’ll need about ${figureText(repair.data.yarn, lengths)} for both heels, tails included.`}</p>
      <Box as="ol" mt={2}>
        {repair.data.steps.map(({ title, said, presses, forGood }) => (
          <Box as="li" key={title} py={1} borderTopWidth="1px" borderColor="line">
            <Box as="strong" color={forGood ? 'cut' : 'ink'}>
              {forGood ? `${title}: cannot be undone` : title}
            </Box>
            {presses > 1 ? ` (${presses})` : ''}
            <br />
            {say(said)}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
