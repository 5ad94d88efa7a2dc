import { Box } from '@chakra-ui/react';
import { useFeet } from '../api/queries';
import type { Foot, Spec } from '../wire/types';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText, lengthText, prose } from '../units/units';
import { Choice } from './Choice';
import { NumberField } from '../form/NumberField';
import type { WordsProps } from './props';
import { Select } from '../form/Select';
import { WhereToMeasure } from '../tape/WhereToMeasure';
import { TracingFields } from '../form/TracingFields';
import { ToeAndShoe } from '../form/ToeAndShoe';
import { Why, Word } from './Word';
import { SmallButton } from '../form/SmallButton';
import { texts } from './texts';

/** What else is known of the feet: heel, leg, toes, shoe size, and the other foot. */
export function MoreMeasures(words: WordsProps) {
  return (
    <>
      <HeelWord {...words} />
      {', '}
      <OtherFootWord {...words} />
    </>
  );
}

function HeelWord({ draft, plan, onChange, problemAt, problems }: WordsProps) {
  const { lengths } = useSettings();
  const { foot } = draft.spec;
  const set = (change: Partial<Foot>) =>
    onChange({ ...draft, spec: { ...draft.spec, foot: { ...foot, ...change } } });
  const about = plan.basis.foot.diagonalEstimated ? texts.about : '';
  const known = [foot.heelDiagonalMm, foot.legGirthMm, foot.toeForm, foot.shoe, foot.tracing];
  return (
    <Word
      id="foot-more"
      title={texts.heelLegToesAndShoe}
      text={texts.overTheHeel(about, figureText(plan.basis.foot.heelDiagonal, lengths))}
      state={known.some((each) => each !== undefined) ? 'own' : 'usual'}
      problem={
        problems.find(({ field }) =>
          /^foot\.(heelDiagonal|legGirth|toeForm|shoe|tracing)/.test(field),
        )?.message
      }
    >
      <WhereToMeasure />
      <NumberField
        label={texts.underTheHeelOverThe}
        kind="length"
        mayBeEmpty
        value={foot.heelDiagonalMm}
        problem={problemAt('foot.heelDiagonalMm')}
        onChange={(heelDiagonalMm) => set({ heelDiagonalMm })}
      />
      <NumberField
        mt={2}
        label={texts.aroundTheLegAtThe}
        kind="length"
        mayBeEmpty
        value={foot.legGirthMm}
        problem={problemAt('foot.legGirthMm')}
        onChange={(legGirthMm) => set({ legGirthMm })}
      />
      <ToeAndShoe foot={foot} change={set} problemAt={(field) => problemAt(`foot.${field}`)} />
      <TracingFields
        tracing={foot.tracing}
        change={(tracing) => set({ tracing })}
        problemAt={(field) => problemAt(`foot.${field}`)}
      />
      <Why>{prose(texts.withoutAHeelMeasure)}</Why>
    </Word>
  );
}

function OtherFootWord({ draft, onChange, problemAt, problems }: WordsProps) {
  const { lengths } = useSettings();
  const { otherFoot, planOn } = draft.spec;
  const spec = (change: Partial<Spec>) =>
    onChange({ ...draft, spec: { ...draft.spec, ...change } });
  const set = (change: Partial<Foot>) =>
    spec({ otherFoot: { ballGirthMm: draft.spec.foot.ballGirthMm, ...otherFoot, ...change } });
  return (
    <Word
      id="other-foot"
      title={texts.theOtherFoot}
      text={
        otherFoot
          ? texts.theOther(footWords(otherFoot, lengths), planOn === 'EACH')
          : texts.bothFeetAlike
      }
      state={otherFoot ? 'own' : 'usual'}
      problem={problems.find(({ field }) => /^(otherFoot|planOn)/.test(field))?.message}
    >
      <NumberField
        label={texts.lengthOfTheOtherFoot}
        kind="length"
        mayBeEmpty
        value={otherFoot?.lengthMm}
        problem={problemAt('otherFoot.lengthMm')}
        onChange={(lengthMm) =>
          lengthMm === undefined
            ? spec({ otherFoot: undefined, planOn: undefined })
            : set({ lengthMm })
        }
      />
      {otherFoot && (
        <>
          <NumberField
            mt={2}
            label={texts.aroundItsBall}
            kind="length"
            value={otherFoot.ballGirthMm}
            problem={problemAt('otherFoot.ballGirthMm')}
            mayBeEmpty
            onChange={(ballGirthMm) => set({ ballGirthMm })}
          />
          <Select
            label={texts.thePairIsPlannedOn}
            value={planOn ?? ''}
            schools="PlanOn"
            none={texts.theLongerAndTheWider}
            onChange={(on) => spec({ planOn: (on || undefined) as Spec['planOn'] })}
          />
          <SmallButton mt={2} onClick={() => spec({ otherFoot: undefined, planOn: undefined })}>
            {texts.bothFeetAlike2}
          </SmallButton>
        </>
      )}
      <OtherFeet not={draft.foot?.id} onChoose={(foot) => spec({ otherFoot: foot })} />
      <Why>{texts.onePersonsFeetMayDiffer}</Why>
    </Word>
  );
}

interface OtherFeetProps {
  /** Id of the one that is left out. */
  not: string | undefined;
  onChoose: (foot: Foot) => void;
}

/** The feet on the shelf but one. */
function OtherFeet({ not, onChoose }: OtherFeetProps) {
  const { lengths } = useSettings();
  const feet = useFeet();
  return (
    feet.data &&
    feet.data.length > 1 && (
      <Box mt={3} maxH="9rem" overflowY="auto">
        {feet.data
          .filter(({ id }) => id !== not)
          .map(({ id, name, foot }) => (
            <Choice
              key={id}
              chosen={false}
              title={name}
              note={footWords(foot, lengths)}
              onChoose={() => onChoose(foot)}
            />
          ))}
      </Box>
    )
  );
}

function footWords(foot: Foot, lengths: Lengths): string {
  const long = foot.lengthMm === undefined ? [] : [texts.long(lengthText(foot.lengthMm, lengths))];
  const round =
    foot.ballGirthMm === undefined ? [] : [texts.around(lengthText(foot.ballGirthMm, lengths))];
  return [...long, ...round].join(' and ') || texts.shoeSizeOnly;
}
