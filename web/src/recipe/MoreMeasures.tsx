import { Box } from '@chakra-ui/react';
import { useFeet } from '../api/queries';
import type { Foot, Spec } from '../wire/types';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText, lengthText } from '../units/units';
import { Choice } from './Choice';
import { NumberField } from '../form/NumberField';
import type { WordsProps } from './props';
import { Select } from '../form/Select';
import { TracingFields } from '../form/TracingFields';
import { ToeAndShoe } from '../form/ToeAndShoe';
import { Why, Word } from './Word';
import { SmallButton } from '../form/SmallButton';

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
  const about = plan.basis.foot.diagonalEstimated ? 'about ' : '';
  const known = [foot.heelDiagonalMm, foot.legGirthMm, foot.toeForm, foot.shoe, foot.tracing];
  return (
    <Word
      id="foot-more"
      title="Heel, leg, toes and shoe"
      text={`${about}${figureText(plan.basis.foot.heelDiagonal, lengths)} over the heel`}
      state={known.some((each) => each !== undefined) ? 'own' : 'usual'}
      problem={
        problems.find(({ field }) =>
          /^foot\.(heelDiagonal|legGirth|toeForm|shoe|tracing)/.test(field),
        )?.message
      }
    >
      <NumberField
        label="Under the heel, over the front of the ankle"
        kind="length"
        lengths={lengths}
        mayBeEmpty
        value={foot.heelDiagonalMm}
        problem={problemAt('foot.heelDiagonalMm')}
        onChange={(heelDiagonalMm) => set({ heelDiagonalMm })}
      />
      <Box mt={2}>
        <NumberField
          label="Around the leg, at the cuff’s top edge"
          kind="length"
          lengths={lengths}
          mayBeEmpty
          value={foot.legGirthMm}
          problem={problemAt('foot.legGirthMm')}
          onChange={(legGirthMm) => set({ legGirthMm })}
        />
      </Box>
      <ToeAndShoe foot={foot} change={set} problemAt={(field) => problemAt(`foot.${field}`)} />
      <TracingFields
        tracing={foot.tracing}
        change={(tracing) => set({ tracing })}
        problemAt={(field) => problemAt(`foot.${field}`)}
      />
      <Why>
        Without a heel measure, 1.36 times the ball is used, which is only an estimate. A shoe size
        is used for placing by shoe size, and stands in for a length nobody measured. An unmeasured
        leg is taken to be as wide as the ball.
      </Why>
    </Word>
  );
}

function OtherFootWord({ draft, onChange, problemAt, problems }: WordsProps) {
  const { lengths } = useSettings();
  const feet = useFeet();
  const { otherFoot, planOn } = draft.spec;
  const spec = (change: Partial<Spec>) =>
    onChange({ ...draft, spec: { ...draft.spec, ...change } });
  const set = (change: Partial<Foot>) =>
    spec({ otherFoot: { ballGirthMm: draft.spec.foot.ballGirthMm, ...otherFoot, ...change } });
  return (
    <Word
      id="other-foot"
      title="The other foot"
      text={otherFoot ? `the other ${footWords(otherFoot, lengths)}` : 'both feet alike'}
      state={otherFoot ? 'own' : 'usual'}
      problem={problems.find(({ field }) => /^(otherFoot|planOn)/.test(field))?.message}
    >
      <NumberField
        label="Length of the other foot"
        kind="length"
        lengths={lengths}
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
          <Box mt={2}>
            <NumberField
              label="Around its ball"
              kind="length"
              lengths={lengths}
              value={otherFoot.ballGirthMm}
              problem={problemAt('otherFoot.ballGirthMm')}
              mayBeEmpty
              onChange={(ballGirthMm) => set({ ballGirthMm })}
            />
          </Box>
          <Select
            label="The pair is planned on"
            value={planOn ?? ''}
            schools="PlanOn"
            none="the longer and the wider, as usual"
            onChange={(on) => spec({ planOn: (on || undefined) as Spec['planOn'] })}
          />
          <SmallButton mt={2} onClick={() => spec({ otherFoot: undefined, planOn: undefined })}>
            Both feet alike
          </SmallButton>
        </>
      )}
      {feet.data && feet.data.length > 1 && (
        <Box mt={3} maxH="9rem" overflowY="auto">
          {feet.data
            .filter(({ id }) => id !== draft.foot?.id)
            .map(({ id, name, foot }) => (
              <Choice
                key={id}
                chosen={false}
                title={name}
                note={footWords(foot, lengths)}
                onChoose={() => spec({ otherFoot: foot })}
              />
            ))}
        </Box>
      )}
      <Why>
        One person’s feet may differ. A pair is planned on the longer and the wider one unless you
        say otherwise.
      </Why>
    </Word>
  );
}

function footWords(foot: Foot, lengths: Lengths): string {
  const long = foot.lengthMm === undefined ? [] : [`${lengthText(foot.lengthMm, lengths)} long`];
  const round =
    foot.ballGirthMm === undefined ? [] : [`${lengthText(foot.ballGirthMm, lengths)} around`];
  return [...long, ...round].join(' and ') || 'shoe size only';
}
