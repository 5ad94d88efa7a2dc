import { Box } from '@chakra-ui/react';
import type { FieldProblem } from '../api/client';
import type { Plan } from '../api/types';
import type { Draft } from '../plan/draft';
import { useSettings } from '../settings/settings';
import { decimal, lengthText, valueText } from '../units/units';
import { ChoiceWord } from './ChoiceWord';
import { FootWords } from './FootWords';
import { StitchesWord } from './StitchesWord';
import { SwatchWord } from './SwatchWord';
import { Why, Word } from './Word';
import { YarnWord } from './YarnWord';

export interface RecipeProps {
  draft: Draft;
  plan: Plan;
  problems: readonly FieldProblem[];
  onChange: (draft: Draft) => void;
}

/** What a recipe word is handed. */
export interface WordsProps extends RecipeProps {
  problemAt: (field: string) => string | undefined;
}

/** The plan's inputs as one paragraph whose underlined words are live. */
export function Recipe(props: RecipeProps) {
  const { plan, problems, draft } = props;
  const { lengths } = useSettings();
  const problemAt = (field: string) => problems.find((each) => each.field === field)?.message;
  const words: WordsProps = { ...props, problemAt };
  const { size, tube, heel, toe, finish } = draft.spec.choices ?? {};
  // A stitch count of one's own decides; then the ease is what that count gives.
  const ease =
    size?.stitches === undefined
      ? (size?.ease ?? plan.choices.ease.value)
      : plan.stitchCount.realEase.value;
  const span = lengths === 'INCH' ? '4 in' : '10 cm';
  return (
    <Box>
      <Box as="p" fontSize="lg" lineHeight="1.75" maxW="76rem" data-testid="recipe">
        For <FootWords {...words} />, in <YarnWord {...words} /> at{' '}
        <SwatchWord what="stitches" {...words} /> and <SwatchWord what="rounds" {...words} /> to{' '}
        {span},{' '}
        <ChoiceWord
          {...words}
          id="ease"
          title="How much smaller than the foot"
          text={`${decimal(ease * 100, 1)} % smaller`}
          overruledBy="size.stitches"
          choice="size.ease"
          kind="percent"
          unit="% smaller"
          usual="10 %"
          why="Knitted fabric has to be stretched a little to stay up and lie smooth. 10 to 20 % smaller is usual; more grips, less slips."
        />{' '}
        than the foot: <StitchesWord {...words} />{' '}
        <Word id="direction" title="Toe-up" text="Toe-up" state="usual">
          The tube starts at the toe’s end on a line of waste yarn and is knitted up to the cuff.
          The toe is added afterwards, like the heel.
          <Why>It can be tried on, and the leg can go on for as long as there is yarn.</Why>
        </Word>{' '}
        from a start on waste yarn, the heel{' '}
        <Word
          id="placing"
          title="Placed by its own depth"
          text="placed by its own depth"
          state="usual"
        >
          The closed heel reaches back exactly as deep as it is long, so the opening comes that much
          before the end of the foot.
          <Why>Whatever heel is chosen, the sock’s foot then has the length of yours.</Why>
        </Word>{' '}
        and kept open by{' '}
        <Word
          id="opening"
          title="One line of waste yarn"
          text="a line of waste yarn"
          state="usual"
          after=","
        >
          {`At the opening, knit ${valueText(plan.opening.line.value, 'STITCHES', lengths)} of the sole with smooth yarn of a strong contrast, slide them back, and knit them again with the working yarn.`}
          <Why>
            No round is lost and nothing is cut. Leave long tails outside.{' '}
            {plan.opening.cornerStitches?.value} stitches of the line stay in at each corner until
            the heel is done, so that no hole forms.
          </Why>
        </Word>{' '}
        closed as{' '}
        <Word id="heel-school" title="Heel: wedge" text="a wedge" state="usual">
          {`The wedge: ${plan.heel.description}.`}
          <Why>{`Good for: ${plan.heel.goodFor}.`}</Why>
        </Word>{' '}
        after{' '}
        <ChoiceWord
          {...words}
          id="heel-plain"
          after="."
          title="Plain rounds at the heel"
          text={`${heel?.plainRounds ?? plan.heel.plainRounds.value} plain rounds`}
          choice="heel.plainRounds"
          kind="whole"
          unit="rounds"
          usual="4 rounds"
          why="More plain rounds make the heel deeper: for a high instep. Fewer, for a low one. 0, 1, 4 and 5 are in use."
        />{' '}
        The leg goes{' '}
        <ChoiceWord
          {...words}
          id="leg"
          title="Leg above the opening, cuff included"
          text={lengthText(tube?.legMm ?? plan.choices.leg.value, lengths)}
          choice="tube.legMm"
          kind="length"
          usual={lengthText(125, lengths)}
          why="Measured from where the heel opens up to the edge of the cuff."
        />{' '}
        above the opening and ends in{' '}
        <ChoiceWord
          {...words}
          id="cuff"
          title="Rounds of the cuff"
          text={`${finish?.cuffRounds ?? plan.choices.cuff.value} rounds`}
          choice="finish.cuffRounds"
          kind="whole"
          unit="rounds"
          usual="15 rounds"
          why="14 to 20 rounds of rib, 1×1 or 2×2, are usual. The bind-off has to stretch over the heel."
        />{' '}
        of rib. The toe closes as{' '}
        <Word id="toe-school" title="Toe: wedge" text="a wedge" state="usual">
          {`The wedge: ${plan.toe.description}.`}
          <Why>Its decreases sit at the sides, in line with the corners of the heel’s opening.</Why>
        </Word>{' '}
        too, after{' '}
        <ChoiceWord
          {...words}
          id="toe-plain"
          after="."
          title="Plain rounds at the toe"
          text={`${toe?.plainRounds ?? plan.toe.plainRounds.value} plain rounds`}
          choice="toe.plainRounds"
          kind="whole"
          unit="rounds"
          usual="4 rounds"
          why="A few plain rounds keep the first part of the toe straight: for broad toes. None makes it shorter and more pointed."
        />
      </Box>
      <Box fontSize="sm" color="quiet" mt={1} className="no-print">
        Firm words are yours, dotted ones the usual. Press any to change it or to read why.
      </Box>
      {problems.length > 0 && (
        <Box
          role="alert"
          mt={2}
          px={3}
          py={2}
          bg="amissGround"
          color="amiss"
          borderLeftWidth="4px"
          borderColor="amiss"
        >
          {problems.map((problem) => (
            <p key={problem.field + problem.code}>{problem.message}</p>
          ))}
          <p>Below is the last plan that could be made.</p>
        </Box>
      )}
    </Box>
  );
}
