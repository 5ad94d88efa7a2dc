import './print.css';
import { Box, Grid } from '@chakra-ui/react';
import { useCallback, useDeferredValue, useState } from 'react';
import type { FieldProblem } from '../api/client';
import type { Preview } from '../api/queries';
import type { Kept, Plan } from '../wire/types';
import { useKeymap } from '../form/keymap';
import { timeText } from '../units/days';
import { taken } from '../recipe/heelLine';
import { Recipe } from '../recipe/Recipe';
import { usePhone } from '../form/usePhone';
import { Folded } from './Folded';
import { handWords } from '../settings/hands';
import { useSettings } from '../settings/settings';
import { Tape } from '../tape/Tape';
import { Compare } from './Compare';
import type { Draft } from '../draft/draft';
import { Cautions } from './Cautions';
import { Doubts, firstDoubt, HeavyDoubts } from './Doubts';
import { FigureList } from './FigureList';
import type { Entry, Place } from '../tape/figures';
import { JoinHere } from './JoinHere';
import { FitPanel } from './FitPanel';
import { QuestionsPanel } from './QuestionsPanel';
import { Staircase } from './Staircase';
import { StripesPanel } from './StripesPanel';
import { FoldedSock } from '../picture/FoldedSock';
import { PageStyle } from '../form/PageStyle';
import { sockOf } from '../draft/shownSock';
import { useSteady } from '../form/useSteady';
import { ToeOnFoot } from './ToeOnFoot';
import { Supplies } from './Supplies';
import { usePlanWorking, type OnWorking } from './usePlanWorking';
import { YarnSplit } from './YarnSplit';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface PlanViewProps {
  draft: Draft;
  plan: Plan;
  preview: Preview;
  /** Whether suggestions stand above it. */
  suggested?: boolean;
  onChange: (draft: Draft) => void;
}

const NONE: readonly FieldProblem[] = [];

const sheet = {
  isolation: 'isolate',
  bg: 'sheet',
  borderWidth: '1px',
  borderColor: 'line',
  p: { base: 3, md: 4 },
};

/** A plan: the recipe, the tape with the figures, the staircases and the yarn. */
export function PlanView(props: PlanViewProps) {
  const { draft, plan, preview, suggested = false, onChange: change } = props;
  const onChange = useSteady(change);
  // Figures first: drawings and lists follow in the next breath, so that a key is answered at once.
  const drawn = useDeferredValue(plan);
  useKeymap({ recipe: toRecipe });
  const colour = draft.yarn?.colour;
  const { work, working } = usePlanWorking(plan, drawn);
  const join = useSteady((kept: Kept) => change(taken(draft, kept)));
  const phone = usePhone();
  const recipe = (
    <Recipe
      draft={draft}
      plan={drawn}
      problems={preview.refused?.errors ?? NONE}
      onChange={onChange}
    />
  );
  return (
    <Box className="plan">
      <PageStyle size="portrait" margin="12mm" />
      {!phone && recipe}
      <HeavyDoubts plan={drawn} />
      {preview.unreachable && <Unreachable madeAt={preview.madeAt} />}
      <TapeAndFigures
        plan={plan}
        drawn={drawn}
        colour={colour}
        suggested={suggested}
        onJoin={join}
        onWorking={work}
        figuresFirst={phone}
      />
      {phone && <Folded title={texts.theRecipe}>{recipe}</Folded>}
      <Box mt={4} className="no-print">
        <Compare draft={draft} plan={drawn} onChange={onChange} />
      </Box>
      {drawn.stripes && (
        <HowItLooks
          draft={draft}
          plan={drawn}
          stripes={drawn.stripes}
          onChange={onChange}
          onWorking={work}
        />
      )}
      <HeelToeAndYarn plan={drawn} colour={colour} onWorking={work} />
      <Box {...sheet} mt={4} className="no-print">
        <ToeOnFoot draft={draft} plan={drawn} onChange={onChange} onWorking={work} />
      </Box>
      <Supplies plan={drawn} />
      <FitAndChecks plan={plan} drawn={drawn} onWorking={work} />
      <Abbreviations plan={drawn} />
      {working}
    </Box>
  );
}

/** The abbreviations that stand in this plan's rounds: increases only where a toe is begun at its tip. */
function Abbreviations({ plan: { toe } }: { plan: Plan }) {
  const hand = handWords(useSettings().hand);
  return (
    <Box mt={3} fontSize="sm" color="quiet">
      {texts.k1SskK2tog(hand.ssk, hand.k2tog)}
      {toe.shaping.begun && texts.m1}
    </Box>
  );
}

function HowItLooks(props: Parameters<typeof StripesPanel>[0]) {
  return (
    <Box data-paper="look">
      <Box as="h2" fontSize="lg" mt={6} mb={2}>
        {texts.howThePairWillLook}
      </Box>
      <Box {...sheet}>
        <StripesPanel {...props} />
      </Box>
    </Box>
  );
}

interface TapeAndFiguresProps {
  plan: Plan;
  /** The plan as it is drawn, a breath behind. */
  drawn: Plan;
  colour: string | undefined;
  suggested: boolean;
  onJoin: (kept: Kept) => void;
  onWorking: OnWorking;
  /** Whether the figures stand above the tape: on a phone, where one is below the other. */
  figuresFirst: boolean;
}

/** The tape beside its figures: what is pointed at in one is lit in the other. */
function TapeAndFigures(props: TapeAndFiguresProps) {
  const { plan, drawn, colour, suggested, onJoin, onWorking, figuresFirst } = props;
  const [lit, setLit] = useState<Place | undefined>();
  const workEntry = useCallback(
    (entry: Entry) => onWorking(entry.label, entry.figures),
    [onWorking],
  );
  const along = useCallback(
    (round: number | undefined) => <JoinHere plan={drawn} round={round} onTake={onJoin} />,
    [drawn, onJoin],
  );
  const tape = (
    <Box {...sheet}>
      <Box as="h2" fontSize="md" srOnly>
        {texts.theTape}
      </Box>
      <Tape
        plan={drawn}
        colour={colour}
        lit={lit}
        onLight={setLit}
        belowOthers={suggested || firstDoubt(drawn) !== undefined}
        along={along}
      />
    </Box>
  );
  return (
    <Grid
      mt={3}
      gap={4}
      templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 21.5rem' }}
      alignItems="start"
    >
      {!figuresFirst && tape}
      <Box {...sheet}>
        <Box as="h2" fontSize="md" mb={1}>
          {texts.forEachSock(sockOf(plan) !== undefined)}
        </Box>
        <FigureList plan={plan} lit={lit} onLight={setLit} onWorking={workEntry} />
      </Box>
      {figuresFirst && tape}
    </Grid>
  );
}

/** Says that what is shown is older than what was asked for. */
function Unreachable({ madeAt }: Pick<Preview, 'madeAt'>) {
  return (
    <Box role="status" mt={2} px={3} py={2} bg="amissGround" color="amiss">
      {texts.showingThePlanOfYour(timeText(madeAt))}
    </Box>
  );
}

interface HeelToeAndYarnProps {
  plan: Plan;
  colour: string | undefined;
  onWorking: OnWorking;
}

function HeelToeAndYarn({ plan, colour, onWorking }: HeelToeAndYarnProps) {
  return (
    <>
      <Box as="h2" fontSize="lg" mt={6} mb={2} data-paper="rest">
        {texts.heelToeAndYarn}
      </Box>
      <Grid
        data-paper="columns"
        gap={4}
        templateColumns={{
          base: 'minmax(0, 1fr)',
          md: 'repeat(2, minmax(0, 1fr))',
          xl: 'minmax(0, 1fr) minmax(0, 1fr) minmax(0, 1.2fr)',
        }}
      >
        <Box {...sheet}>
          <Staircase name={shared.heel} part={plan.heel} side={plan.opening.heelSide.value} />
        </Box>
        <Box {...sheet}>
          <Staircase name={shared.toe} part={plan.toe} side={plan.stitchCount.half.value} />
        </Box>
        <Box
          {...sheet}
          gridColumn={{ md: '1 / -1', xl: 'auto' }}
          gridRow={{ xl: plan.stripes ? undefined : 'span 2' }}
        >
          <YarnSplit plan={plan} colour={colour} onWorking={onWorking} />
        </Box>
        {!plan.stripes && (
          <Box {...sheet} gridColumn={{ md: '1 / -1', xl: '1 / span 2' }}>
            <Box as="h3" fontSize="md" mb={1}>
              {texts.onTheTable}
            </Box>
            <FoldedSock plan={plan} colour={colour} />
          </Box>
        )}
      </Grid>
    </>
  );
}

interface FitAndChecksProps {
  plan: Plan;
  /** The plan as it is drawn, a breath behind. */
  drawn: Plan;
  onWorking: OnWorking;
}

function FitAndChecks({ plan, drawn, onWorking }: FitAndChecksProps) {
  return (
    <>
      <Box as="h2" fontSize="lg" mt={6} mb={2} className="no-print">
        {texts.fitChecksAndQuestions}
      </Box>
      <Grid
        gap={4}
        templateColumns={{
          base: 'minmax(0, 1fr)',
          md: 'repeat(2, minmax(0, 1fr))',
          xl: 'minmax(0, 1.1fr) minmax(0, 1.2fr) minmax(0, 1fr)',
        }}
        templateRows={{ md: 'auto 1fr', xl: 'auto' }}
        alignItems="start"
      >
        <Box {...sheet} className="no-print">
          <FitPanel plan={plan} onWorking={onWorking} />
        </Box>
        <Box {...sheet} gridRow={{ md: 'span 2', xl: 'auto' }} data-paper="checks">
          <Doubts plan={drawn} />
          <Cautions plan={drawn} />
        </Box>
        <Box {...sheet} className="no-print">
          <QuestionsPanel spec={drawn.madeFrom} onWorking={onWorking} />
        </Box>
      </Grid>
    </>
  );
}

/** To the first word of the recipe. */
function toRecipe(): void {
  document.querySelector<HTMLElement>('[data-word]')?.focus();
}
