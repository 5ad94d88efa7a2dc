import { Box, Flex } from '@chakra-ui/react';
import type { Phase } from '../wire/types';
import { choiceOf, withChoices } from '../draft/draft';
import { NumberField } from '../form/NumberField';
import type { WordsProps } from './props';
import { LinkButton } from '../form/LinkButton';
import { SmallButton } from '../form/SmallButton';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface PhasesEditorProps extends WordsProps {
  name: 'heel' | 'toe';
}

/** The phases of a shaping of one's own: every so many rounds, so many times or down to so many stitches. */
export function PhasesEditor({ name, draft, onChange, problemAt }: PhasesEditorProps) {
  const phases = choiceOf(draft, `${name}.phases`) ?? [];
  const keep = choiceOf(draft, `${name}.plainBeforeClose`) ?? true;
  const set = (next: Phase[]) => onChange(withChoices(draft, { [`${name}.phases`]: next }));
  const replace = (at: number, change: Partial<Phase>) =>
    set(phases.map((phase, i) => (i === at ? { ...phase, ...change } : phase)));
  const problem = (i: number, field: string) => problemAt(`choices.${name}.phases[${i}].${field}`);
  return (
    <Box mt={3}>
      <Box fontWeight="600">{texts.yourPhasesOneAfterThe}</Box>
      {phases.map((phase, i) => (
        <Flex key={`${i} of ${phases.length}`} gap={2} mt={2} align="flex-start" wrap="wrap">
          <Box flex="1 1 6rem">
            <NumberField
              label={texts.decreaseEvery}
              kind="whole"
              unit={shared.rounds2}
              value={phase.every}
              problem={problem(i, 'every')}
              onChange={(every) => every !== undefined && replace(i, { every })}
            />
          </Box>
          <Box flex="1 1 6rem">
            <NumberField
              label={phase.times === undefined ? texts.downTo : texts.inAll}
              kind="whole"
              unit={phase.times === undefined ? 'a side' : 'times'}
              value={phase.times ?? phase.until}
              problem={problem(i, 'until') ?? problem(i, 'times')}
              onChange={(value) =>
                value !== undefined &&
                replace(i, phase.times === undefined ? { until: value } : { times: value })
              }
            />
          </Box>
          <Flex gap={3} w="100%">
            <LinkButton
              minH="32px"
              fontSize="sm"
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
              {phase.times === undefined ? texts.sayHowOftenInstead : texts.sayHowFarInstead}
            </LinkButton>
            {phases.length > 1 && (
              <LinkButton
                minH="32px"
                fontSize="sm"
                onClick={() => set(phases.filter((_, at) => at !== i))}
              >
                {texts.leaveThisPhaseOut}
              </LinkButton>
            )}
          </Flex>
        </Flex>
      ))}
      <Flex gap={3} mt={2} wrap="wrap">
        <SmallButton
          disabled={phases.length >= 8}
          onClick={() => set([...phases, { every: 1, until: 8 }])}
        >
          {texts.anotherPhase}
        </SmallButton>
        <LinkButton
          aria-pressed={keep}
          fontSize="sm"
          onClick={() => onChange(withChoices(draft, { [`${name}.plainBeforeClose`]: !keep }))}
        >
          {keep ? texts.aPlainRoundBeforeThe : texts.aPlainRoundBeforeTheClose}
        </LinkButton>
      </Flex>
    </Box>
  );
}
