import { Box, chakra, Field, Flex, Input } from '@chakra-ui/react';
import type { Cake, Yarn } from '../wire/types';
import { NotesField } from '../form/NotesField';
import { NumberField } from '../form/NumberField';
import { LinkButton } from '../form/LinkButton';
import { UNDYED } from '../tape/colours';
import { ColourField, StripeFields } from './StripeFields';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** A yarn while it is typed. */
export type TypedYarn = Partial<Yarn> & Cake & { colour?: string };

/** How a yarn may lie there. */
export const FORMS = [
  ['SKEIN', texts.skeinAsSold],
  ['CAKE', texts.woundIntoACake],
  ['REMNANT', 'remnant'],
] as const;

const NUMBERS: readonly (readonly [
  'lengthM' | 'massG' | 'onHandG' | 'nylonShare',
  string,
  string,
  'number' | 'percent',
])[] = [
  ['lengthM', shared.labelSays, 'm', 'number'],
  ['massG', 'in', 'g', 'number'],
  ['onHandG', texts.weightYouHave, 'g', 'number'],
  ['nylonShare', shared.nylonOrSimilar, '%', 'percent'],
];

interface YarnFieldsProps {
  yarn: TypedYarn;
  change: (part: Partial<TypedYarn>) => void;
  problemAt: (field: string) => string | undefined;
}

/** What the label says, and what can be seen of the yarn. */
export function YarnFields({ yarn, change, problemAt }: YarnFieldsProps) {
  return (
    <>
      <Flex gap={4} wrap="wrap" align="flex-start">
        {NUMBERS.map(([field, label, unit, kind]) => (
          <Box key={field} w="11rem">
            <NumberField
              label={label}
              kind={kind}
              unit={unit}
              mayBeEmpty
              value={yarn[field]}
              problem={problemAt(`yarn.${field}`)}
              onChange={(value) => change({ [field]: value })}
            />
          </Box>
        ))}
        <Field.Root invalid={problemAt('cake.fibre') !== undefined} w="20rem">
          <Field.Label fontWeight="600">{texts.fibre}</Field.Label>
          <Input
            size="lg"
            bg="sheet"
            borderColor="quiet"
            maxLength={120}
            placeholder={texts.fibreExample}
            value={yarn.fibre ?? ''}
            onChange={(event) => change({ fibre: event.target.value })}
          />
          <Field.ErrorText color="amiss">{problemAt('cake.fibre')}</Field.ErrorText>
        </Field.Root>
      </Flex>
      <Flex gap={6} wrap="wrap" mt={3} align="flex-start">
        <FormChoice form={yarn.form} onChange={(form) => change({ form })} />
        <Colours yarn={yarn} change={change} problemAt={problemAt} />
        <Knots
          knots={yarn.knots ?? []}
          striped={yarn.stripes !== undefined}
          change={change}
          problemAt={problemAt}
        />
      </Flex>
      <Box mt={3}>
        <NotesField
          notes={yarn.notes}
          problem={problemAt('cake.notes')}
          onChange={(notes) => change({ notes })}
        />
      </Box>
    </>
  );
}

interface FormChoiceProps {
  form: Cake['form'];
  onChange: (form: Cake['form']) => void;
}

function FormChoice({ form, onChange }: FormChoiceProps) {
  return (
    <Box role="radiogroup" aria-label={texts.form}>
      {FORMS.map(([value, words]) => (
        <chakra.label key={value} display="flex" gap={2} minH="32px" cursor="pointer">
          <input
            type="radio"
            name="form"
            checked={form === value}
            onChange={() => onChange(value)}
          />
          {words}
        </chakra.label>
      ))}
    </Box>
  );
}

/** One colour, or the bands in their order. */
function Colours({ yarn, change, problemAt }: YarnFieldsProps) {
  const stripes = yarn.stripes ?? [];
  const first = yarn.colour ?? UNDYED;
  return (
    <Box role="group" aria-label={texts.colours}>
      {stripes.length === 0 ? (
        <>
          <ColourField
            label={texts.colour}
            colour={first}
            onChange={(colour) => change({ colour })}
          />
          <PlainButton onClick={() => change({ stripes: [{ colour: first }, { colour: UNDYED }] })}>
            {texts.addStripes}
          </PlainButton>
        </>
      ) : (
        <StripeFields
          stripes={stripes}
          startM={yarn.startM}
          change={change}
          problemAt={problemAt}
        />
      )}
    </Box>
  );
}

type Knot = NonNullable<Cake['knots']>[number];

interface KnotsProps {
  knots: readonly Knot[];
  striped: boolean;
  change: YarnFieldsProps['change'];
  problemAt: YarnFieldsProps['problemAt'];
}

function Knots({ knots, striped, change, problemAt }: KnotsProps) {
  const set = (next: Knot[]) => change({ knots: next.length > 0 ? next : undefined });
  const at = (i: number, part: Partial<Knot>) =>
    set(knots.map((each, j) => (i === j ? { ...each, ...part } : each)));
  return (
    <Box role="group" aria-label={shared.knots}>
      {knots.map(({ atM, goesOnM }, i) => (
        <Flex key={`${i} of ${knots.length}`} gap={3} align="flex-start" mb={1} wrap="wrap">
          <NumberField
            w="13rem"
            label={texts.knotFromTheOuterEnd(i + 1)}
            kind="number"
            unit="m"
            value={atM}
            problem={problemAt(`cake.knots[${i}].atM`)}
            onChange={(metres) => metres !== undefined && at(i, { atM: metres })}
          />
          {striped && (
            <NumberField
              w="13rem"
              label={texts.behindItIntoTheRepeat}
              kind="number"
              unit="m"
              mayBeEmpty
              value={goesOnM}
              problem={problemAt(`cake.knots[${i}].goesOnM`)}
              onChange={(metres) => at(i, { goesOnM: metres })}
            />
          )}
          <PlainButton
            label={texts.removeKnot(i + 1)}
            onClick={() => set(knots.filter((_, j) => i !== j))}
          >
            {shared.remove}
          </PlainButton>
        </Flex>
      ))}
      {knots.length < 24 && (
        <PlainButton onClick={() => set([...knots, { atM: 0 }])}>
          {knots.length === 0 ? texts.addAKnot : texts.addAnotherKnot}
        </PlainButton>
      )}
    </Box>
  );
}

interface PlainButtonProps {
  label?: string;
  onClick: () => void;
  children: string;
}

function PlainButton({ label, onClick, children }: PlainButtonProps) {
  return (
    <LinkButton {...(label && { 'aria-label': label })} onClick={onClick}>
      {children}
    </LinkButton>
  );
}
