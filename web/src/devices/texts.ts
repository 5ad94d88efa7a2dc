/** Every text of this place, in the order of its files. */
export const texts = {
  // ScaleReading
  useTheScale: 'Use the scale',
  steadyAtG: (grams: number) => `Steady at ${grams} g`,
  settling: 'Settling',
  useIt: 'Use it',
  tare: 'Tare',
  noScaleIsPluggedIn: 'No scale is plugged in: this one is simulated. Say what is on it.',
  onTheSimulatedScale: 'On the simulated scale',
  putItOn: 'Put it on',

  // PedalPage
  notCountedNoPairIs: 'Not counted: no pair is listening. Switch the pedal on while you knit.',
  pedalRoundPocket: 'Pedal · Round Pocket',
  thePedal: 'The pedal',
  noPedalIsPluggedIn:
    'No pedal is plugged in: this page stands in for one. Switch the pedal on while knitting, under Sound & pedal, and leave this page open in another window.',
  stepOnIt: 'Step on it',
  notSteppedOnYet: 'Not stepped on yet.',
  counted: (presses: number) => `Counted ${presses === 1 ? 'once' : `${presses} times`}.`,
} as const;
