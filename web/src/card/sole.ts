import type { Outline } from '../wire/types';

/** The sole of a sock lying flat: its width, in millimetres, at places from the tip of the toe to the end of the heel. */
export function soleOf(outline: Outline): readonly (readonly [at: number, width: number])[] {
  const deep = outline.toe.at(-1)?.depthMm ?? 0;
  const toe = outline.toe.map(({ depthMm, widthMm }) => [deep - depthMm, widthMm] as const);
  const heel = outline.heel.map(
    ({ depthMm, widthMm }) => [outline.openingMm + depthMm, widthMm] as const,
  );
  return [...toe.reverse(), ...heel];
}

/** Its outline around the middle, {@code wider} times as wide: as it is worn. */
export function pathOf(
  sole: readonly (readonly [number, number])[],
  middle: number,
  wider = 1,
): string {
  const side = (sign: number) =>
    sole.map(
      ([at, width]) => `${(middle + (sign * width * wider) / 2).toFixed(2)} ${at.toFixed(2)}`,
    );
  return `M${[...side(-1), ...side(1).reverse()].join('L')}Z`;
}
