import { Switch } from '../form/Switch';
import { changeSettings, useSettings } from '../settings/settings';
import type { BasketPair } from '../wire/types';
import { texts } from './texts';

/** How long there is to knit: each pair says what gets done in it. */
export function TimeToKnit({ pairs }: { pairs: readonly BasketPair[] }) {
  const { minutes } = useSettings();
  const times = pairs.find(({ lap }) => lap && lap.outings.length > 0)?.lap?.outings ?? [];
  return times.length === 0 ? null : (
    <Switch
      labelled
      label={texts.timeToKnit}
      value={String(minutes)}
      options={times.map(({ minutes: each }) => {
        const time = each < 120 ? texts.min(each) : `${each / 60} h`;
        return [String(each), time, texts.toKnit(time)];
      })}
      onChange={(value) => changeSettings({ minutes: Number(value) })}
    />
  );
}
