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

/** A swatch: what was counted on it, over which spans. */
export function SwatchItem({
  kept,
  onDone,
}: {
  kept: KeptSwatch | undefined;
  onDone?: () => void;
}) {
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
            <Box key={what}>
              {swatch[what].map((reading, i) => (
                <Flex key={`${i} of ${swatch[what].length}`} gap={2} mb={2}>
                  <NumberField
                    w="9rem"
                    label={i === 0 ? label : `${label}, ${i + 1}.`}
                    kind="number"
                    unit=""
                    mayBeEmpty
                    value={reading.count}
                    problem={problemAt(`swatch.${what}[${i}].count`)}
                    onChange={(count) => change({ [what]: replaced(swatch[what], i, { count }) })}
                  />
                  <NumberField
                    w="9rem"
                    label={shared.over}
                    kind="length"
                    mayBeEmpty
                    value={reading.spanMm}
                    problem={problemAt(`swatch.${what}[${i}].spanMm`)}
                    onChange={(spanMm) => change({ [what]: replaced(swatch[what], i, { spanMm }) })}
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
                  change({ [what]: [...swatch[what], { spanMm: span }] });
                }}
              >
                {texts.addAnotherCountOf(label.toLowerCase())}
              </Box>
            </Box>
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
