import { Box } from '@chakra-ui/react';
import { useNewHeel } from '../api/logQueries';
import { useSettings } from '../settings/settings';
import { figureText } from '../units/units';
import { useSaid } from '../units/useSaid';
import { texts } from './texts';

/** How the heel of this pair is cut off and knitted new. */
export function NewHeel({ pairId }: { pairId: string }) {
  const { lengths } = useSettings();
  const say = useSaid();
  const repair = useNewHeel(pairId);
  if (!repair.data) {
    return (
      <Box color={repair.error ? 'amiss' : 'quiet'}>{repair.error?.message ?? texts.oneMoment}</Box>
    );
  }
  return (
    <Box maxW="44rem" data-testid="new-heel">
      <p>{texts.youllNeedAboutForBoth(figureText(repair.data.yarn, lengths))}</p>
      <Box as="ol" mt={2}>
        {repair.data.steps.map(({ title, said, presses, forGood }) => (
          <Box as="li" key={title} py={1} borderTopWidth="1px" borderColor="line">
            <Box as="strong" color={forGood ? 'cut' : 'ink'}>
              {forGood ? texts.cannotBeUndone(title) : title}
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
