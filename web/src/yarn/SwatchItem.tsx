import { Box, Flex } from '@chakra-ui/react';
import type { KeptSwatch, Reading } from '../wire/types';
import { NotesField } from '../form/NotesField';
import { ShelfItem } from '../form/ShelfItem';
import { NumberField } from '../form/NumberField';
import { useTitles } from '../api/titles';
import { useSettings } from '../settings/settings';
import { decimal, gaugeSpanMm, lengthText } from '../units/units';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface Typed {
  stitches: Partial<Reading>[];
  rounds: Partial<Reading>[];
  notes?: string | undefined;
}

const READINGS = [
  ['stitches', shared.stitches],
  ['rounds', shared.rounds],
] as const;

interface SwatchItemProps {
  kept: KeptSwatch | undefined;
  onDone?: () => void;
}

/** A swatch: what was counted on it, over which spans. */
export function SwatchItem({ kept, onDone }: SwatchItemProps) {
  const { lengths } = useSettings();
  const span = gaugeSpanMm(lengths);
  return (
    <ShelfItem<KeptSwatch, Typed>
      shelf="swatches"
      kept={kept}
      nameLabel={texts.nameOfTheSwatch}
      value={
        kept
          ? { ...kept.swatch, notes: kept.notes }
          : { stitches: [{ spanMm: span }], rounds: [{ spanMm: span }] }
      }
      write={({ stitches, rounds, notes }) => ({
        notes,
        swatch: {
          ...kept?.swatch,
          stitches: stitches.map(whole),
          rounds: rounds.map(whole),
        },
      })}
      fields={(swatch, change, problemAt) => (
        <Flex gap={8} wrap="wrap">
          {READINGS.map(([what, label]) => (
            <Counts
              key={what}
              what={what}
              label={label}
              readings={swatch[what]}
              problemAt={problemAt}
              onChange={(readings) => change({ [what]: readings })}
            />
          ))}
          <NotesField
            notes={swatch.notes}
            problem={problemAt('notes')}
            onChange={(notes) => change({ notes })}
          />
        </Flex>
      )}
      {...(onDone ? { onDone } : {})}
    >
      {kept && <SwatchSummary kept={kept} />}
    </ShelfItem>
  );
}

interface CountsProps {
  what: 'stitches' | 'rounds';
  label: string;
  readings: Partial<Reading>[];
  problemAt: (field: string) => string | undefined;
  onChange: (readings: Partial<Reading>[]) => void;
}

/** The counts of stitches or of rounds. */
function Counts({ what, label, readings, problemAt, onChange }: CountsProps) {
  const span = gaugeSpanMm(useSettings().lengths);
  return (
    <Box>
      {readings.map((reading, i) => (
        <Flex key={`${i} of ${readings.length}`} gap={2} mb={2}>
          <NumberField
            w="9rem"
            label={i === 0 ? label : `${label}, ${i + 1}.`}
            kind="number"
            unit=""
            mayBeEmpty
            value={reading.count}
            problem={problemAt(`swatch.${what}[${i}].count`)}
            onChange={(count) => onChange(replaced(readings, i, { count }))}
          />
          <NumberField
            w="9rem"
            label={shared.over}
            kind="length"
            mayBeEmpty
            value={reading.spanMm}
            problem={problemAt(`swatch.${what}[${i}].spanMm`)}
            onChange={(spanMm) => onChange(replaced(readings, i, { spanMm }))}
          />
        </Flex>
      ))}
      <Box
        as="button"
        fontSize="sm"
        color="chosen"
        textDecoration="underline"
        minH="32px"
        cursor="pointer"
        onClick={(event) => {
          event.preventDefault();
          onChange([...readings, { spanMm: span }]);
        }}
      >
        {texts.addAnotherCountOf(label.toLowerCase())}
      </Box>
    </Box>
  );
}

function whole({ count = 0, spanMm = 0 }: Partial<Reading>): Reading {
  return { count, spanMm };
}

function replaced(
  readings: Partial<Reading>[],
  at: number,
  change: Partial<Reading>,
): Partial<Reading>[] {
  return readings.map((reading, i) => (i === at ? { ...reading, ...change } : reading));
}

function SwatchSummary({ kept }: { kept: KeptSwatch }) {
  const { lengths } = useSettings();
  const titles = useTitles();
  const { swatch } = kept;
  const counts = (what: 'stitches' | 'rounds') =>
    swatch[what]
      .map(({ count, spanMm }) => texts.over(decimal(count, 1), lengthText(spanMm, lengths)))
      .join(', ');
  return (
    <Box className="figures">
      <div>{texts.stitches(counts('stitches'))}</div>
      <div>{texts.rounds(counts('rounds'))}</div>
      {swatch.fabric?.state && (
        <Box fontSize="sm" color="quiet">
          {titles('FabricState', swatch.fabric.state)}
        </Box>
      )}
      {kept.notes && (
        <Box maxW="46rem" whiteSpace="pre-line" overflowWrap="anywhere">
          {kept.notes}
        </Box>
      )}
    </Box>
  );
}
