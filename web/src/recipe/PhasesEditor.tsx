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
  return (
    <Box mt={3}>
      <Box fontWeight="600">{texts.yourPhasesOneAfterThe}</Box>
      {phases.map((phase, i) => (
        <PhaseFields
          key={`${i} of ${phases.length}`}
          phase={phase}
          problemAt={(field) => problemAt(`choices.${name}.phases[${i}].${field}`)}
          onChange={(next) => set(phases.map((each, at) => (at === i ? next : each)))}
          onRemove={phases.length > 1 ? () => set(phases.filter((_, at) => at !== i)) : undefined}
        />
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

interface PhaseFieldsProps {
  phase: Phase;
  problemAt: (field: string) => string | undefined;
  onChange: (phase: Phase) => void;
  /** Left out for the only one. */
  onRemove: (() => void) | undefined;
}

/** One phase: every how many rounds, and how often or how far. */
function PhaseFields({ phase, problemAt, onChange, onRemove }: PhaseFieldsProps) {
  const { every, times, until } = phase;
  const small = { minH: '32px', fontSize: 'sm' };
  return (
    <Flex gap={2} mt={2} align="flex-start" wrap="wrap">
      <Box flex="1 1 6rem">
        <NumberField
          label={texts.decreaseEvery}
          kind="whole"
          unit={shared.rounds2}
          value={every}
          problem={problemAt('every')}
          onChange={(next) => next !== undefined && onChange({ ...phase, every: next })}
        />
      </Box>
      <Box flex="1 1 6rem">
        <NumberField
          label={times === undefined ? texts.downTo : texts.inAll}
          kind="whole"
          unit={times === undefined ? 'a side' : 'times'}
          value={times ?? until}
          problem={problemAt('until') ?? problemAt('times')}
          onChange={(value) =>
            value !== undefined &&
            onChange({ ...phase, ...(times === undefined ? { until: value } : { times: value }) })
          }
        />
      </Box>
      <Flex gap={3} w="100%">
        <LinkButton
          {...small}
          onClick={() => onChange(times === undefined ? { every, times: 3 } : { every, until: 8 })}
        >
          {times === undefined ? texts.sayHowOftenInstead : texts.sayHowFarInstead}
        </LinkButton>
        {onRemove && (
          <LinkButton {...small} onClick={onRemove}>
            {texts.leaveThisPhaseOut}
          </LinkButton>
        )}
      </Flex>
    </Flex>
  );
}
