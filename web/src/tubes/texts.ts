import { counted } from '../texts/counted';

/** Every text of this place, in the order of its files. */
export const texts = {
  // TubeBands
  countItsStripes: 'Count its stripes',
  missingOfTheRepeatAt: 'Rounds missing from the first stripe repeat at the toe end',

  // TubeFields
  countedInRounds: 'counted in rounds',
  measuredOnTheTape: 'measured on the tape',
  theEndWhereToesWill: 'Toe end is on a thread',
  theOtherEndIsOn: 'The other end is on a thread',
  tryBothEnds:
    'Try both ends before you plan: plain knitting unravels from either, rib only from the end knitted last, a cast-on or bound-off edge from neither. Yarn for heels and toes needs an end that unravels.',
  thereAreTwoOfIt: 'There are two alike',
  yarnItIsOf: 'Its yarn',
  notOnTheShelf: 'not on the shelf',
  ends: 'Ends',
  howLongItIs: 'How long it is',
  weight: 'Weight',
  gaugeMeasuredOnIt: 'Gauge measured on it',
  in: (label: string, lengths: string) => `${label} in ${lengths}`,
  spareRoundsAtACut: 'Spare rounds at a cut',
  cakeForHeelsToesCuffs: 'Cake for heels, toes, cuffs',

  // TubeStrip
  theTubeInItsColours: 'The tube in its colours, to scale',

  // TubeItem
  nameOfTheTube: 'Name of the tube',
  twoAlike: 'two alike',
  around: (stitches: string) => `${stitches} around`,
  stripesRepeatEvery: (repeat: string) => `stripes repeat every ${repeat}`,
  cutUpNothingIsLeft: 'Cut up: nothing is left of it.',
  enoughFor: (listed: string) => `Enough for ${listed}.`,
  seeWhereToCut: 'See where to cut',
  planTheCuts: 'Plan the cuts',
  or: (words: string, words2: string) => `${words} or ${words2}`,

  // TubesPage
  theTubesCannotBeShown: 'The tubes cannot be shown',
  theTubes: 'the tubes',
  tubesRoundPocket: 'Tubes · Round Pocket',
  addATube: 'Add a tube',
  aTubeKnittedByMachine:
    'A tube knitted by machine or left from earlier can become several pairs. Add it, say who would like socks from it, and Round Pocket shows where to cut.',

  // Fits
  whomItFits: 'Who it fits',
  withEachTubeUsedWhole: 'With each tube used whole for one sock.',
  withTheWholeTubeCut: 'With the whole tube cut in half for one pair.',
  feetOneARow: 'Feet, one per row',
  negativeEaseAtTheBall: 'Negative ease at the ball',
  overTheHeel: 'Over the heel',
  legItLeaves: 'Leg it leaves',
  smallerThanTheFoot: (percent: number) => `${percent} % smaller than the foot`,
  widerThanTheFoot: (percent: number) => `${percent} % wider than the foot`,

  // CutFigures
  yourOwnCut: 'Your own cut',
  theCut: (title: string) => `The ${title} cut`,
  pairsOfThisCut: 'Pairs of this cut',
  for: 'For',
  eachPiece: 'Each piece',
  legCuffIncluded: 'Leg, cuff included',
  pieceFor: (name: string) => `piece for ${name}`,
  legFor: (name: string) => `leg for ${name}`,
  leftOver: ' · left over: ',
  roundsLeftOver: 'rounds left over',
  bothAlike: 'both alike',
  notAlike: 'not alike',
  ofAbout: (second: boolean, rounds: string, remnant: string, grams: string) =>
    `${second ? 'Also left over' : 'Left over'}: ${rounds}, ${remnant}, about ${grams}`,
  enoughFor2: (listed: string) => `: enough for ${listed}`,

  // MakeCuts
  thePairs: (pairs: number) => `the ${pairs} pairs`,
  cuttingSheet: 'Cutting sheet',
  leftOverThere: 'left over',
  theCutsAreMadePut: (pairs: string) => `I’ve made the cuts: add ${pairs} to the basket`,
  backToTheBestCut: 'Back to the best cut',
  areTheCutsMade: 'Are the cuts made?',
  asShownWillKnowTheir: (cuts: number, pairs: string, pairs2: string) =>
    `${counted(cuts, 'cut')} as shown. ${pairs}${pairs2} will know their pieces, and this tube becomes what is left of it. You can undo this until one of them is being knitted.`,
  yesItIsCut: 'Yes, it is cut',
  cutForInTheBasket: (whose: string, whose2: number) =>
    `Cut for ${whose}: ${whose2 === 1 ? 'the pair is' : 'their pairs are'} in the basket. `,
  goToTheBasket: 'Go to the basket',
  undoTheseCuts: 'Undo these cuts',

  // OtherCuts
  waysToCut: 'Ways to cut',
  shownAbove: ', shown above',
  noOtherWayGivesLonger: 'No other way gives longer legs or fewer cuts.',

  // CutHandles
  cut2: (i: number) => `Cut ${i}`,
  afterRounds: (round: number) => `after ${counted(round, 'round')}`,

  // StretchTable
  everyStretchByRoundAnd: 'Every stretch by round and tape',
  everyStretchOfTheTube: 'Every stretch of the tube',
  fromTheToesEnd: 'From the toes’ end',
  onTheTape: 'On the tape',
  beginsWith: 'Begins with, or is cut',
  to: (from: number, to: number) => `${from} to ${to}`,
  to2: (fromMm: string, toMm: string) => `${fromMm} to ${toMm}`,
  sock: (names: string, sock: number) => `${names}, sock ${sock}`,
  cutUnpickThisRound: (cuts: number) => `cut ${cuts}: unpick this round`,
  band2: (band: number) => `band ${band}`,

  // Stretches
  unravelFirst: 'unravel first',

  // TubeDrawing
  theTube: 'The tube',
  theTubeFromTheToes: 'The tube from the toes’ end to the other, to scale',

  // UnlikeLegs
  oneLegHasRoundsTo: (names: string, longer: number, shorter: number) =>
    `${names}: one leg has ${counted(longer, 'round')} to the cuff, the other ${shorter}.`,
  makeBothRounds: (shorter: number) => `Make both ${counted(shorter, 'round')}`,

  // Wishes
  whoWouldLikeSocksFrom: 'Who would like socks from it',
  measureSomebodysFeetFirstOn: 'Measure somebody’s feet first, on the Feet page.',
  addTheFirstWish: 'Add the first wish',
  addAWish: 'Add a wish',
  for2: (number: number) => `${number}. For`,
  legFrom: 'leg from',
  to3: 'to',
  heelsToesAndCuffsOf: 'heels, toes and cuffs of',
  anotherCake: 'another cake',
  theTubesOwnYarn: 'the tube’s own yarn',
  spareRoundsAtACut2: 'spare rounds at a cut',
  asTheTube: (spareRounds: number | string) => `as the tube: ${spareRounds}`,
  bothSocksAlike: 'both socks alike',
  putTheWishForFirst: (whose: string) => `Put the wish for ${whose} first`,
  removeTheWishFor: (whose: string) => `Remove the wish for ${whose}`,

  // TubePage
  thisTubeCannotBeShown: 'This tube cannot be shown',
  theTube2: 'the tube',
  roundPocket: (name: string) => `${name} · Round Pocket`,
  allTubes: 'All tubes',
  itIsCutUpNothing: 'It is cut up: nothing is left of it.',

  // SheetPage
  cuttingSheetRoundPocket: (name: string) => `Cutting sheet: ${name} · Round Pocket`,
  cuttingSheet2: (name: string) => `Cutting sheet: ${name}`,
  backToTheTube: 'Back to the tube',
  addAWishFirstThen: 'Add a wish first: then there is something to cut.',
  theCuts: 'the cuts',
  around2: (stitches: string, rounds: string, cutting: string, two: boolean) =>
    `${stitches} around · ${rounds} · ${cutting}${two ? ' · two alike, both cut this way' : ''}`,
  scissorsOneHandFlatInside:
    'Scissors: one hand flat inside the tube, points up and away from you, in good light. Cut when you are rested.',
  layTheTubeFlatThe:
    'Lay the tube flat, the end for the toes at your left. Count its rounds along one column and mark every tenth.',
  unravelTheRoundsAtThe:
    'Unravel the rounds at the end first and wind them into a ball as they come off: you will knit from its outside. Put that end on a thread again.',
  atEachCutRunA:
    'At each cut run a thread through the round before it and another through the round after it. Count both: each must have all the stitches of the tube.',
  snipOneStitchOfThe: 'Snip one stitch of the round between and unpick it all the way round.',
  pinANoteToEach: 'Pin a note to each piece: whose it is, and which end is the toe.',
  leaveTheSpareRoundsUntil:
    'Leave the spare rounds until you start on that end; their yarn is the tail to weave in.',

  // What was deleted, and is kept for what refers to it
  noLongerOnTheShelf: (name: string) => `${name} (no longer on the shelf)`,
} as const;
