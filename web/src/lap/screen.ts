/** As high as the window, less what the frame takes: nothing on a phone, two rows on a tablet, one at the table. */
export const SCREEN = {
  base: 'calc(100dvh - 32px)',
  md: 'calc(100dvh - 140px)',
  xl: 'calc(100dvh - 96px)',
} as const;
