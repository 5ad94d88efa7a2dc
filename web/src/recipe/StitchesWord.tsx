import { choiceOf, withChoice } from '../draft/draft';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText } from '../units/units';
import type { Figure, Plan } from '../wire/types';
import { Choice } from './Choice';
import type { WordsProps } from './props';
import { NumberField } from '../form/NumberField';
import { Why, Word } from './Word';
import { texts } from './texts';

/** The stitch count: from the ease, or the knitter's own, with what its neighbours would give. */
export function StitchesWord({ draft, plan, onChange, problemAt }: WordsProps) {
  const { lengths } = useSettings();
  const own = choiceOf(draft, 'size.stitches');
  const problem = problemAt('choices.size.stitches');
  const count = plan.stitchCount.stitches.value;
  return (
    <Word
      id="stitches"
      after="."
      title={texts.stitchesInTheTube}
      text={texts.stitches2(own ?? count)}
      state={own === undefined ? 'usual' : 'own'}
      problem={problem}
    >
      {countsOf(plan).map(({ stitches, realEase, whole }) => (
        <Choice
          key={stitches}
          chosen={stitches === count}
          title={texts.stitches3(stitches)}
          note={`${easeWords(realEase, lengths)}${whole ? texts.wholeRepeatsOfThePattern : ''}`}
          onChoose={() => onChange(withChoice(draft, 'size.stitches', stitches))}
        />
      ))}
      <NumberField
        key={lengths}
        mayBeEmpty
        label={texts.orACountOfYour}
        kind="whole"
        unit={texts.stitches}
        value={own}
        usual={texts.asTheEaseGives}
        problem={problem}
        onChange={(stitches) => onChange(withChoice(draft, 'size.stitches', stitches))}
      />
      <Why>{texts.exactRoundedToAMultiple(figureText(plan.stitchCount.ideal, lengths))}</Why>
    </Word>
  );
}

/** The counts next to this one, and those that a pattern comes out on. */
function countsOf({ stitchCount, pattern }: Plan) {
  const now = stitchCount.stitches.value;
  const whole = [pattern?.below, pattern?.above].flatMap((one) => (one ? [one] : []));
  const wholeAt = new Set(whole.map(({ stitches }) => stitches));
  const others = whole.filter(
    ({ stitches }) => !stitchCount.neighbours.some((one) => one.stitches === stitches),
  );
  return [...stitchCount.neighbours, ...others]
    .toSorted((one, other) => one.stitches - other.stitches)
    .map((one) => ({
      ...one,
      whole: wholeAt.has(one.stitches) || (pattern?.closes === true && one.stitches === now),
    }));
}

function easeWords(ease: Figure, lengths: Lengths): string {
  return ease.value < 0
    ? texts.largerThanTheFoot(figureText({ ...ease, value: -ease.value }, lengths))
    : texts.smallerThanTheFoot(figureText(ease, lengths));
}
