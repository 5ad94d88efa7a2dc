/** Every text of this place, in the order of its files. */
export const texts = {
  // hands
  fromRightToLeft: 'from right to left',
  fromLeftToRight: 'from left to right',
} as const;
