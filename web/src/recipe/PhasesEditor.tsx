import { Box, Button, chakra, Flex } from '@chakra-ui/react';
import type { Phase } from '../api/types';
import { choiceOf, withChoices } from '../plan/draft';
import { useSettings } from '../settings/settings';
import { NumberField } from './NumberField';
import type { WordsProps } from './Recipe';

interface PhasesEditorProps extends WordsProps {
  name: 'heel' | 'toe';
}

/** The phases of a shaping of one's own: every so many rounds, so many times or down to so many stitches. */
export function PhasesEditor({ name, draft, onChange, problemAt }: PhasesEditorProps) {
  const { lengths } = useSettings();
  const phases = choiceOf(draft, `${name}.phases`) ?? [];
  const keep = choiceOf(draft, `${name}.plainBeforeClose`) ?? true;
  const set = (next: Phase[]) => onChange(withChoices(draft, { [`${name}.phases`]: next }));
  const replace = (at: number, change: Partial<Phase>) =>
    set(phases.map((phase, i) => (i === at ? { ...phase, ...change } : phase)));
  const problem = (i: number, field: string) => problemAt(`choices.${name}.phases[${i}].${field}`);
  return (
    <Box mt={3}>
      <Box fontWeight="600">Your phases, one after the other</Box>
      {phases.map((phase, i) => (
        <Flex key={`${i} of ${phases.length}`} gap={2} mt={2} align="flex-start" wrap="wrap">
          <Box flex="1 1 6rem">
            <NumberField
              label="Decrease every"
              kind="whole"
              unit="rounds"
              lengths={lengths}
              value={phase.every}
              problem={problem(i, 'every')}
              onChange={(every) => every !== undefined && replace(i, { every })}
            />
          </Box>
          <Box flex="1 1 6rem">
            <NumberField
              label={phase.times === undefined ? 'down to' : 'in all'}
              kind="whole"
              unit={phase.times === undefined ? 'a side' : 'times'}
              lengths={lengths}
              value={phase.times ?? phase.until}
              problem={problem(i, 'until') ?? problem(i, 'times')}
              onChange={(value) =>
                value !== undefined &&
                replace(i, phase.times === undefined ? { until: value } : { times: value })
              }
            />
          </Box>
          <Flex gap={3} w="100%">
            <chakra.button
              type="button"
              minH="32px"
              fontSize="sm"
              color="chosen"
              textDecoration="underline"
              cursor="pointer"
              onClick={() =>
                set(
                  phases.map((each, at) =>
                    at !== i
                      ? each
                      : each.times === undefined
                        ? { every: each.every, times: 3 }
                        : { every: each.every, until: 8 },
                  ),
                )
              }
            >
              {phase.times === undefined ? 'say how often instead' : 'say how far instead'}
            </chakra.button>
            {phases.length > 1 && (
              <chakra.button
                type="button"
                minH="32px"
                fontSize="sm"
                color="chosen"
                textDecoration="underline"
                cursor="pointer"
                onClick={() => set(phases.filter((_, at) => at !== i))}
              >
                leave this phase out
              </chakra.button>
            )}
          </Flex>
        </Flex>
      ))}
      <Flex gap={3} mt={2} wrap="wrap">
        <Button
          size="sm"
          minH="44px"
          variant="outline"
          borderColor="line"
          color="ink"
          disabled={phases.length >= 8}
          onClick={() => set([...phases, { every: 1, until: 8 }])}
        >
          Another phase
        </Button>
        <chakra.button
          type="button"
          aria-pressed={keep}
          minH="44px"
          fontSize="sm"
          cursor="pointer"
          color="chosen"
          textDecoration="underline"
          onClick={() => onChange(withChoices(draft, { [`${name}.plainBeforeClose`]: !keep }))}
        >
          {keep ? 'a plain round before the close: yes' : 'a plain round before the close: no'}
        </chakra.button>
      </Flex>
    </Box>
  );
}
