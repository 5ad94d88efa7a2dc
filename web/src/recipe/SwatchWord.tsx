import { Box } from '@chakra-ui/react';
import { useKnownYarns } from '../api/logQueries';
import { useSwatches } from '../api/queries';
import type { Reading } from '../wire/types';
import { useSettings } from '../settings/settings';
import { decimal, figureText, gaugeSpanMm } from '../units/units';
import { Choice } from './Choice';
import { ReadingsPanel } from './ReadingsPanel';
import type { WordsProps } from './props';
import { Word } from './Word';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface SwatchWordProps extends WordsProps {
  what: 'stitches' | 'rounds';
}

/** One gauge of the swatch: its readings, and the swatches on the shelf. */
export function SwatchWord({ what, draft, plan, onChange, problems, problemAt }: SwatchWordProps) {
  const { lengths } = useSettings();
  const swatches = useSwatches();
  const known = (useKnownYarns().data ?? []).filter((yarn) => yarn.swatch);
  const { swatch } = draft.spec;
  const problem = problems.find(({ field }) => field.startsWith(`swatch.${what}`))?.message;
  const set = (readings: Reading[]) =>
    onChange({ ...draft, spec: { ...draft.spec, swatch: { ...swatch, [what]: readings } } });
  const counted = problem ? firstReading(swatch[what], lengths) : plan.basis.gauge[what].value;
  return (
    <Word
      id={`gauge-${what}`}
      title={what === 'stitches' ? texts.stitchesOfTheSwatch : texts.roundsOfTheSwatch}
      text={`${decimal(problem ? counted : (counted * gaugeSpanMm(lengths)) / 100, 1)} ${what}`}
      state="own"
      problem={problem}
    >
      <ReadingsPanel
        key={lengths}
        what={what}
        readings={swatch[what]}
        lengths={lengths}
        gauge={plan.basis.gauge[what]}
        problemAt={problemAt}
        onChange={set}
      />
      {known.length > 0 && (
        <Box mt={4}>
          <Box fontSize="sm" fontWeight="600" mb={1}>
            {texts.orAsYouKnittedIt}
          </Box>
          <Box maxH="9rem" overflowY="auto">
            {known.map(({ yarnId, name, swatch: as, stitches, rounds, measured, weighIns }) => (
              <Choice
                key={yarnId}
                chosen={false}
                title={name}
                note={`${[stitches, rounds].map((each) => each && figureText(each, lengths)).join(', ')}${measured > 0 ? shared.measuredOnTheTube : ''}`}
                onChoose={() =>
                  as &&
                  onChange({
                    ...draft,
                    swatch: undefined,
                    spec: {
                      ...draft.spec,
                      swatch: as,
                      // What was weighed belongs to the yarn.
                      ...(draft.yarn?.id === yarnId && { weighIns }),
                    },
                  })
                }
              />
            ))}
          </Box>
        </Box>
      )}
      {swatches.data && swatches.data.length > 0 && (
        <Box mt={4}>
          <Box fontSize="sm" fontWeight="600" mb={1}>
            {texts.orASwatchFromThe}
          </Box>
          <Box maxH="9rem" overflowY="auto">
            {swatches.data.map((kept) => (
              <Choice
                key={kept.id}
                chosen={kept.id === draft.swatch?.id}
                title={kept.name}
                note={texts.readings(kept.swatch.stitches.length + kept.swatch.rounds.length)}
                onChoose={() =>
                  onChange({
                    ...draft,
                    swatch: { id: kept.id, name: kept.name },
                    spec: { ...draft.spec, swatch: kept.swatch },
                  })
                }
              />
            ))}
          </Box>
        </Box>
      )}
    </Word>
  );
}

/** What was typed, while no gauge can be made of it. */
function firstReading(readings: readonly Reading[], lengths: 'CM' | 'INCH'): number {
  const [first] = readings;
  return first ? (first.count / first.spanMm) * gaugeSpanMm(lengths) : 0;
}
