import type { Foot } from '../wire/types';
import { Select } from './Select';
import { ShoeSize } from './ShoeSize';
import { texts } from './texts';

type Known = Pick<Foot, 'toeForm' | 'shoe'>;

interface ToeAndShoeProps {
  foot: Known;
  change: (part: Known) => void;
  problemAt: (field: string) => string | undefined;
}

/** Toe shape, and the shoe size with its system. */
export function ToeAndShoe({ foot, change, problemAt }: ToeAndShoeProps) {
  return (
    <>
      <Select
        label={texts.toeShape}
        value={foot.toeForm ?? ''}
        schools="ToeForm"
        none={texts.notNoted}
        onChange={(form) => change({ toeForm: (form || undefined) as Foot['toeForm'] })}
      />
      <ShoeSize
        shoe={foot.shoe}
        problem={problemAt('shoe.size')}
        onChange={(shoe) => change({ shoe })}
      />
    </>
  );
}
