import type { Foot } from '../api/types';
import { useSettings } from '../settings/settings';
import { NumberField } from './NumberField';
import { Select } from './Select';

type Known = Pick<Foot, 'toeForm' | 'shoe'>;

interface ToeAndShoeProps {
  foot: Known;
  change: (part: Known) => void;
  problemAt: (field: string) => string | undefined;
}

/** How the toes end, and the shoe size with its system. */
export function ToeAndShoe({ foot, change, problemAt }: ToeAndShoeProps) {
  const { lengths } = useSettings();
  const { shoe } = foot;
  return (
    <>
      <Select
        label="How the toes end"
        value={foot.toeForm ?? ''}
        schools="ToeForm"
        none="not looked at"
        onChange={(form) => change({ toeForm: (form || undefined) as Foot['toeForm'] })}
      />
      <Select
        label="Shoe size, counted as"
        value={shoe?.system ?? ''}
        schools="ShoeSystem"
        none="no shoe size"
        onChange={(system) =>
          change({
            shoe: system
              ? { system: system as NonNullable<Known['shoe']>['system'], size: shoe?.size ?? 39 }
              : undefined,
          })
        }
      />
      {shoe && (
        <NumberField
          label="Shoe size"
          kind="number"
          unit=""
          lengths={lengths}
          value={shoe.size}
          problem={problemAt('shoe.size')}
          onChange={(size) => size !== undefined && change({ shoe: { ...shoe, size } })}
        />
      )}
    </>
  );
}
