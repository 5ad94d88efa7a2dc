import { Box } from '@chakra-ui/react';
import { LinkButton } from '../form/LinkButton';
import { NumberField } from '../form/NumberField';
import { anotherColour } from '../tape/colours';
import type { TubeBandCounted } from '../wire/types';
import { BandFields } from '../yarn/StripeFields';
import type { TypedTube } from './typed';
import { shared } from '../texts/shared';
import { texts } from './texts';

const MOST = 40;

interface TubeBandsProps {
  tube: TypedTube;
  change: (part: Partial<TypedTube>) => void;
  problemAt: (field: string) => string | undefined;
}

/** The bands of one repeat, counted on the tube, and how far into them it begins. */
export function TubeBands({ tube, change, problemAt }: TubeBandsProps) {
  const bands = tube.bands ?? [];
  const set = (next: TubeBandCounted[]) => change({ bands: next });
  return (
    <Box role="group" aria-label={shared.stripes}>
      {problemAt('bands') && <Box color="amiss">{problemAt('bands')}</Box>}
      {bands.map((band, i) => (
        <CountedBand
          key={i}
          number={i + 1}
          band={band}
          problemAt={(field) => problemAt(`bands[${i}].${field}`)}
          onChange={(next) => set(bands.map((each, j) => (i === j ? next : each)))}
          onRemove={() => set(bands.filter((_, j) => i !== j))}
        />
      ))}
      {bands.length < MOST && (
        <LinkButton onClick={() => set([...bands, { colour: anotherColour(bands), rounds: 10 }])}>
          {bands.length === 0 ? texts.countItsStripes : shared.addABand}
        </LinkButton>
      )}
      {(bands.length > 0 || tube.yarnId) && (
        <NumberField
          w="17rem"
          mt={2}
          label={texts.missingOfTheRepeatAt}
          kind="number"
          unit={shared.rounds2}
          mayBeEmpty
          placeholder="0"
          value={tube.startRounds}
          problem={problemAt('startRounds')}
          onChange={(startRounds) => change({ startRounds })}
        />
      )}
    </Box>
  );
}

interface CountedBandProps {
  /** Which it is, from 1. */
  number: number;
  band: TubeBandCounted;
  problemAt: (field: string) => string | undefined;
  onChange: (band: TubeBandCounted) => void;
  onRemove: () => void;
}

function CountedBand({ number, band, problemAt, onChange, onRemove }: CountedBandProps) {
  const set = (part: Partial<TubeBandCounted>) => onChange({ ...band, ...part });
  return (
    <BandFields {...{ number, band, problemAt, onRemove }} onChange={set}>
      <NumberField
        w="9rem"
        label={shared.roundsInIt}
        kind="number"
        unit={shared.rounds2}
        value={band.rounds}
        problem={problemAt('rounds')}
        onChange={(rounds) => rounds !== undefined && set({ rounds })}
      />
    </BandFields>
  );
}
