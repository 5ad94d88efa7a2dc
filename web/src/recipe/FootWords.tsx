import { Box } from '@chakra-ui/react';
import { useFeet } from '../api/queries';
import type { Foot, Spec } from '../wire/types';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText, lengthText } from '../units/units';
import { Choice } from './Choice';
import { MoreMeasures } from './MoreMeasures';
import { NumberField } from '../form/NumberField';
import type { WordsProps } from './props';
import { Why, Word } from './Word';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Whose feet, and their measures. */
export function FootWords(words: WordsProps) {
  const { draft, onChange } = words;
  const whose = draft.foot?.name ?? draft.footName;
  return (
    <>
      <Word
        id="foot"
        title={shared.whoseFeet}
        text={whose ? texts.sFeet(whose) : texts.theseFeet}
        state={whose ? 'own' : 'usual'}
      >
        <ShelfOfFeet draft={draft} onChange={onChange} />
      </Word>{' '}
      (
      <MeasureWord
        {...words}
        id="foot-length"
        measure="lengthMm"
        title={shared.footLength}
        label={shared.longestToeToHeel}
        why={texts.barefootAndStandingWeightOn}
      />{' '}
      {texts.long2}{' '}
      <MeasureWord
        {...words}
        id="foot-girth"
        measure="ballGirthMm"
        title={shared.aroundTheBallOfThe}
        label={shared.aroundTheBall}
        why={texts.theTapeAroundTheWidest}
      />{' '}
      {texts.aroundTheBall}
      <MoreMeasures {...words} />)
    </>
  );
}

interface MeasureWordProps extends WordsProps {
  id: string;
  measure: 'lengthMm' | 'ballGirthMm';
  title: string;
  label: string;
  why: string;
}

/** One measure of the foot. */
function MeasureWord(props: MeasureWordProps) {
  const { id, measure, title, label, why, draft, plan, onChange, problemAt } = props;
  const { lengths } = useSettings();
  const { foot } = draft.spec;
  const problem = problemAt(`foot.${measure}`);
  const set = (mm: number | undefined) =>
    onChange({ ...draft, spec: { ...draft.spec, foot: { ...foot, [measure]: mm } } });
  const guessed = measure === 'lengthMm' ? plan.basis.foot.length : plan.basis.foot.ballGirth;
  const mm = foot[measure];
  // Only where there is a shoe size can a measure be missing.
  const mayBeEmpty =
    foot.shoe !== undefined && (measure === 'lengthMm' || foot.lengthMm === undefined);
  return (
    <Word
      id={id}
      title={title}
      text={mm === undefined ? texts.about2(figureText(guessed, lengths)) : lengthText(mm, lengths)}
      state={mm === undefined ? 'usual' : 'own'}
      problem={problem}
    >
      <NumberField
        key={lengths}
        label={label}
        kind="length"
        value={mm}
        mayBeEmpty={mayBeEmpty}
        autoFocus
        problem={problem}
        onChange={set}
      />
      <Why>{why}</Why>
    </Word>
  );
}

function ShelfOfFeet({ draft, onChange }: Pick<WordsProps, 'draft' | 'onChange'>) {
  const feet = useFeet();
  const { lengths } = useSettings();
  if (!feet.data?.length) {
    return <Box>{texts.noFeetSavedYetThese}</Box>;
  }
  return (
    <Box maxH="18rem" overflowY="auto">
      {feet.data.map(({ id, name, foot, otherFoot }) => (
        <Choice
          key={id}
          chosen={id === draft.foot?.id}
          title={name}
          note={
            id === draft.foot?.id && !sameFeet(draft.spec, { foot, otherFoot })
              ? texts.theShelfNowSaysTap(footNote(foot, lengths))
              : footNote(foot, lengths)
          }
          onChoose={() =>
            onChange({
              ...draft,
              footName: undefined,
              foot: { id, name },
              spec: { ...draft.spec, foot, otherFoot, planOn: undefined },
            })
          }
        />
      ))}
      <Why>{texts.theMeasuresAreCopiedInto}</Why>
    </Box>
  );
}

/** Whether the measures of a pair are those of the shelf. */
function sameFeet(mine: Pick<Spec, 'foot' | 'otherFoot'>, shelf: typeof mine): boolean {
  const told = ({ foot, otherFoot }: typeof mine) =>
    JSON.stringify([foot, otherFoot ?? {}].map((each) => Object.entries(each).sort()));
  return told(mine) === told(shelf);
}

function footNote(foot: Foot, lengths: Lengths): string {
  const long =
    foot.lengthMm === undefined
      ? texts.shoeSizeOnly
      : texts.long(lengthText(foot.lengthMm, lengths));
  return foot.ballGirthMm === undefined
    ? long
    : texts.around2(long, lengthText(foot.ballGirthMm, lengths));
}
