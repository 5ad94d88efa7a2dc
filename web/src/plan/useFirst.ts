import { useState } from 'react';
import { usePreviewWhen } from '../api/queries';
import type { Spec } from '../wire/types';
import { useSettings } from '../settings/settings';
import { gaugeSpanMm } from '../units/units';
import { overSpan, specOf, withoutFoot, type Measures, type Taken } from './measures';

export type First = ReturnType<typeof useFirst>;

/** What was measured or taken from a shelf so far, and the plan that comes of it. */
export function useFirst() {
  const { lengths } = useSettings();
  const [whose, setWhose] = useState('');
  const [measures, setMeasures] = useState<Measures>({ spanMm: gaugeSpanMm(lengths) });
  const [taken, setTaken] = useState<Taken>({});
  const spec = specOf(measures, taken);
  const preview = usePreviewWhen(spec, 'measures');
  const set = (change: Partial<Measures>) => setMeasures({ ...measures, ...change });
  return {
    ...{ lengths, measures, taken, whose, spec, preview, set, setTaken, setWhose },
    plan: preview.behind || !spec ? undefined : preview.plan,
    problemAt: (field: string) =>
      preview.refused?.errors.find((problem) => problem.field.startsWith(field))?.message,
    name: (name: string) => {
      setWhose(name);
      setTaken(withoutFoot(taken));
    },
    counted: ({ stitches, rounds }: Spec['swatch']) => {
      const span = gaugeSpanMm(lengths);
      set({ spanMm: span, stitches: overSpan(stitches, span), rounds: overSpan(rounds, span) });
    },
  };
}
