import { Box } from '@chakra-ui/react';
import { memo, useState } from 'react';
import { usePreviewWhen } from '../api/queries';
import type { Figure, Spec } from '../wire/types';
import { NumberField } from '../form/NumberField';
import { useSettings } from '../settings/settings';
import { figureText, valueText } from '../units/units';

type Questions = NonNullable<Spec['questions']>;
type Finished = NonNullable<Questions['finished']>;

interface QuestionsPanelProps {
  spec: Spec;
  onWorking: (title: string, figures: readonly Figure[]) => void;
}

const FINISHED: readonly (readonly [keyof Finished, string, string])[] = [
  ['stitches', 'Stitches around', 'stitches'],
  ['openingRound', 'Toe tip to the heel line', 'rounds'],
  ['heelRounds', 'Heel', 'rounds'],
  ['legRounds', 'Above the heel', 'rounds'],
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
        Work backwards
      </Box>
      <NumberField
        label="How many stitches for this much negative ease?"
        kind="percent"
        unit="% smaller"
        lengths={lengths}
        mayBeEmpty
        value={asked.wantedEase}
        problem={problem('wantedEase')}
        onChange={(wantedEase) => setAsked({ ...asked, wantedEase })}
      />
      <Answer>
        {answers?.stitches &&
          `${text(answers.stitches.stitches)}, actually ${text(answers.stitches.realEase)} smaller.`}
      </Answer>
      <NumberField
        label="How long a leg from this much yarn?"
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
          answers?.leg && (() => answers.leg && onWorking('Longest leg', [answers.leg.longestLeg]))
        }
      >
        {answers?.leg &&
          (answers.leg.longestRounds.value < 1
            ? 'None: there isn’t even enough for the rest of the sock.'
            : `${text(answers.leg.longestLeg)} above the heel line, ${text(answers.leg.longestRounds)} before the cuff; start the cuff when the yarn weighs ${text(answers.leg.stopWeight)}.`)}
      </Answer>
      <NumberField
        label="How many plain rounds keep heel stretch below this?"
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
            ? `None: even ${answers.plainRounds.tried.plainRounds} plain rounds stretch by ${text(answers.plainRounds.tried.stretch)}.`
            : `${answers.plainRounds.fewest} plain rounds, which stretch by ${text(answers.plainRounds.tried.stretch)}.`)}
      </Answer>
      <Box fontWeight="600" mt={2}>
        What size foot fits a finished sock?
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
          (() => answers.fits && onWorking('Foot size', [answers.fits.length, answers.fits.girth]))
        }
      >
        {answers?.fits &&
          `A foot ${text(answers.fits.length)} long and ${text(answers.fits.girth)} around the ball (${valueText(answers.fits.smallestGirth.value, 'MILLIMETRES', lengths)} to ${valueText(answers.fits.largestGirth.value, 'MILLIMETRES', lengths)}), at the gauge of this plan.`}
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
          Working
        </button>
      )}
    </Box>
  );
}
