import { Box } from '@chakra-ui/react';
import { useAlmanac } from '../api/queries';
import type { Fabric } from '../wire/types';
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
  const { lengths, needles } = useSettings();
  const almanac = useAlmanac();
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
  const perSpan = gaugeSpanMm(lengths) / 100;
  const { gaugeAdvice } = plan.basis;
  const next = gaugeAdvice?.tryNext;
  const us = almanac.data?.find(
    ({ id }) => id === `swatch.needle.${pointed(fabric.needleMm)}`,
  )?.text;
  const needleName = us && (needles === 'US' ? us : texts.inTheUnitedStates(us));
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
      {needleName && (
        <Box fontSize="sm" color="quiet">
          {needleName}
        </Box>
      )}
      <NumberField
        mt={2}
        key={lengths}
        label={texts.targetGaugePer(gaugeSpanText(lengths))}
        kind="number"
        unit={texts.stitches}
        mayBeEmpty
        value={
          fabric.wantedStitches === undefined
            ? undefined
            : Math.round(fabric.wantedStitches * perSpan * 1e4) / 1e4
        }
        problem={problemAt('swatch.fabric.wantedStitches')}
        onChange={(wanted) =>
          set({ wantedStitches: wanted === undefined ? undefined : wanted / perSpan })
        }
      />
      {gaugeAdvice && (
        <Box mt={2} fontSize="sm">
          {gaugeAdvice.verdict.title}
          {next && texts.nextIs(needles === 'US', next.us, next.mm)}
        </Box>
      )}
      <Why>{texts.ifTheStitchesAreRight}</Why>
    </Word>
  );
}
