import { Box } from '@chakra-ui/react';
import { memo, useState } from 'react';
import { usePreviewWhen } from '../api/queries';
import type { Figure, Spec } from '../wire/types';
import { NumberField } from '../form/NumberField';
import { useSettings } from '../settings/settings';
import { figureText, valueText } from '../units/units';
import { shared } from '../texts/shared';
import { texts } from './texts';

type Questions = NonNullable<Spec['questions']>;
type Finished = NonNullable<Questions['finished']>;

interface QuestionsPanelProps {
  spec: Spec;
  onWorking: (title: string, figures: readonly Figure[]) => void;
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
  const preview = usePreviewWhen(nothing ? undefined : { ...spec, questions }, 'questions');
  const answers = preview.behind ? undefined : preview.plan?.answers;
  const problem = (field: string) =>
    preview.refused?.errors.find((each) => each.field === `questions.${field}`)?.message;
  const text = (figure: Figure) => figureText(figure, lengths);
  return (
    <Box>
      <Box as="h3" fontSize="md" mb={2}>
        {texts.workBackwards}
      </Box>
      <NumberField
        label={texts.howManyStitchesForThis}
        kind="percent"
        unit={shared.smaller}
        lengths={lengths}
        mayBeEmpty
        value={asked.wantedEase}
        problem={problem('wantedEase')}
        onChange={(wantedEase) => setAsked({ ...asked, wantedEase })}
      />
      <Answer>
        {answers?.stitches &&
          texts.actuallySmaller(text(answers.stitches.stitches), text(answers.stitches.realEase))}
      </Answer>
      <NumberField
        label={texts.howLongALegFrom}
        kind="number"
        unit="g"
        lengths={lengths}
        mayBeEmpty
        value={asked.atHandG}
        problem={problem('atHandG')}
        onChange={(atHandG) => setAsked({ ...asked, atHandG })}
      />
      <Answer
        onPress={
          answers?.leg &&
          (() => answers.leg && onWorking(texts.longestLeg, [answers.leg.longestLeg]))
        }
      >
        {answers?.leg &&
          (answers.leg.longestRounds.value < 1
            ? texts.noneThereIsntEvenEnough
            : texts.aboveTheHeelLineBefore(
                text(answers.leg.longestLeg),
                text(answers.leg.longestRounds),
                text(answers.leg.stopWeight),
              ))}
      </Answer>
      <NumberField
        label={texts.howManyPlainRoundsKeep}
        kind="percent"
        unit="%"
        lengths={lengths}
        mayBeEmpty
        value={asked.wantedStretch}
        problem={problem('wantedStretch')}
        onChange={(wantedStretch) => setAsked({ ...asked, wantedStretch })}
      />
      <Answer>
        {answers?.plainRounds &&
          (answers.plainRounds.fewest === undefined
            ? texts.noneEvenPlainRoundsStretch(
                answers.plainRounds.tried.plainRounds,
                text(answers.plainRounds.tried.stretch),
              )
            : texts.plainRoundsWhichStretchBy(
                answers.plainRounds.fewest,
                text(answers.plainRounds.tried.stretch),
              ))}
      </Answer>
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
            lengths={lengths}
            mayBeEmpty
            value={sock[field]}
            problem={problem(`finished.${field}`)}
            onChange={(value) => setSock({ ...sock, [field]: value })}
          />
        ))}
      </Box>
      <Answer
        onPress={
          answers?.fits &&
          (() =>
            answers.fits && onWorking(texts.footSize, [answers.fits.length, answers.fits.girth]))
        }
      >
        {answers?.fits &&
          texts.aFootLongAndAround(
            text(answers.fits.length),
            text(answers.fits.girth),
            valueText(answers.fits.smallestGirth.value, 'MILLIMETRES', lengths),
            valueText(answers.fits.largestGirth.value, 'MILLIMETRES', lengths),
          )}
      </Answer>
    </Box>
  );
});

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
