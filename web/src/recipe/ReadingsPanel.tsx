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
  const replace = (at: number, change: Partial<Reading>) =>
    onChange(readings.map((reading, i) => (i === at ? { ...reading, ...change } : reading)));
  return (
    <Box>
      {readings.map((reading, i) => (
        <Flex key={`${i} of ${readings.length}`} gap={2} mb={3} align="flex-start">
          <Box flex="1" minW={0}>
            <NumberField
              label={readings.length === 1 ? texts.counted : texts.counted2(i + 1)}
              kind="number"
              unit=""
              value={reading.count}
              autoFocus={i === readings.length - 1}
              problem={problemAt(`swatch.${what}[${i}].count`)}
              onChange={(count) => count !== undefined && replace(i, { count })}
            />
          </Box>
          <Box flex="1" minW={0}>
            <NumberField
              label={shared.over}
              kind="length"
              value={reading.spanMm}
              problem={problemAt(`swatch.${what}[${i}].spanMm`)}
              onChange={(spanMm) => spanMm !== undefined && replace(i, { spanMm })}
            />
          </Box>
          {readings.length > 1 && (
            <Button
              aria-label={texts.removeCount(i + 1)}
              variant="ghost"
              color="ink"
              minH="44px"
              mt={7}
              px={2}
              onClick={() => onChange(readings.filter((_, other) => other !== i))}
            >
              {texts.strike}
            </Button>
          )}
        </Flex>
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
