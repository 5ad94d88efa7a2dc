/** Every text of this place, in the order of its files. */
export const texts = {
  // GuidePage
  titleOfGuide: (title: string) => `${title} · Guide · Round Pocket`,
  guide: 'The guide',
} as const;
