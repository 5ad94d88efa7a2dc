import { Box, Button, Flex } from '@chakra-ui/react';
import type { Figure, Reading } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { figureText, gaugeSpanMm, plusMinusText } from '../units/units';
import { NumberField } from '../form/NumberField';
import { Why } from './Word';
import { SmallButton } from '../form/SmallButton';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface ReadingsPanelProps {
  what: 'stitches' | 'rounds';
  readings: readonly Reading[];
  lengths: Lengths;
  gauge: Figure;
  problemAt: (field: string) => string | undefined;
  onChange: (readings: Reading[]) => void;
}

/** The counts on a swatch: one or more, each over a span. */
export function ReadingsPanel(props: ReadingsPanelProps) {
  const { what, readings, lengths, gauge, problemAt, onChange } = props;
  return (
    <Box>
      {readings.map((reading, i) => (
        <Count
          key={`${i} of ${readings.length}`}
          reading={reading}
          number={i + 1}
          inAll={readings.length}
          problemAt={(field) => problemAt(`swatch.${what}[${i}].${field}`)}
          onChange={(next) => onChange(readings.map((each, j) => (j === i ? next : each)))}
          onRemove={() => onChange(readings.filter((_, other) => other !== i))}
        />
      ))}
      <SmallButton
        disabled={readings.length >= 20}
        onClick={() =>
          onChange([...readings, readings.at(-1) ?? { count: 30, spanMm: gaugeSpanMm(lengths) }])
        }
      >
        {texts.addAnotherCount}
      </SmallButton>
      <Why>
        {texts.gauge(
          figureText(gauge, lengths),
          plusMinusText(gauge.plusMinus, gauge.unit, lengths),
        )}
        {texts.countHalf}
        {what}
        {texts.tooLongerSpansAndMore}
      </Why>
    </Box>
  );
}

interface CountProps {
  reading: Reading;
  /** Which it is, from 1, and of how many. */
  number: number;
  inAll: number;
  problemAt: (field: string) => string | undefined;
  onChange: (reading: Reading) => void;
  onRemove: () => void;
}

/** One count over its span. */
function Count({ reading, number, inAll, problemAt, onChange, onRemove }: CountProps) {
  return (
    <Flex columnGap={2} mb={3} align="flex-start" wrap="wrap">
      <Box flex="1 1 7rem" minW={0}>
        <NumberField
          label={inAll === 1 ? texts.counted : texts.counted2(number)}
          kind="number"
          unit=""
          value={reading.count}
          autoFocus={number === inAll}
          problem={problemAt('count')}
          onChange={(count) => count !== undefined && onChange({ ...reading, count })}
        />
      </Box>
      <Box flex="1 1 7rem" minW={0}>
        <NumberField
          label={shared.over}
          kind="length"
          value={reading.spanMm}
          problem={problemAt('spanMm')}
          onChange={(spanMm) => spanMm !== undefined && onChange({ ...reading, spanMm })}
        />
      </Box>
      {inAll > 1 && (
        <Button
          aria-label={texts.removeCount(number)}
          variant="ghost"
          color="ink"
          minH="44px"
          mt={7}
          px={2}
          onClick={onRemove}
        >
          {shared.remove}
        </Button>
      )}
    </Flex>
  );
}
