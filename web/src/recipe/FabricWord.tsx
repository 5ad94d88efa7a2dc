import { Box } from '@chakra-ui/react';
import { useAlmanac } from '../api/queries';
import type { Fabric, Plan } from '../wire/types';
import { useSettings } from '../settings/settings';
import { gaugeSpanMm, gaugeSpanText } from '../units/units';
import { Select } from '../form/Select';
import { NumberField } from '../form/NumberField';
import type { WordsProps } from './props';
import { useTitles } from '../api/titles';
import { Why, Word } from './Word';
import { texts } from './texts';

/** A needle's size as the almanac writes it: 2 mm are 2.0. */
function pointed(mm: number | undefined): string {
  return mm === undefined ? '' : Number.isInteger(mm) ? mm.toFixed(1) : String(mm);
}

/** What the swatch had been through, its needle, and the gauge that was hoped for. */
export function FabricWord({ draft, plan, onChange, problemAt, problems }: WordsProps) {
  const { lengths } = useSettings();
  const titles = useTitles();
  const { swatch } = draft.spec;
  const fabric = swatch.fabric ?? {};
  const set = (change: Partial<Fabric>) => {
    const next = { ...fabric, ...change };
    const told = Object.values(next).some((each) => each !== undefined);
    onChange({
      ...draft,
      spec: { ...draft.spec, swatch: { ...swatch, fabric: told ? next : undefined } },
    });
  };
  const { gaugeAdvice } = plan.basis;
  return (
    <Word
      id="fabric"
      title={texts.swatchDetails}
      text={titles('FabricState', fabric.state ?? 'WASHED')}
      state={swatch.fabric ? 'own' : 'usual'}
      problem={problems.find(({ field }) => field.startsWith('swatch.fabric'))?.message}
    >
      <Select
        label={texts.howItWasTreated}
        value={fabric.state ?? ''}
        schools="FabricState"
        none={texts.washedAsUsual}
        onChange={(state) => set({ state: (state || undefined) as Fabric['state'] })}
      />
      <Box as="label" display="flex" alignItems="center" gap={2} mt={3} minH="44px">
        <input
          type="checkbox"
          checked={fabric.inTheRound ?? true}
          onChange={(event) => set({ inTheRound: event.target.checked ? undefined : false })}
        />
        {texts.workedInTheRound}
      </Box>
      <NumberField
        label={texts.needle}
        kind="number"
        unit={texts.mm}
        mayBeEmpty
        value={fabric.needleMm}
        problem={problemAt('swatch.fabric.needleMm')}
        onChange={(needleMm) => set({ needleMm })}
      />
      <NeedleName mm={fabric.needleMm} />
      <WantedGauge
        key={lengths}
        value={fabric.wantedStitches}
        problem={problemAt('swatch.fabric.wantedStitches')}
        onChange={(wantedStitches) => set({ wantedStitches })}
      />
      {gaugeAdvice && <Advice advice={gaugeAdvice} />}
      <Why>{texts.ifTheStitchesAreRight}</Why>
    </Word>
  );
}

/** What the gauge says of the needle, and which to try next. */
function Advice({ advice }: { advice: NonNullable<Plan['basis']['gaugeAdvice']> }) {
  const { needles } = useSettings();
  const next = advice.tryNext;
  return (
    <Box mt={2} fontSize="sm">
      {advice.verdict.title}
      {next && texts.nextIs(needles === 'US', next.us, next.mm)}
    </Box>
  );
}

interface WantedGaugeProps {
  /** Stitches over 10 cm. */
  value: number | undefined;
  problem: string | undefined;
  onChange: (stitches: number | undefined) => void;
}

/** The gauge that is wanted, over the span that is usual in the unit of lengths. */
function WantedGauge({ value, problem, onChange }: WantedGaugeProps) {
  const { lengths } = useSettings();
  const perSpan = gaugeSpanMm(lengths) / 100;
  return (
    <NumberField
      mt={2}
      label={texts.targetGaugePer(gaugeSpanText(lengths))}
      kind="number"
      unit={texts.stitches}
      mayBeEmpty
      value={value === undefined ? undefined : Math.round(value * perSpan * 1e4) / 1e4}
      problem={problem}
      onChange={(wanted) => onChange(wanted === undefined ? undefined : wanted / perSpan)}
    />
  );
}

/** What the needle is called in the United States. */
function NeedleName({ mm }: { mm: number | undefined }) {
  const { needles } = useSettings();
  const almanac = useAlmanac();
  const us = almanac.data?.find(({ id }) => id === `swatch.needle.${pointed(mm)}`)?.text;
  const needleName = us && (needles === 'US' ? us : texts.inTheUnitedStates(us));
  return (
    needleName && (
      <Box fontSize="sm" color="quiet">
        {needleName}
      </Box>
    )
  );
}
