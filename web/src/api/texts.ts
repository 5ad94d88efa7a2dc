/** Every text of this place, in the order of its files. */
export const texts = {
  // client
  cantReachRoundPocketIs: 'Can’t reach Round Pocket. Is it still running?',
} as const;
