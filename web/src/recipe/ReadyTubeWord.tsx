import { Box } from '@chakra-ui/react';
import { useAlmanac } from '../api/queries';
import { choiceOf, withChoices, type ChoiceValue } from '../plan/draft';
import { useSettings } from '../settings/settings';
import { figureText, lengthText } from '../units/units';
import { NumberField } from './NumberField';
import type { WordsProps } from './Recipe';
import { TryList } from './TryList';
import { Word } from './Word';

type ReadyTube = NonNullable<ChoiceValue<'tube.readyTube'>>;

/** The tube that is there already, and how it is cut. */
export function ReadyTubeWord({ draft, plan, onChange, problemAt, problems }: WordsProps) {
  const { lengths } = useSettings();
  const almanac = useAlmanac();
  const tube = choiceOf(draft, 'tube.readyTube');
  if (!tube) {
    return null;
  }
  const set = (change: Partial<ReadyTube>) =>
    onChange(withChoices(draft, { 'tube.readyTube': { ...tube, ...change } }));
  const at = (field: string) => problemAt(`choices.tube.readyTube.${field}`);
  const size =
    tube.rounds === undefined ? lengthText(tube.lengthMm ?? 0, lengths) : `${tube.rounds} rounds`;
  const cuts = (almanac.data ?? []).filter(({ id }) => id.startsWith('school.Cut.'));
  return (
    <Word
      id="ready-tube"
      title="The ready tube"
      text={`${tube.stitches} stitches and ${size}`}
      state="own"
      problem={problems.find(({ field }) => field.startsWith('choices.tube.readyTube'))?.message}
    >
      <NumberField
        label="Stitches round the tube"
        kind="whole"
        unit="stitches"
        lengths={lengths}
        value={tube.stitches}
        problem={at('stitches')}
        onChange={(stitches) => stitches !== undefined && set({ stitches })}
      />
      <Box mt={2}>
        <NumberField
          label="Rounds, where they were counted"
          kind="whole"
          unit="rounds"
          lengths={lengths}
          mayBeEmpty={tube.lengthMm !== undefined}
          value={tube.rounds}
          problem={at('rounds')}
          onChange={(rounds) => rounds !== undefined && set({ rounds, lengthMm: undefined })}
        />
      </Box>
      <Box mt={2}>
        <NumberField
          label="or its length"
          kind="length"
          lengths={lengths}
          mayBeEmpty={tube.rounds !== undefined}
          value={tube.lengthMm}
          problem={at('lengthMm')}
          onChange={(lengthMm) => lengthMm !== undefined && set({ lengthMm, rounds: undefined })}
        />
      </Box>
      <Box mt={3} mb={1} fontWeight="600">
        Cut for the pair
      </Box>
      <TryList
        draft={draft}
        onChange={onChange}
        trials={cuts.map((entry) => {
          const cut = entry.id.slice('school.Cut.'.length) as NonNullable<ReadyTube['cut']>;
          return {
            key: cut,
            title: entry.title,
            chosen: cut === (tube.cut ?? 'TO_LENGTH'),
            why: entry.text,
            draft: withChoices(draft, { 'tube.readyTube': { ...tube, cut } }),
          };
        })}
      />
      {plan.tube.cut && (
        <Box fontSize="sm" color="quiet" mt={2}>
          {`Each piece ${figureText(plan.tube.cut.pieceRounds, lengths)}; ${figureText(plan.tube.cut.remnantRounds, lengths)} (${figureText(plan.tube.cut.remnantLength, lengths)}) are left over.`}
        </Box>
      )}
    </Word>
  );
}
