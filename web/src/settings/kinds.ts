/** The kind of needles in use: it changes no stitch, but what is said and drawn of where they lie. */
export const KINDS = ['TWO_CIRCULARS', 'LONG_LOOP', 'DOUBLE_POINTS', 'SHORT_CIRCULAR'] as const;
export type Kind = (typeof KINDS)[number];
