/** Every text of this place, in the order of its files. */
export const texts = {
  // client
  anotherRoundPocketAnswers:
    'Another Round Pocket, or another program, answers at this address. Nothing was sent to it; start the one this page came from.',
  cantReachRoundPocketIs: 'Can’t reach Round Pocket. Is it still running?',
} as const;
