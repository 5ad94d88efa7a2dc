import { choiceOf, withChoice } from '../draft/draft';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText } from '../units/units';
import type { Figure, Plan } from '../wire/types';
import { Choice } from './Choice';
import type { WordsProps } from './props';
import { NumberField } from '../form/NumberField';
import { Why, Word } from './Word';

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
      title="Stitches in the tube"
      text={`${own ?? count} stitches`}
      state={own === undefined ? 'usual' : 'own'}
      problem={problem}
    >
      {countsOf(plan).map(({ stitches, realEase, whole }) => (
        <Choice
          key={stitches}
          chosen={stitches === count}
          title={`${stitches} stitches`}
          note={`${easeWords(realEase, lengths)}${whole ? '; whole repeats of the pattern' : ''}`}
          onChoose={() => onChange(withChoice(draft, 'size.stitches', stitches))}
        />
      ))}
      <NumberField
        key={lengths}
        mayBeEmpty
        label="Or a count of your own"
        kind="whole"
        unit="stitches"
        lengths={lengths}
        value={own}
        usual="as the ease gives"
        problem={problem}
        onChange={(stitches) => onChange(withChoice(draft, 'size.stitches', stitches))}
      />
      <Why>
        {`Exact: ${figureText(plan.stitchCount.ideal, lengths)}. Rounded to a multiple of 4 so both halves match and 2×2 rib and the four decreases work out.`}
      </Why>
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
    ? `${figureText({ ...ease, value: -ease.value }, lengths)} larger than the foot`
    : `${figureText(ease, lengths)} smaller than the foot`;
}
