import type { Foot } from '../wire/types';
import { NumberField } from './NumberField';
import { Select } from './Select';
import { shared } from '../texts/shared';
import { texts } from './texts';

type Shoe = NonNullable<Foot['shoe']>;

interface ShoeSizeProps {
  shoe: Shoe | undefined;
  problem: string | undefined;
  onChange: (shoe: Shoe | undefined) => void;
}

/** A size a shoe system counts from, to begin with: a middling one, so that a step away is near. */
const MIDDLING: Record<Shoe['system'], number> = {
  EU: 39,
  UK: 6,
  US_WOMEN: 8,
  US_MEN: 8,
  MONDOPOINT: 245,
};

/** A shoe size, with the system it is counted in. */
export function ShoeSize({ shoe, problem, onChange }: ShoeSizeProps) {
  return (
    <>
      <Select
        label={texts.shoeSizing}
        value={shoe?.system ?? ''}
        schools="ShoeSystem"
        none={texts.noShoeSize}
        onChange={(chosen) => {
          const system = chosen as Shoe['system'];
          onChange(chosen ? { system, size: MIDDLING[system] } : undefined);
        }}
      />
      {shoe && (
        <NumberField
          key={shoe.system}
          label={shared.shoeSize}
          kind="number"
          unit=""
          value={shoe.size}
          problem={problem}
          onChange={(size) => size !== undefined && onChange({ ...shoe, size })}
        />
      )}
    </>
  );
}
