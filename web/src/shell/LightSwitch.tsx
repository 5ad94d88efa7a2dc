import { changeSettings, useSettings } from '../settings/settings';
import { Switch } from '../form/Switch';

/** Day, the evening lamp, or as the system says. */
export function LightSwitch() {
  const { light } = useSettings();
  return (
    <Switch
      label="Light"
      value={light}
      options={[
        ['day', 'day', 'day'],
        ['lamp', 'lamp', 'evening lamp'],
        ['system', 'auto', 'as the system says'],
      ]}
      onChange={(value) => changeSettings({ light: value })}
    />
  );
}
