import { Box } from '@chakra-ui/react';
import { useAlmanac } from '../api/queries';
import type { Plan } from '../wire/types';
import { choiceOf, withChoices, type ChoiceValue } from '../draft/draft';
import { Switch } from '../form/Switch';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText, lengthText, valueText } from '../units/units';
import { NumberField } from '../form/NumberField';
import type { WordsProps } from './props';
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
    tube.rounds !== undefined
      ? `${tube.rounds} rounds`
      : tube.lengthMm !== undefined
        ? lengthText(tube.lengthMm, lengths)
        : valueText(tube.massG ?? 0, 'GRAMS', lengths);
  const sized = (size: Pick<ReadyTube, 'rounds' | 'lengthMm' | 'massG'>) =>
    Object.values(size).some((each) => each !== undefined) &&
    set({ rounds: undefined, lengthMm: undefined, massG: undefined, ...size });
  const cuts = (almanac.data ?? []).filter(({ id }) => id.startsWith('school.Cut.'));
  return (
    <Word
      id="ready-tube"
      title="The ready tube"
      text={
        tube.cut === 'PIECES'
          ? `two pieces of ${tube.stitches} stitches and ${size} each`
          : `${tube.stitches} stitches and ${size}`
      }
      state="own"
      problem={problems.find(({ field }) => field.startsWith('choices.tube.readyTube'))?.message}
    >
      <NumberField
        label="Stitches around the tube"
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
          mayBeEmpty={tube.rounds === undefined}
          value={tube.rounds}
          problem={at('rounds')}
          onChange={(rounds) => sized({ rounds })}
        />
      </Box>
      <Box mt={2}>
        <NumberField
          label="or its length"
          kind="length"
          lengths={lengths}
          mayBeEmpty={tube.lengthMm === undefined}
          value={tube.lengthMm}
          problem={at('lengthMm')}
          onChange={(lengthMm) => sized({ lengthMm })}
        />
      </Box>
      <Box mt={2}>
        <NumberField
          label="or what it weighs"
          kind="number"
          unit="g"
          lengths={lengths}
          mayBeEmpty={tube.massG === undefined}
          value={tube.massG}
          problem={at('massG')}
          onChange={(massG) => sized({ massG })}
        />
      </Box>
      <Switch
        labelled
        label="Yarn for heels, toes and cuffs"
        value={tube.ravel ? 'tube' : 'cake'}
        options={[
          ['cake', 'from a cake', 'the yarn comes from a cake'],
          ['tube', 'unravelled from the tube', 'the yarn is unravelled from the tube'],
        ]}
        onChange={(value) => set({ ravel: value === 'tube' ? true : undefined })}
      />
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
          {cutWords(plan.tube.cut, lengths)}
        </Box>
      )}
    </Word>
  );
}

/** What the cut gives: the pieces, what is ravelled first, and what is left. */
function cutWords(cut: NonNullable<Plan['tube']['cut']>, lengths: Lengths): string {
  const { pieceRounds, pieceLength, remnantRounds, remnantLength, ravelled, cuts } = cut;
  return [
    `Each piece has ${figureText(pieceRounds, lengths)}, ${figureText(pieceLength, lengths)}.`,
    ravelled &&
      ravelled.value > 0 &&
      `${figureText(ravelled, lengths)} are unravelled for heels, toes and cuffs.`,
    cuts > 0 &&
      `${cuts === 1 ? 'One cut' : `${cuts} cuts`}; ${
        remnantRounds.value > 0
          ? `${figureText(remnantRounds, lengths)} (${figureText(remnantLength, lengths)}) are left between the two pieces.`
          : 'nothing is left over.'
      }`,
  ]
    .filter(Boolean)
    .join(' ');
}
