import { Box, Field, Flex, Input } from '@chakra-ui/react';
import { useState } from 'react';
import type { Cake, Stripe } from '../wire/types';
import { LinkButton } from '../form/LinkButton';
import { NumberField } from '../form/NumberField';
import { PlainSelect } from '../form/PlainSelect';
import { useSettings } from '../settings/settings';
import { UNDYED } from '../tape/colours';
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
  const { lengths } = useSettings();
  const counted = stripes.find(({ rounds, stitches }) => rounds ?? stitches);
  const [chosen, setChosen] = useState<Extent | undefined>();
  const measured = stripes.some(({ lengthM }) => lengthM);
  const extent = chosen ?? (counted ? (measured ? 'both' : 'rounds') : 'metres');
  const on = counted?.stitches ?? USUAL_STITCHES;
  const set = (next: Stripe[]) => change({ stripes: next.length > 0 ? next : undefined });
  const at = (i: number, part: Partial<Stripe>) =>
    set(stripes.map((stripe, j) => (i === j ? { ...stripe, ...part } : stripe)));
  const told = (next: Extent) => {
    setChosen(next);
    set(
      stripes.map(({ name, colour, lengthM, rounds, stitches }) => ({
        name,
        colour,
        ...(next !== 'rounds' && { lengthM }),
        ...(next !== 'metres' && { rounds, stitches }),
      })),
    );
  };
  return (
    <Box>
      <Flex gap={4} wrap="wrap" mb={2} align="flex-end">
        <PlainSelect
          label={texts.howLongTheBandsAre}
          value={extent}
          options={[
            { value: 'metres', text: texts.inMetresMeasuredAlongThe },
            { value: 'rounds', text: texts.inRoundsCountedInSomething },
            { value: 'both', text: texts.inMetresAndCountedAs },
          ]}
          onChange={told}
        />
        {extent !== 'metres' && (
          <Box w="9rem">
            <NumberField
              label={texts.countedOn}
              kind="whole"
              unit={shared.sts}
              lengths={lengths}
              value={on}
              problem={problemAt('cake.stripes[0].stitches')}
              onChange={(stitches) =>
                set(stripes.map((stripe) => (stripe.rounds ? { ...stripe, stitches } : stripe)))
              }
            />
          </Box>
        )}
      </Flex>
      {stripes.map((stripe, i) => (
        <Flex key={i} gap={3} align="flex-start" mb={1} wrap="wrap">
          <ColourField
            label={texts.band(i + 1)}
            colour={stripe.colour}
            onChange={(colour) => at(i, { colour })}
          />
          <BandName
            name={stripe.name}
            problem={problemAt(`cake.stripes[${i}].name`)}
            onChange={(name) => at(i, { name })}
          />
          {extent !== 'rounds' && (
            <Box w="9rem">
              <NumberField
                label={shared.yarnInIt}
                kind="number"
                unit="m"
                lengths={lengths}
                mayBeEmpty
                value={stripe.lengthM}
                problem={problemAt(`cake.stripes[${i}].lengthM`)}
                onChange={(lengthM) => at(i, { lengthM })}
              />
            </Box>
          )}
          {extent !== 'metres' && (
            <Box w="9rem">
              <NumberField
                label={shared.roundsInIt}
                kind="number"
                unit={shared.rounds2}
                lengths={lengths}
                mayBeEmpty
                value={stripe.rounds}
                problem={problemAt(`cake.stripes[${i}].rounds`)}
                onChange={(rounds) => at(i, { rounds, stitches: rounds ? on : undefined })}
              />
            </Box>
          )}
          <Box pt="1.9rem">
            <LinkButton
              aria-label={texts.removeBand(i + 1)}
              onClick={() => set(stripes.filter((_, j) => i !== j))}
            >
              {shared.remove}
            </LinkButton>
          </Box>
        </Flex>
      ))}
      {extent === 'both' && (
        <Box fontSize="sm" color="quiet" mb={1} maxW="40rem">
          {texts.metresAndRoundsOfThe}
        </Box>
      )}
      {stripes.length < MOST && (
        <LinkButton onClick={() => set([...stripes, { colour: stripes.at(-1)?.colour ?? UNDYED }])}>
          {shared.addABand}
        </LinkButton>
      )}
      <Box w="15rem" mt={2}>
        <NumberField
          label={texts.theCakeBeginsThisFar}
          kind="number"
          unit="m"
          lengths={lengths}
          mayBeEmpty
          value={startM}
          problem={problemAt('cake.startM')}
          onChange={(metres) => change({ startM: metres })}
        />
      </Box>
    </Box>
  );
}

interface BandNameProps {
  name: string | undefined;
  problem: string | undefined;
  onChange: (name: string | undefined) => void;
}

/** What the colour of a band is called. */
export function BandName({ name, problem, onChange }: BandNameProps) {
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
