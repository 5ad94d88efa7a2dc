import { Box } from '@chakra-ui/react';
import { useKnownYarns } from '../api/logQueries';
import { useSwatches } from '../api/queries';
import type { Reading } from '../wire/types';
import { useSettings } from '../settings/settings';
import { decimal, figureText, gaugeSpanMm } from '../units/units';
import type { Draft } from '../draft/draft';
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
      <AsKnitted draft={draft} onChange={onChange} />
      <FromShelf draft={draft} onChange={onChange} />
    </Word>
  );
}

type ShelfProps = Pick<WordsProps, 'draft' | 'onChange'>;

/** The gauges of yarns as they were knitted before. */
function AsKnitted({ draft, onChange }: ShelfProps) {
  const { lengths } = useSettings();
  const known = useKnownYarns().data ?? [];
  const gauges = known.flatMap(({ yarnId, name, swatch, stitches, rounds, measured, weighIns }) => {
    const words = [stitches, rounds].map((each) => each && figureText(each, lengths)).join(', ');
    // What was weighed belongs to the yarn.
    const weighed = draft.yarn?.id === yarnId && { weighIns };
    const spec = swatch && { ...draft.spec, swatch, ...weighed };
    const note = `${words}${measured > 0 ? shared.measuredOnTheTube : ''}`;
    return spec
      ? [{ key: yarnId, title: name, note, draft: { ...draft, swatch: undefined, spec } }]
      : [];
  });
  return <Offered title={texts.orAsYouKnittedIt} offers={gauges} onChange={onChange} />;
}

/** The swatches on the shelf. */
function FromShelf({ draft, onChange }: ShelfProps) {
  const swatches = useSwatches().data ?? [];
  const kept = swatches.map(({ id, name, swatch }) => ({
    key: id,
    title: name,
    note: texts.readings(swatch.stitches.length + swatch.rounds.length),
    chosen: id === draft.swatch?.id,
    draft: { ...draft, swatch: { id, name }, spec: { ...draft.spec, swatch } },
  }));
  return <Offered title={texts.orASwatchFromThe} offers={kept} onChange={onChange} />;
}

interface OfferedProps extends Pick<WordsProps, 'onChange'> {
  title: string;
  offers: readonly { key: string; title: string; note: string; chosen?: boolean; draft: Draft }[];
}

/** Things to choose one of under a title; nothing where there is none. */
function Offered({ title, offers, onChange }: OfferedProps) {
  if (offers.length === 0) {
    return null;
  }
  return (
    <Box mt={4}>
      <Box fontSize="sm" fontWeight="600" mb={1}>
        {title}
      </Box>
      <Box maxH="9rem" overflowY="auto">
        {offers.map(({ key, draft, chosen = false, ...words }) => (
          <Choice key={key} {...words} chosen={chosen} onChoose={() => onChange(draft)} />
        ))}
      </Box>
    </Box>
  );
}

/** What was typed, while no gauge can be made of it. */
function firstReading(readings: readonly Reading[], lengths: 'CM' | 'INCH'): number {
  const [first] = readings;
  return first ? (first.count / first.spanMm) * gaugeSpanMm(lengths) : 0;
}
