import { Box } from '@chakra-ui/react';
import { memo } from 'react';
import type { FieldProblem } from '../api/client';
import type { Plan } from '../api/types';
import type { Draft } from '../plan/draft';
import { useSettings } from '../settings/settings';
import { choiceOf } from '../plan/draft';
import { decimal, gaugeSpanText } from '../units/units';
import { ChoiceWord } from './ChoiceWord';
import { ContrastWord } from './ContrastWord';
import { FabricWord } from './FabricWord';
import { FootWords } from './FootWords';
import { GraftWords } from './GraftWords';
import { ShapingWords } from './ShapingWords';
import { StitchesWord } from './StitchesWord';
import { SwatchWord } from './SwatchWord';
import { LegWords, TubeWords } from './TubeWords';
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
export const Recipe = memo(function Recipe(props: RecipeProps) {
  const { plan, problems, draft } = props;
  const { lengths } = useSettings();
  const problemAt = (field: string) => problems.find((each) => each.field === field)?.message;
  const words: WordsProps = { ...props, problemAt };
  // A stitch count of one's own decides; then the ease is what that count gives.
  const own = choiceOf(draft, 'size.stitches') !== undefined || plan.tube.way === 'READY_TUBE';
  const ease = own
    ? plan.stitchCount.realEase.value
    : (choiceOf(draft, 'size.ease') ?? plan.choices.ease.value);
  return (
    <Box>
      <Box fontSize="lg" lineHeight="1.7" maxW="80rem" data-testid="recipe">
        <p>
          For <FootWords {...words} />, in <YarnWord {...words} /> (
          <ContrastWord {...words} />) at <SwatchWord what="stitches" {...words} /> and{' '}
          <SwatchWord what="rounds" {...words} /> per {gaugeSpanText(lengths)},{' '}
          <FabricWord {...words} />,{' '}
          <ChoiceWord
            {...words}
            id="ease"
            title="How much smaller than the foot"
            text={
              ease < 0
                ? `${decimal(-ease * 100, 1)} % larger`
                : `${decimal(ease * 100, 1)} % smaller`
            }
            overruledBy="size.stitches"
            choice="size.ease"
            kind="percent"
            unit="% smaller"
            usual="10 %"
            tries={[0.05, 0.1, 0.15, 0.2]}
            tryTitle={(each) => `${decimal(each * 100, 0)} % smaller`}
            why="Knitted fabric has to be stretched a little to stay up and lie smooth. 10 to 20 % smaller is usual; more grips, less slips."
          />{' '}
          than the foot: <StitchesWord {...words} /> <TubeWords {...words} />; closed as a{' '}
          <ShapingWords {...words} name="heel" />. <LegWords {...words} /> The toe is a{' '}
          <ShapingWords {...words} name="toe" />. <GraftWords {...words} />
        </p>
      </Box>
      <Box fontSize="sm" color="quiet" mt={1} className="no-print">
        Firm words are yours, dotted ones the usual. Press any to change it, to see what else it
        could be, or to read why.
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
});
