import { Box, Field, Flex, Input } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import type { Cake, Stripe } from '../wire/types';
import { LinkButton } from '../form/LinkButton';
import { NumberField } from '../form/NumberField';
import { PlainSelect } from '../form/PlainSelect';
import { anotherColour } from '../tape/colours';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Most bands of a repeat. */
const MOST = 40;
/** Stitches that rounds are counted on until somebody says otherwise. */
const USUAL_STITCHES = 64;

type Extent = 'metres' | 'rounds' | 'both';

interface StripeFieldsProps {
  stripes: readonly Stripe[];
  startM: number | undefined;
  change: (part: Pick<Partial<Cake>, 'stripes' | 'startM'>) => void;
  problemAt: (field: string) => string | undefined;
}

/** The bands of one repeat in their order, each with its name and how long it is. */
export function StripeFields({ stripes, startM, change, problemAt }: StripeFieldsProps) {
  const [chosen, setChosen] = useState<Extent | undefined>();
  const extent = chosen ?? extentOf(stripes);
  const on = stripes.find(isCounted)?.stitches ?? USUAL_STITCHES;
  const set = (next: readonly Stripe[]) =>
    change({ stripes: next.length > 0 ? [...next] : undefined });
  const told = (next: Extent) => {
    setChosen(next);
    set(stripes.map((stripe) => only(stripe, next)));
  };
  return (
    <Box>
      <Flex gap={4} wrap="wrap" mb={2} align="flex-end">
        <HowLong extent={extent} onExtent={told} />
        {extent !== 'metres' && (
          <CountedOn
            stitches={on}
            problem={problemAt('cake.stripes[0].stitches')}
            onStitches={(stitches) =>
              set(stripes.map((stripe) => (stripe.rounds ? { ...stripe, stitches } : stripe)))
            }
          />
        )}
      </Flex>
      {stripes.map((stripe, i) => (
        <Band
          key={i}
          number={i + 1}
          stripe={stripe}
          extent={extent}
          on={on}
          problemAt={(field) => problemAt(`cake.stripes[${i}].${field}`)}
          onChange={(next) => set(stripes.map((each, j) => (i === j ? next : each)))}
          onRemove={() => set(stripes.filter((_, j) => i !== j))}
        />
      ))}
      {extent === 'both' && (
        <Box fontSize="sm" color="quiet" mb={1} maxW="40rem">
          {texts.metresAndRoundsOfThe}
        </Box>
      )}
      {stripes.length < MOST && (
        <LinkButton onClick={() => set([...stripes, { colour: anotherColour(stripes) }])}>
          {shared.addABand}
        </LinkButton>
      )}
      <NumberField
        w="15rem"
        mt={2}
        label={texts.theCakeBeginsThisFar}
        kind="number"
        unit="m"
        mayBeEmpty
        value={startM}
        problem={problemAt('cake.startM')}
        onChange={(metres) => change({ startM: metres })}
      />
    </Box>
  );
}

interface CountedOnProps {
  stitches: number;
  problem: string | undefined;
  onStitches: (stitches: number | undefined) => void;
}

function CountedOn({ stitches, problem, onStitches }: CountedOnProps) {
  return (
    <NumberField
      w="9rem"
      label={texts.countedOn}
      kind="whole"
      unit={shared.sts}
      value={stitches}
      problem={problem}
      onChange={onStitches}
    />
  );
}

interface HowLongProps {
  extent: Extent;
  onExtent: (extent: Extent) => void;
}

function HowLong({ extent, onExtent }: HowLongProps) {
  return (
    <PlainSelect
      label={texts.howLongTheBandsAre}
      value={extent}
      options={[
        { value: 'metres', text: texts.inMetresMeasuredAlongThe },
        { value: 'rounds', text: texts.inRoundsCountedInSomething },
        { value: 'both', text: texts.inMetresAndCountedAs },
      ]}
      onChange={onExtent}
    />
  );
}

const isCounted = ({ rounds, stitches }: Stripe) => rounds ?? stitches;

/** In what the bands are told. */
function extentOf(stripes: readonly Stripe[]): Extent {
  const measured = stripes.some(({ lengthM }) => lengthM);
  return stripes.some(isCounted) ? (measured ? 'both' : 'rounds') : 'metres';
}

/** A band with how long it is in this alone. */
function only({ name, colour, lengthM, rounds, stitches }: Stripe, extent: Extent): Stripe {
  return {
    name,
    colour,
    ...(extent !== 'rounds' && { lengthM }),
    ...(extent !== 'metres' && { rounds, stitches }),
  };
}

interface BandProps {
  /** Which it is, from 1. */
  number: number;
  stripe: Stripe;
  extent: Extent;
  /** Stitches its rounds are counted on. */
  on: number;
  problemAt: (field: string) => string | undefined;
  onChange: (stripe: Stripe) => void;
  onRemove: () => void;
}

/** One band: its colour, its name, how long it is. */
function Band({ number, stripe, extent, on, problemAt, onChange, onRemove }: BandProps) {
  const set = (part: Partial<Stripe>) => onChange({ ...stripe, ...part });
  return (
    <BandFields band={stripe} {...{ number, problemAt, onRemove }} onChange={set}>
      {extent !== 'rounds' && (
        <NumberField
          w="9rem"
          label={shared.yarnInIt}
          kind="number"
          unit="m"
          mayBeEmpty
          value={stripe.lengthM}
          problem={problemAt('lengthM')}
          onChange={(lengthM) => set({ lengthM })}
        />
      )}
      {extent !== 'metres' && (
        <NumberField
          w="9rem"
          label={shared.roundsInIt}
          kind="number"
          unit={shared.rounds2}
          mayBeEmpty
          value={stripe.rounds}
          problem={problemAt('rounds')}
          onChange={(rounds) => set({ rounds, stitches: rounds ? on : undefined })}
        />
      )}
    </BandFields>
  );
}

interface BandFieldsProps {
  /** Which it is, from 1. */
  number: number;
  band: { name?: string | undefined; colour: string };
  problemAt: (field: string) => string | undefined;
  onChange: (part: { name?: string | undefined; colour?: string }) => void;
  onRemove: () => void;
  /** How long it is. */
  children: ReactNode;
}

/** What every band has: its colour and its name; and it can be removed. */
export function BandFields(props: BandFieldsProps) {
  const { number, band, problemAt, onChange, onRemove, children } = props;
  return (
    <Flex gap={3} align="flex-start" mb={1} wrap="wrap">
      <ColourField
        label={texts.band(number)}
        colour={band.colour}
        onChange={(colour) => onChange({ colour })}
      />
      <BandName
        name={band.name}
        problem={problemAt('name')}
        onChange={(name) => onChange({ name })}
      />
      {children}
      <Box pt="1.9rem">
        <LinkButton aria-label={texts.removeBand(number)} onClick={onRemove}>
          {shared.remove}
        </LinkButton>
      </Box>
    </Flex>
  );
}

interface BandNameProps {
  name: string | undefined;
  problem: string | undefined;
  onChange: (name: string | undefined) => void;
}

/** What the colour of a band is called. */
function BandName({ name, problem, onChange }: BandNameProps) {
  return (
    <Field.Root w="9rem" invalid={problem !== undefined}>
      <Field.Label fontWeight="600">{texts.called}</Field.Label>
      <Input
        size="lg"
        bg="sheet"
        borderColor="quiet"
        maxLength={40}
        value={name ?? ''}
        onChange={(event) => onChange(event.target.value || undefined)}
      />
      <Field.ErrorText color="amiss">{problem}</Field.ErrorText>
    </Field.Root>
  );
}

interface ColourFieldProps {
  label: string;
  colour: string;
  onChange: (colour: string) => void;
}

export function ColourField({ label, colour, onChange }: ColourFieldProps) {
  return (
    <Box as="label" fontWeight="600" fontSize="sm">
      {label}
      <input
        type="color"
        value={colour}
        style={{ display: 'block', width: '5rem', height: '44px', cursor: 'pointer' }}
        onChange={(event) => onChange(event.target.value)}
      />
    </Box>
  );
}
