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
import { shared } from '../texts/shared';
import { texts } from './texts';

type ReadyTube = NonNullable<ChoiceValue<'tube.readyTube'>>;

/** The tube that is there already, and how it is cut. */
export function ReadyTubeWord({ draft, plan, onChange, problemAt, problems }: WordsProps) {
  const { lengths } = useSettings();
  const tube = choiceOf(draft, 'tube.readyTube');
  if (!tube) {
    return null;
  }
  const set = (change: Partial<ReadyTube>) =>
    onChange(withChoices(draft, { 'tube.readyTube': { ...tube, ...change } }));
  const at = (field: string) => problemAt(`choices.tube.readyTube.${field}`);
  const size = sizeOf(tube, lengths);
  return (
    <Word
      id="ready-tube"
      title={texts.theReadyTube}
      text={
        tube.cut === 'PIECES'
          ? texts.twoPiecesOfStitchesAnd(tube.stitches, size)
          : texts.stitchesAnd(tube.stitches, size)
      }
      state="own"
      problem={problems.find(({ field }) => field.startsWith('choices.tube.readyTube'))?.message}
    >
      <NumberField
        label={texts.stitchesAroundTheTube}
        kind="whole"
        unit={texts.stitches}
        value={tube.stitches}
        problem={at('stitches')}
        onChange={(stitches) => stitches !== undefined && set({ stitches })}
      />
      <SizeFields tube={tube} set={set} at={at} />
      <Switch
        labelled
        label={texts.yarnForHeelsToesAnd}
        value={tube.ravel ? 'tube' : 'cake'}
        options={[
          ['cake', texts.fromACake, texts.theYarnComesFromA],
          ['tube', texts.unravelledFromTheTube, texts.theYarnIsUnravelledFrom],
        ]}
        onChange={(value) => set({ ravel: value === 'tube' ? true : undefined })}
      />
      <Box mt={3} mb={1} fontWeight="600">
        {texts.cutForThePair}
      </Box>
      <Cuts draft={draft} tube={tube} onChange={onChange} />
      {plan.tube.cut && (
        <Box fontSize="sm" color="quiet" mt={2}>
          {cutWords(plan.tube.cut, lengths)}
        </Box>
      )}
    </Word>
  );
}

/** How large the tube is, in what was measured of it. */
function sizeOf(tube: ReadyTube, lengths: Lengths): string {
  if (tube.rounds !== undefined) {
    return texts.rounds4(tube.rounds);
  }
  return tube.lengthMm !== undefined
    ? lengthText(tube.lengthMm, lengths)
    : valueText(tube.massG ?? 0, 'GRAMS', lengths);
}

interface SizeFieldsProps {
  tube: ReadyTube;
  set: (change: Partial<ReadyTube>) => void;
  at: (field: string) => string | undefined;
}

/** One of three ways to say how long a tube is; the one that is filled in last counts. */
function SizeFields({ tube, set, at }: SizeFieldsProps) {
  const sized = (size: Pick<ReadyTube, 'rounds' | 'lengthMm' | 'massG'>) =>
    Object.values(size).some((each) => each !== undefined) &&
    set({ rounds: undefined, lengthMm: undefined, massG: undefined, ...size });
  return (
    <>
      <NumberField
        mt={2}
        label={texts.roundsWhereTheyWereCounted}
        kind="whole"
        unit={shared.rounds2}
        mayBeEmpty={tube.rounds === undefined}
        value={tube.rounds}
        problem={at('rounds')}
        onChange={(rounds) => sized({ rounds })}
      />
      <NumberField
        mt={2}
        label={texts.orItsLength}
        kind="length"
        mayBeEmpty={tube.lengthMm === undefined}
        value={tube.lengthMm}
        problem={at('lengthMm')}
        onChange={(lengthMm) => sized({ lengthMm })}
      />
      <NumberField
        mt={2}
        label={texts.orWhatItWeighs}
        kind="number"
        unit="g"
        mayBeEmpty={tube.massG === undefined}
        value={tube.massG}
        problem={at('massG')}
        onChange={(massG) => sized({ massG })}
      />
    </>
  );
}

interface CutsProps extends Pick<WordsProps, 'draft' | 'onChange'> {
  tube: ReadyTube;
}

/** The ways to cut it, each with what it would do. */
function Cuts({ draft, tube, onChange }: CutsProps) {
  const almanac = useAlmanac();
  const cuts = (almanac.data ?? []).filter(({ id }) => id.startsWith('school.Cut.'));
  return (
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
  );
}

/** What the cut gives: the pieces, what is ravelled first, and what is left. */
function cutWords(cut: NonNullable<Plan['tube']['cut']>, lengths: Lengths): string {
  const { pieceRounds, pieceLength, remnantRounds, remnantLength, ravelled, cuts } = cut;
  return [
    texts.eachPieceHas(figureText(pieceRounds, lengths), figureText(pieceLength, lengths)),
    ravelled &&
      ravelled.value > 0 &&
      texts.areUnravelledForHeelsToes(figureText(ravelled, lengths)),
    cuts > 0 &&
      `${cuts === 1 ? texts.oneCut : texts.cuts(cuts)}; ${
        remnantRounds.value > 0
          ? texts.areLeftBetweenTheTwo(
              figureText(remnantRounds, lengths),
              figureText(remnantLength, lengths),
            )
          : texts.nothingIsLeftOver
      }`,
  ]
    .filter(Boolean)
    .join(' ');
}
