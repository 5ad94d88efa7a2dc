import { changeSettings, useSettings } from '../settings/settings';
import { Switch } from '../form/Switch';
import { texts } from './texts';

/** Day, the evening lamp, or as the system says. */
export function LightSwitch() {
  const { light } = useSettings();
  return (
    <Switch
      label={texts.theme}
      value={light}
      options={[
        ['day', 'light', 'light'],
        ['lamp', 'evening', 'evening'],
        ['system', 'auto', texts.matchSystem],
      ]}
      onChange={(value) => changeSettings({ light: value })}
    />
  );
}
