import { Box } from '@chakra-ui/react';
import { memo, useState } from 'react';
import { usePreviewWhen } from '../api/queries';
import type { Figure, Plan, Spec } from '../wire/types';
import { NumberField } from '../form/NumberField';
import { useSettings } from '../settings/settings';
import { figureText, valueText } from '../units/units';
import { shared } from '../texts/shared';
import type { OnWorking } from './usePlanWorking';
import { texts } from './texts';

type Questions = NonNullable<Spec['questions']>;
type Finished = NonNullable<Questions['finished']>;

interface QuestionsPanelProps {
  /** What the plan was made from that the questions are about. */
  spec: Spec | undefined;
  onWorking: OnWorking;
}

const FINISHED: readonly (readonly [keyof Finished, string, string])[] = [
  ['stitches', shared.stitchesAround, 'stitches'],
  ['openingRound', texts.toeTipToTheHeel, 'rounds'],
  ['heelRounds', shared.heel, 'rounds'],
  ['legRounds', texts.aboveTheHeel, 'rounds'],
];

/** Questions that go the other way: from a wish, or from a finished sock. */
export const QuestionsPanel = memo(function QuestionsPanel({
  spec,
  onWorking,
}: QuestionsPanelProps) {
  const { lengths } = useSettings();
  const [asked, setAsked] = useState<Questions>({});
  const [sock, setSock] = useState<Partial<Finished>>({});
  const whole = FINISHED.every(([field]) => sock[field] !== undefined);
  const questions: Questions = whole ? { ...asked, finished: sock as Finished } : asked;
  // While nothing is asked, nothing is sent: it would compete with the plan itself.
  const nothing = Object.values(questions).every((value) => value === undefined);
  const preview = usePreviewWhen(
    nothing || !spec ? undefined : { ...spec, questions: { ...spec.questions, ...questions } },
    'questions',
  );
  const question = {
    asked,
    ask: (part: Questions) => setAsked({ ...asked, ...part }),
    answers: preview.behind ? undefined : preview.plan?.answers,
    problem: (field: string) =>
      preview.refused?.errors.find((each) => each.field === `questions.${field}`)?.message,
    text: (figure: Figure) => figureText(figure, lengths),
    cuffDown: spec?.choices?.tube?.way === 'CUFF_DOWN',
    onWorking: (title: string, figures: readonly Figure[]) =>
      onWorking(title, figures, preview.plan),
  };
  return (
    <Box>
      <Box as="h3" fontSize="md" mb={2}>
        {texts.workBackwards}
      </Box>
      <WhichStitches {...question} />
      <WhichLeg {...question} />
      <WhichPlainRounds {...question} />
      <WhichFoot {...question} sock={sock} onSock={setSock} />
    </Box>
  );
});

interface QuestionProps {
  asked: Questions;
  ask: (part: Questions) => void;
  answers: Plan['answers'] | undefined;
  problem: (field: string) => string | undefined;
  text: (figure: Figure) => string;
  cuffDown: boolean;
  onWorking: QuestionsPanelProps['onWorking'];
}

function WhichStitches({ asked, ask, answers, problem, text }: QuestionProps) {
  return (
    <>
      <NumberField
        label={texts.howManyStitchesForThis}
        kind="percent"
        unit={shared.smaller}
        mayBeEmpty
        value={asked.wantedEase}
        problem={problem('wantedEase')}
        onChange={(wantedEase) => ask({ wantedEase })}
      />
      <Answer>
        {answers?.stitches &&
          texts.actuallySmaller(text(answers.stitches.stitches), text(answers.stitches.realEase))}
      </Answer>
    </>
  );
}

function WhichLeg({ asked, ask, answers, problem, text, cuffDown, onWorking }: QuestionProps) {
  const leg = answers?.leg;
  return (
    <>
      <NumberField
        label={texts.howLongALegFrom}
        kind="number"
        unit="g"
        mayBeEmpty
        value={asked.atHandG}
        problem={problem('atHandG')}
        onChange={(atHandG) => ask({ atHandG })}
      />
      <Answer onPress={leg && (() => onWorking(texts.longestLeg, [leg.longestLeg]))}>
        {leg &&
          (leg.longestRounds.value < 1
            ? texts.noneThereIsntEvenEnough
            : texts.aboveTheHeelLineBefore(
                text(leg.longestLeg),
                text(leg.longestRounds),
                text(leg.stopWeight),
                cuffDown,
              ))}
      </Answer>
    </>
  );
}

function WhichPlainRounds({ asked, ask, answers, problem, text }: QuestionProps) {
  const found = answers?.plainRounds;
  return (
    <>
      <NumberField
        label={texts.howManyPlainRoundsKeep}
        kind="percent"
        unit="%"
        mayBeEmpty
        value={asked.wantedStretch}
        problem={problem('wantedStretch')}
        onChange={(wantedStretch) => ask({ wantedStretch })}
      />
      <Answer>
        {found &&
          (found.fewest === undefined
            ? texts.noneEvenPlainRoundsStretch(found.tried.plainRounds, text(found.tried.stretch))
            : texts.plainRoundsWhichStretchBy(found.fewest, text(found.tried.stretch)))}
      </Answer>
    </>
  );
}

interface WhichFootProps extends QuestionProps {
  sock: Partial<Finished>;
  onSock: (sock: Partial<Finished>) => void;
}

function WhichFoot({ sock, onSock, answers, problem, text, onWorking }: WhichFootProps) {
  const { lengths } = useSettings();
  const fits = answers?.fits;
  return (
    <>
      <Box fontWeight="600" mt={2}>
        {texts.whatSizeFootFitsA}
      </Box>
      <Box
        display="grid"
        gridTemplateColumns="repeat(auto-fit, minmax(min(100%, 8.5rem), 1fr))"
        gap={2}
        mt={1}
      >
        {FINISHED.map(([field, label, unit]) => (
          <NumberField
            key={field}
            label={label}
            kind="whole"
            unit={unit}
            mayBeEmpty
            value={sock[field]}
            problem={problem(`finished.${field}`)}
            onChange={(value) => onSock({ ...sock, [field]: value })}
          />
        ))}
      </Box>
      <Answer onPress={fits && (() => onWorking(texts.footSize, [fits.length, fits.girth]))}>
        {fits &&
          texts.aFootLongAndAround(
            text(fits.length),
            text(fits.girth),
            valueText(fits.smallestGirth.value, 'MILLIMETRES', lengths),
            valueText(fits.largestGirth.value, 'MILLIMETRES', lengths),
          )}
      </Answer>
    </>
  );
}

function Answer({
  children,
  onPress,
}: {
  children: string | undefined;
  onPress?: (() => void) | undefined;
}) {
  return (
    <Box minH="2.6em" py={1} fontSize="sm" role="status">
      {children}{' '}
      {children && onPress && (
        <button
          type="button"
          onClick={onPress}
          style={{ textDecoration: 'underline', cursor: 'pointer' }}
        >
          {texts.working}
        </button>
      )}
    </Box>
  );
}
