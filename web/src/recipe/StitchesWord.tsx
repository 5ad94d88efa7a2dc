import { choiceOf, withChoice } from '../draft/draft';
import { useSettings } from '../settings/settings';
import { figureText } from '../units/units';
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
      {plan.stitchCount.neighbours.map(({ stitches, realEase }) => (
        <Choice
          key={stitches}
          chosen={stitches === count}
          title={`${stitches} stitches`}
          note={`${figureText(realEase, lengths)} smaller than the foot`}
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
