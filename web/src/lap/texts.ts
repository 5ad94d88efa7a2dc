import { counted } from '../texts/counted';
import { capital } from '../texts/capital';

/** Every text of this place, in the order of its files. */
export const texts = {
  // AllDone
  bothSocksAreDone: 'Both socks are done. Well knitted!',
  wearThemForADay: 'Wear them for a day, then note how they fit: your next pair starts from that.',
  openTheLog: 'Open the log',
  theSockIsDone: (sock: number) => `The ${sock === 1 ? 'first' : 'second'} sock is done.`,
  onToThe: (sock: number) => `On to the ${sock === 1 ? 'second' : 'first'}`,

  // BandLine
  roundOfAbout: (position: number, to: number) => `, round ${position} of about ${to}`,
  theColourIsNotKnown: 'Behind the knot: note the colour that begins, and the bands go on from it.',
  aKnotHere: (more: string) => `A knot comes in about this round${more}.`,
  aKnotIn: (rounds: number, more: string) => `A knot comes in ${counted(rounds, 'round')}${more}.`,
  nextComes: (name: string) => `Next comes ${name}.`,
  newColourBegins: 'New colour begins',
  thereIsAKnot: 'There is a knot',
  knotNotedTheYarnGoes: (name: string) => `Knot noted; ${name} comes next.`,
  beginsInThisRound: (capital: string) => `${capital} begins in this round.`,
  itIsAnotherColour: 'It’s a different colour',
  itDoesBeginHere: 'Yes, it starts here',
  behindTheKnotComes: 'Behind the knot comes',
  itIs: 'It is',
  giveOrTake: (unsure: number) => `, give or take ${unsure}`,
  in: (name: string, left: number, more: string) => `${name} in ${counted(left, 'round')}${more}`,

  // NeedlesNow
  needlesNow: 'What is on the needles',
  needles: 'Needles',
  needlesKey: 'What is on the needles: m shows and hides it',
  needlesAfter: 'Show it after this step',
  needlesBefore: 'Show it before this step',
  onNeedle: (name: string, each: readonly number[]) =>
    `${name}: ${each.length > 1 ? `${each.join(' + ')} sts` : counted(each[0] ?? 0, 'st')}`,
  changeKind: 'Another kind of needles: only what is drawn and said of them changes',
  onKind: {
    TWO_CIRCULARS: 'On two circular needles',
    LONG_LOOP: 'On one long needle',
    DOUBLE_POINTS: 'On double points',
    SHORT_CIRCULAR: 'On a short circular needle',
  },
  waits: (name: string, loops: number, waste: boolean) =>
    `${name}, ${counted(loops, 'st')} ${waste ? 'on waste yarn' : 'on a thread'}`,

  // Twice
  twoRoundsOrOne: 'Two taps at once: two rounds, or one?',
  two: 'Two',
  one: 'Just one',

  // Notes
  aNote: 'A note',
  aKnotAMistakeLeft: 'A knot, a mistake left in, what you changed and why',
  sock: (when: string, sock: number) => `${when}, ${sock === 1 ? 'first' : 'second'} sock`,
  theNote: 'the note',
  delete: (what: string) => `Delete ${what}`,

  // Tried
  new: 'New',
  theSockFollowsBothThe: (other: string) => `The ${other} sock will match, round for round.`,
  theSockIsPastThis: (other: string) =>
    `The ${other} sock is already past this, so it stays as it is.`,
  nothingChanges: 'Nothing changes.',
  figure: 'Figure',

  // OffPlan
  thisTubeIsAlreadyKnitted: 'A ready tube can’t change length here.',
  howManyRoundsDoesIt:
    'How many rounds does it have, or will it have? What you have knitted stays as it is.',
  of: (title: string, title2: string, done: number, all: number) =>
    `${title}${title2}: ${done} of ${all}`,
  roundsOfThe: (title: string) => `Rounds of the ${title}`,
  stopHere: (done: number) => `Stop here (${done})`,

  // OrderTool
  howYouKnitTheTwo: 'How you knit the two socks from here. Both counts stay as they are.',

  // SignalSwitches
  sound: 'Sound',
  aTickAtEveryTap: 'a tick at every tap',
  vibration: 'Vibration',
  aShortBuzzAtEvery: 'a short buzz at every tap, if your device can',
  pedal: 'Pedal',
  countsARoundEachTime: 'counts a round each time',
  off: (name: string) => `${name} off`,
  on: (name: string) => `${name} on`,
  oneHand: 'One hand',
  theKeysInAColumn: 'the keys in a column where one thumb reaches them',
  notForOneHand: 'for both hands',
  leftThumb: 'left thumb',
  keysAtTheLeftThumb: 'keys at the left thumb',
  rightThumb: 'right thumb',
  keysAtTheRightThumb: 'keys at the right thumb',
  openTheSimulatedPedal: 'Open the simulated pedal',

  // TapeCheck
  layTheTubeFlatWithout:
    'Lay the tube flat without stretching it and count rounds along one column of stitches. The more, the better.',
  roundsCounted: 'Rounds counted',
  overALengthOf: 'Over a length of',
  rePlanFromThis: 'Re-plan from this',
  keepThePlan: 'Keep the plan',

  // Weigh
  theYarnWeighs: 'The yarn weighs',
  saveWeight: 'Save weight',
  whichYarn: 'Which yarn',
  wasWeighed: (called: string) => `${called} was weighed`,
  whoseYarn: 'Whose yarn',
  theFirstSocks: 'the first sock’s',
  theFirstSocksYarnWas: 'the first sock’s yarn was weighed',
  theSecondSocks: 'the second sock’s',
  theSecondSocksYarnWas: 'the second sock’s yarn was weighed',
  usedFor: 'Used for',
  thisSock: 'this sock',
  thisSockIsKnittedFrom: 'this sock is knitted from it',
  bothSocks: 'both socks',
  bothSocksAreKnittedFrom: 'both socks are knitted from it',
  theSameBall: 'the same ball',
  theBallThatWasWeighed: 'the ball that was weighed before',
  aNewBall: 'a new ball',
  theWeightIsRight: 'The weight is right',
  weighedSoFar: 'Weighed so far',
  forBoth: 'for both',
  aNewBall2: ', a new ball',
  theWeightOfG: (grams: number) => `the weight of ${grams} g`,
  showHowItsWorkedOut: (label: string, figure: string) =>
    `${label}: ${figure}. Show how it’s worked out`,
  makeTheLeg: (stopAt: number) => `Make the leg ${counted(stopAt, 'round')}`,
  theMainYarn: 'the main yarn',
  theContrastYarn: 'the contrast yarn',
  theSocksYarn: (sock: number, yarn: string) =>
    `The ${sock === 1 ? 'first' : 'second'} sock’s yarn, ${yarn}`,

  // WhenDone
  daysYouKnit: 'Days you knit',
  atATime: 'At a time',
  minutes: 'minutes',
  wantedBy: 'Wanted by',
  remindMeBefore: 'Remind me a quarter of an hour before each time',
  addToCalendar: 'Add to calendar',
  nothingIsLeftToKnit: 'Nothing is left to knit.',
  doneOn: (finish: string) => `Done on ${finish}`,
  inTimeWithToSpare: (days: string) => `In time, with ${days} to spare.`,
  tooLateKnitLongerAt: (days: string) =>
    `${days} too late. Knit longer at a time, or on more days.`,
  hoursToGo: (hours: string, sittings: number) =>
    `${hours} hours to go, ${counted(sittings, 'sitting')}`,
  atYourOwnPaceStitches: (stitchesPerHour: string) =>
    `At your own pace: ${stitchesPerHour} stitches an hour.`,
  noRoundsCountedYetAssuming: (stitchesPerHour: string) =>
    `No rounds counted yet; assuming ${stitchesPerHour} stitches an hour.`,
  sock2: (sock: number, title: string) => `${sock === 1 ? 'First' : 'Second'} sock: ${title}`,
  hoursToGo2: 'Hours to go',
  days: (number: number) => counted(number, 'day'),

  // MishapSketch
  last: 'last',
  aQuarterTurnOff: 'a quarter turn off',
  rightAtTheSides: 'right: at the sides',

  // place
  ofSDone: (title: string, done: number, number: number, unit: string) =>
    `${title}, ${done} of ${number} ${unit}s done`,
  notStarted: 'not started',
  sts: (loops: number, tube: boolean) =>
    tube ? `${loops} sole + ${loops} instep` : `${loops} + ${loops} sts`,
  min: (minutes: number) => `${minutes} min`,
  anIncrease: 'an increase',
  thenRound: (kind: string) => `then ${kind} round`,
  aboutOfThisLeft: (timeWords: string) => `about ${timeWords} left in this part`,

  // Wrong
  stopHereNothingIsLost: 'Stop here; nothing is lost, and your count stays as it is.',
  thisNeedsRoundPocketTry: 'This needs Round Pocket; try again when it is back.',
  inThisStep: (title: string) => `In this step: ${title}`,
  somethingElse: 'Something else',
  whatHappened: 'What happened?',
  backToMyCount: 'Back to my count',

  // useBeside
  rescue: 'Rescue',
  somethingIsWrong: 'Something is wrong',
  measure: 'Measure',
  measureTheTube: 'Measure the tube',
  weigh: 'Weigh',
  weighTheYarn: 'Weigh the yarn',
  adjustRounds: 'Adjust rounds',
  moreOrFewerRoundsThan: 'More or fewer rounds than planned',
  order: 'Order',
  oneSockOrBoth: 'One sock or both',
  finishDate: 'Finish date',
  whenWillItBeDone: 'When will it be done?',
  soundAndPedal: 'Sound & pedal',
  soundVibrationAndPedal: 'Sound, vibration and pedal',

  // Beside
  besideTheNeedles: 'Beside the needles',

  // CountBoth
  rimOfThePiece: 'Edge of the piece',
  rimOfTheRest: 'Edge of the tube',
  sole: 'Sole half',
  instep: 'Instep half',
  goOnAndPutItRight: 'Go on, and put it right in the next round',
  lowerNeedle: 'Lower [needle|half|half|half]',
  upperNeedle: 'Upper [needle|half|half|half]',
  bothHaveContinue: (expected: number) => `Both have ${expected}: continue`,
  bothMustHave: (expected: number) => `Both must have ${expected}`,

  // Hints
  theTubeIsLongEnough:
    'The tube is long enough to measure: check that the heel still lands where you planned.',
  youHaveYarnForLeg: (stopAt: number, all: number) =>
    `You have yarn for ${counted(stopAt, 'leg round')}, not ${all}. Keep the rest for what comes after.`,
  inTurnTheSockIs: (which: number, stateWords: string) =>
    `The ${which === 1 ? 'first' : 'second'} sock is behind (${stateWords}).`,
  turnToThe: (which: number) => `Switch to the ${which === 1 ? 'first' : 'second'}`,

  // JumpTo
  whereAreYouInThe: 'Where are you in the sock?',
  changeMyPlace: 'Change my place',
  step: 'Step',
  howManyOfItsS: (unit: string) => `How many of its ${unit}s are done`,
  of2: (most: number) => `of ${most}`,
  thereAreEnter0To: (most: number) => `There are ${most}; enter 0 to ${most}.`,
  setMyPlace: 'Set my place',

  // PedalElsewhere
  thePedalIsCountingAnother: 'The pedal is counting another pair.',
  useItHere: 'Use it here',

  // PlanMoved
  youEditedThePlanAfter:
    'You edited the plan after casting on. These steps still follow the original.',
  seeWhatItWouldChange: 'See what it would change here',
  theChangedPlan: 'The changed plan',
  whatYouHaveKnittedStays:
    'What you have knitted stays. The rest can follow the changed plan, or the change can wait for the next pair.',
  followTheChangedPlan: 'Follow the changed plan',
  leaveItForTheNext: 'Leave it for the next pair',
  notStartedAfterAll: 'Undo the start',

  // PressArea
  ofSDone2: (number: number, unit: string) => `of ${number} ${unit}s done`,
  ofStitchesSewn: (all: number) => `of ${all} stitches sewn`,
  stitch: 'stitch',
  pressEachMove: 'Tap for each move',
  pressEachStitch: 'Tap once a stitch',
  next: (upcoming: string) => `next: ${upcoming}`,
  thisCantBeUndoneTap: 'This can’t be undone. Tap once it is done.',
  tapWhenTheIsDone: (unit: string, whose: boolean) =>
    `Tap when the ${unit} is done${whose ? ' on both' : ''}`,
  tapWhenDone: 'Tap when done',
  finishTheGraftInOne: 'Finish the graft in one go: halfway it’s hard to read.',

  // ProgressTape
  percentOfThisSockIs: (position: number) => `${position} percent of this sock is done`,

  // SockTabs
  firstSock: 'First sock',
  secondSock: 'Second sock',
  bothSocks2: 'Both socks',

  // Told
  planned: (label: string, after: number, before: number) => `${label} ${after}, planned ${before}`,
  changedSinceYouStarted: (most: string) => `Changed since you started: ${most}`,
  yarnUseDiffersFromThe: 'Yarn use differs from the plan (from your weighings)',
  changesToThisPair: 'Changes to this pair',
  keepKnittingSafeHereAnd: (waiting: number) =>
    `Keep knitting: ${counted(waiting, 'tap is', 'taps are')} safe here and will be sent when Round Pocket is back.`,
  thisBrowserHasNoRoom:
    'This browser has no room to save them: leave this page open until they are sent.',
  anotherDeviceIsCountingThis:
    'This pair is also being counted on another device; taps from both count.',
  in2: (left: number, unit: string) => ` in ${left} ${unit}${left === 1 ? '' : 's'}`,
  next2: (title: string, when: string) => `Next: ${title}${when}`,
  roundsAnHour: (pace: string) => `${pace} rounds an hour`,

  // ThumbKeys
  moreWhileKnitting: 'More while knitting',
  keysForOneThumb: 'Keys for one thumb',
  more: 'More',
  newColour: 'New colour',
  backToTheUsualScreen: 'Back to the usual screen',
  thePlan: 'The plan',

  // Knitting
  sockRoundPocket: (name: string, sock: number) =>
    `${name}, ${sock === 1 ? 'first' : 'second'} sock · Round Pocket`,
  youStartedThisPairWith:
    'You started this pair with an earlier version of Round Pocket. It keeps the rules it was planned with; new pairs follow today’s.',
  show: (shown: string) => `Show ${shown}`,
  showThe: (which: string) => `Show the ${which}`,
  theFirstSock: 'the first sock',
  theSecondSock: 'the second sock',

  // HowItIsDone
  howIsItDone: (words: string) => `${capital(words)}: how it is done`,
  closedStart: 'closed start',
  pickingUpAtACorner: 'picking up at a corner',
  wrappingAStitch: 'wrapping a stitch',
  stretchyBindOff: 'stretchy bind-off',

  // LapPage
  thisPairCannotBeKnitted: 'This pair cannot be knitted',
  theWork: 'the work',
  startRoundPocket: (name: string) => `${name}: start · Round Pocket`,
  onceYouCastOnThe:
    'Once you cast on, the numbers stay put. What you measure along the way, or change in the plan, is taken over only when you say so.',
  theTwoSocks: 'The two socks',
  theHeel: 'The heel',
  changeThatInThePlan: 'Back to the plan, to change that',
  startKnitting: 'Start knitting',

  // Went
  wentOn: (done: number) => `${done} done`,
  wentBack: (done: number) => `Back to ${done}`,
  aStepBack: 'A step back',
} as const;
