import { useId, type ReactNode } from 'react';

/** Lines that stand in for a colour, for who does not see it: one pattern a band. */
const PATTERNS: readonly (string | undefined)[] = [
  undefined,
  'M0 0 L8 8 M-2 6 L2 10 M6 -2 L10 2',
  'M4 0 V8',
  'M0 4 H8',
  'M0 8 L8 0 M-2 2 L2 -2 M6 10 L10 6',
  'M0 0 L8 8 M0 8 L8 0',
  'M4 0 V8 M0 4 H8',
  'M0 2 H8 M0 6 H8',
];

export interface Hatching {
  /** What goes into the drawing once. */
  defs: ReactNode;
  /** The fill of a band’s pattern; nothing for the band that stays plain. */
  fill: (band: number) => string | undefined;
}

/** Patterns for a drawing; those of another drawing on the page have names of their own. */
export function useHatching(bands: number): Hatching {
  const id = useId();
  const name = (band: number) => `hatch-${id}-${band % PATTERNS.length}`;
  return {
    defs: (
      <defs>
        {PATTERNS.slice(0, bands).map((lines, band) =>
          lines ? (
            <pattern key={lines} id={name(band)} width="8" height="8" patternUnits="userSpaceOnUse">
              <path d={lines} stroke="#ffffff" strokeWidth="2.6" fill="none" opacity="0.75" />
              <path d={lines} stroke="#17232e" strokeWidth="1.1" fill="none" />
            </pattern>
          ) : undefined,
        )}
      </defs>
    ),
    fill: (band) =>
      band >= 0 && PATTERNS[band % PATTERNS.length] ? `url(#${name(band)})` : undefined,
  };
}
