import { changeSettings, useSettings } from '../settings/settings';
import { Switch } from '../form/Switch';

/** Day, the evening lamp, or as the system says. */
export function LightSwitch() {
  const { light } = useSettings();
  return (
    <Switch
      label="Theme"
      value={light}
      options={[
        ['day', 'light', 'light'],
        ['lamp', 'evening', 'evening'],
        ['system', 'auto', 'match system'],
      ]}
      onChange={(value) => changeSettings({ light: value })}
    />
  );
}
