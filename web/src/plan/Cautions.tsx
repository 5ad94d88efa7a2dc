import { Box } from '@chakra-ui/react';
import { memo } from 'react';
import type { Plan } from '../wire/types';
import { texts } from './texts';

/** Where the work can hurt someone: briefly, with the steps of the work that each belongs to. */
export const Cautions = memo(function Cautions({ plan }: { plan: Plan }) {
  return (
    <Box mt={4}>
      <Box as="h3" fontSize="md" mb={1}>
        {texts.takeCare}
      </Box>
      <Box as="dl" fontSize="sm" data-testid="cautions">
        {plan.cautions.map(({ caution, title, text, stages }) => (
          <Box key={caution} mb={2}>
            <Box as="dt" fontWeight="600">
              {title}{' '}
              <Box as="span" fontWeight="400" color="quiet">
                {texts.when(stages.map((stage) => STAGES[stage]).join(' and '))}
              </Box>
            </Box>
            <Box as="dd" lineHeight="1.4">
              {text}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
});

const STAGES: Record<Plan['cautions'][number]['stages'][number], string> = {
  MEASURE: 'measuring',
  KNIT: 'knitting',
  OPEN: texts.openingTheHeel,
  GRAFT: 'grafting',
  FINISH: 'finishing',
  WEAR: 'wearing',
};
