/** Every text of this place, in the order of its files. */
export const texts = {
  // GraftPicture
  front: 'front',
  back: 'back',
} as const;
