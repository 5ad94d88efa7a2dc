import { Box, Button, NativeSelect } from '@chakra-ui/react';
import { useAlmanac, useFeet } from '../api/queries';
import type { Foot, Spec } from '../api/types';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText, lengthText } from '../units/units';
import { Choice } from './Choice';
import { NumberField } from './NumberField';
import type { WordsProps } from './Recipe';
import { Why, Word } from './Word';

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
  const about = plan.foot.diagonalEstimated ? 'about ' : '';
  const known = [foot.heelDiagonalMm, foot.legGirthMm, foot.toeForm, foot.shoe];
  return (
    <Word
      id="foot-more"
      title="Heel, leg, toes and shoe"
      text={`${about}${figureText(plan.foot.heelDiagonal, lengths)} over the heel`}
      state={known.some((each) => each !== undefined) ? 'own' : 'usual'}
      problem={
        problems.find(({ field }) => /^foot\.(heelDiagonal|legGirth|toeForm|shoe)/.test(field))
          ?.message
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
          label="Round the leg, at the cuff’s top edge"
          kind="length"
          lengths={lengths}
          mayBeEmpty
          value={foot.legGirthMm}
          problem={problemAt('foot.legGirthMm')}
          onChange={(legGirthMm) => set({ legGirthMm })}
        />
      </Box>
      <Select
        label="How the toes end"
        value={foot.toeForm ?? ''}
        schools="ToeForm"
        none="not looked at"
        onChange={(form) => set({ toeForm: (form || undefined) as Foot['toeForm'] })}
      />
      <Select
        label="Shoe size, counted as"
        value={foot.shoe?.system ?? ''}
        schools="ShoeSystem"
        none="no shoe size"
        onChange={(system) =>
          set({
            shoe: system
              ? {
                  system: system as NonNullable<Foot['shoe']>['system'],
                  size: foot.shoe?.size ?? 39,
                }
              : undefined,
          })
        }
      />
      {foot.shoe && (
        <NumberField
          label="Shoe size"
          kind="number"
          unit=""
          lengths={lengths}
          value={foot.shoe.size}
          problem={problemAt('foot.shoe.size')}
          onChange={(size) =>
            size !== undefined && foot.shoe && set({ shoe: { ...foot.shoe, size } })
          }
        />
      )}
      <Why>
        Without the heel’s measure it is taken as 1.36 times the ball, which is only an estimate. A
        shoe size serves the placing by shoe size, and stands in for a length nobody measured.
      </Why>
    </Word>
  );
}

interface SelectProps {
  label: string;
  value: string;
  schools: string;
  none: string;
  onChange: (value: string) => void;
}

/** One of several schools, or none. */
export function Select({ label, value, schools, none, onChange }: SelectProps) {
  const almanac = useAlmanac();
  const prefix = `school.${schools}.`;
  return (
    <Box as="label" display="block" mt={2} fontWeight="600" fontSize="sm">
      {label}
      <NativeSelect.Root size="lg" mt={1}>
        <NativeSelect.Field
          value={value}
          bg="sheet"
          borderColor="quiet"
          fontWeight="400"
          onChange={(event) => onChange(event.target.value)}
        >
          <option value="">{none}</option>
          {(almanac.data ?? [])
            .filter(({ id }) => id.startsWith(prefix))
            .map(({ id, title }) => (
              <option key={id} value={id.slice(prefix.length)}>
                {title}
              </option>
            ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Box>
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
              label="Round its ball"
              kind="length"
              lengths={lengths}
              value={otherFoot.ballGirthMm}
              problem={problemAt('otherFoot.ballGirthMm')}
              onChange={(ballGirthMm) => ballGirthMm !== undefined && set({ ballGirthMm })}
            />
          </Box>
          <Select
            label="The pair is planned on"
            value={planOn ?? ''}
            schools="PlanOn"
            none="the longer and the wider, as usual"
            onChange={(on) => spec({ planOn: (on || undefined) as Spec['planOn'] })}
          />
          <Button
            mt={2}
            size="sm"
            minH="44px"
            variant="outline"
            borderColor="line"
            color="ink"
            onClick={() => spec({ otherFoot: undefined, planOn: undefined })}
          >
            Both feet alike
          </Button>
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
        Feet of one person may differ. A pair is planned on the longer and the wider one unless told
        otherwise.
      </Why>
    </Word>
  );
}

function footWords(foot: Foot, lengths: Lengths): string {
  const long = foot.lengthMm === undefined ? [] : [`${lengthText(foot.lengthMm, lengths)} long`];
  return [...long, `${lengthText(foot.ballGirthMm, lengths)} round`].join(' and ');
}
