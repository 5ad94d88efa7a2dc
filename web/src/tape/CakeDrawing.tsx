import { Circle } from './svg';

const SIZE = 84;
const MIDDLE = SIZE / 2;
/** Pixels of radius for the square root of a gram: areas are as the grams, 100 g fill the drawing. */
const PER_ROOT = (MIDDLE - 2) / Math.sqrt(120);
/** The hole that a winder leaves. */
const HOLE = 5;

interface CakeDrawingProps {
  /** The whole ball by its label. */
  massG: number;
  /** What is left of it; unknown where it was not weighed. */
  leftG?: number | undefined;
  bands: readonly { colour: string; lengthM?: number | undefined }[];
}

/** A cake from above: as large as what is left, in the ring that the whole ball would fill. */
export function CakeDrawing({ massG, leftG, bands }: CakeDrawingProps) {
  const radius = (grams: number) => Math.min(MIDDLE - 1, PER_ROOT * Math.sqrt(grams));
  const outer = radius(leftG ?? massG);
  const metres = (some: CakeDrawingProps['bands']) =>
    some.reduce((sum, { lengthM }) => sum + (lengthM ?? 1), 0);
  // From the outer end inwards, each ring's area as its share.
  const rings = bands.map(({ colour }, i) => {
    const used = metres(bands.slice(0, i)) / metres(bands);
    return { colour, at: Math.sqrt(outer ** 2 - (outer ** 2 - HOLE ** 2) * used) };
  });
  return (
    <svg viewBox={`0 0 ${SIZE} ${SIZE}`} width={SIZE} height={SIZE} aria-hidden>
      <Circle
        cx={MIDDLE}
        cy={MIDDLE}
        r={radius(massG)}
        fill="none"
        stroke="quiet"
        strokeDasharray="3 3"
      />
      {rings.map(({ colour, at }) => (
        <Circle key={at} cx={MIDDLE} cy={MIDDLE} r={at} fill={colour} />
      ))}
      <Circle cx={MIDDLE} cy={MIDDLE} r={outer} fill="none" stroke="ink" strokeWidth="1.25" />
      <Circle cx={MIDDLE} cy={MIDDLE} r={HOLE} fill="mist" stroke="ink" strokeWidth="1.25" />
    </svg>
  );
}
