import { counted } from '../texts/counted';

/** Every text of this place, in the order of its files. */
export const texts = {
  // FromShelf
  savedFeet: 'Saved feet:',
  yarnYouHaveKnittedBefore: 'Yarn you have knitted before, no swatch needed:',
  savedSwatches: 'Saved swatches:',
  all: (kept: number) => `all ${kept} …`,

  // FirstMeasures
  threeMeasurementsAreEnoughFor:
    'A plain tube first, with heel and toe added afterwards. Three measurements are enough for a plan; you can change everything else later.',
  aTubeWithNoHeel: 'Knit a tube, with no heel to think of.',
  oneRowIsOpened: 'Open one row of it where the heel belongs.',
  heelAndToeKnittedOn: 'Knit the heel into the opening, and the toe.',
  standingLongestToeToHeel: 'Standing, longest toe to heel.',
  iOnlyKnowAShoe: 'I only know a shoe size',
  withAShoeSizeYou: 'With a shoe size you can leave this empty: it is estimated.',
  theWidestPartBehindThe: 'The widest part, behind the toes.',
  theSwatch: 'The swatch',
  washedCountedOver: (spanText: string) => `Washed; counted over ${spanText}.`,
  whoseFeetOptional: 'Whose feet? (optional)',
  footLength: 'foot length',
  aroundTheBall: 'around the ball',
  stillNeeded: (missing: string) => `Still needed: ${missing}.`,
  cantReachRoundPocketTrying: 'Can’t reach Round Pocket. Trying again …',
  heelLineAfter: (stitches: string, foot: string) =>
    `${stitches} around; the heel goes in after ${foot}.`,
  noPlanYet: (message: string) => `No plan yet: ${message}`,
  workingItOut: 'Working it out …',
  openThePlan: 'Open the plan',

  // Compare
  pinThisPlanToCompare: 'Pin this plan to compare',
  twoPlansCompared: 'Two plans compared',
  pinnedAndNow: 'Pinned and now',
  restorePinnedPlan: 'Restore pinned plan',
  pinThisInstead: 'Pin this instead',
  stopComparing: 'Stop comparing',
  noFigureDiffersYetChange: 'No figure differs yet. Change a word of the recipe.',
  differs: 'Differs',
  pinned: 'Pinned',

  // Cautions
  takeCare: 'Take care',
  when: (stages: string) => `when ${stages}`,
  openingTheHeel: 'opening the heel',

  // Doubts
  checks: 'Checks',
  allGood: 'All good.',
  moreGoodToKnow: (light: number) => `${light} more good to know`,
  changeThis: 'Change this',
  seeAllChecks: 'See all checks',
  seeAllChecks2: (heavy: number) => `See all ${heavy} checks`,

  // Folded
  theRecipe: 'The recipe',
  knitTheseAgain: 'Knit these again',
  asKnittedBefore: 'As a finished pair was knitted:',
  wholeRecipe: 'Show the whole recipe',

  // FigureList
  theFiguresInTheOrder: 'The figures, in the order of the work',
  showHowItsWorkedOut: (label: string, figures: string, unit: string, note: string) =>
    `${label}: ${figures} ${unit}. ${note}. Show how it’s worked out.`,

  // keptWords
  theLegAsItIs: 'the leg as it is',
  theFootAsItIs: 'the foot as it is',
  theTubeAsItIs: 'the tube as it is',
  too: (out: string, footOut: number) => `${out} too ${footOut > 0 ? 'long' : 'short'}`,
  legAndCuffRounds: (legRounds: number) => `, leg and cuff ${counted(legRounds, 'round')}`,
  putItThereFoot: (kept: string, sockFoot: string, fit: string, leg: string) =>
    `Put it there, ${kept}: foot ${sockFoot} (${fit})${leg}`,

  // JoinHere
  hereTheHeelLineCould: '▽ Here the heel line could meet a colour. Tap one to see what it does.',

  // FitPanel
  fit: 'Fit',
  atTheBall: 'at the ball',
  theBallIsEstimatedFrom: 'The ball is estimated from the foot length; measure it.',
  atTheCuffsEdge: 'at the cuff’s edge',
  theLegIsEstimatedFrom: 'The leg is estimated from the ball; measure it.',
  theSocksFoot: 'The sock’s foot',
  stretchToGetOverThe: 'Stretch to get over the heel',
  slackAtTheHeel: 'Slack at the heel',
  heelStretch: 'Heel stretch',
  aPointMoreIsNot: (title: string, limit: string) =>
    `${title}: a touch over the limit of ${limit}, not noticed`,
  upToIsComfortable: (title: string, limit: string) => `${title} (the limit is ${limit})`,
  theHeelFitsEasilyWithout: 'The heel is comfortable without plain rounds.',
  atLeastForAnEasy: (advised: string) => `At least ${advised} for a comfortable fit.`,
  evenWithTheHeelStays: (advised: string) => `Even with ${advised} the heel stays tight.`,
  judged: (comfortable: boolean, yours: boolean) =>
    [comfortable && 'comfortable', yours && 'yours'].filter(Boolean).join(', '),
  heelStretchByPlainRounds: 'Heel stretch by plain rounds',
  plain: (plainRounds: number) => `${plainRounds} plain`,
  plain2: (number: number) => `${number} plain ${number === 1 ? 'round' : 'rounds'}`,
  largerThanTheFoot: 'Larger than the foot',

  // QuestionsPanel
  toeTipToTheHeel: 'Toe tip to the heel line',
  aboveTheHeel: 'Above the heel',
  workBackwards: 'Work backwards',
  howManyStitchesForThis: 'How many stitches for this much negative ease?',
  actuallySmaller: (stitches: string, realEase: string) =>
    `${stitches}, actually ${realEase} smaller.`,
  howLongALegFrom: 'How long a leg from this much yarn?',
  longestLeg: 'Longest leg',
  noneThereIsntEvenEnough: 'None: there isn’t even enough for the rest of the sock.',
  aboveTheHeelLineBefore: (
    longestLeg: string,
    longestRounds: string,
    stopWeight: string,
    cuffDown: boolean,
  ) =>
    `${longestLeg} above the heel line, ${longestRounds} of it without the cuff; ${cuffDown ? 'make the heel line' : 'start the cuff'} when the yarn weighs ${stopWeight}.`,
  howManyPlainRoundsKeep: 'How many plain rounds keep heel stretch below this?',
  noneEvenPlainRoundsStretch: (plainRounds: number, stretch: string) =>
    `None: even with ${counted(plainRounds, 'plain round')} the heel stretches by ${stretch}.`,
  plainRoundsWhichStretchBy: (fewest: number, stretch: string) =>
    `${counted(fewest, 'plain round')}: the heel then stretches by ${stretch}.`,
  whatSizeFootFitsA: 'What size foot fits a finished sock?',
  footSize: 'Foot size',
  aFootLongAndAround: (fits: string, girth: string, smallestGirth: string, largestGirth: string) =>
    `A foot ${fits} long and ${girth} around the ball (${smallestGirth} to ${largestGirth}), at the gauge of this plan.`,
  working: 'Working',

  // Staircase
  byThenStitchesAnd: (
    shortRow: boolean,
    number: number,
    instruction: string,
    cumulative: number,
    cumulativeG: string,
  ) =>
    `${shortRow ? 'Row' : 'Round'} ${number}${shortRow ? '' : ', on each needle'}: ${instruction}. By then ${cumulative} stitches and ${cumulativeG}.`,
  numbersOnTheRightStitches:
    'Numbers on the right: stitches on each needle. Tap a round to see how to knit it.',
  roundByRoundTheSame: (name: string) => `${name}, round by round, the same on each needle`,
  round: (number: number) => `Round ${number}`,
  leavesAnd: (side: number) => `leaves ${side} and ${side}`,
  decreaseTo: (side: number) => `decrease to ${side}`,
  increaseTo: (side: number) => `increase to ${side}`,
  cornerStsOffTo: (side: number) => `corner sts off, to ${side}`,
  turn: (side: number) => `${side}, turn`,
  plain3: (side: number) => `${side} plain`,
  castOn: (closingSide: number) => `cast on ${closingSide} + ${closingSide}`,

  // HeelLines
  theHeelLineAndThe: 'The heel line and the stripes',
  whichColoursLieHere: 'Which colours lie at the heel line is not known: it comes behind a knot.',
  noChangeOfColourWithin: 'No change of colour within twelve rounds of the heel line.',
  whereItIsNow: 'Where it is now',
  footInsideABand: (foot: string) => `foot ${foot}, inside a band`,
  whereItIsNow2: 'where it is now',
  orStartTheCakeFurther: (startFurther: string) =>
    `Or wind off ${startFurther} first and leave the heel where it is.`,

  // StripesPanel
  thePairItself: 'The pair',
  band: 'Band',
  inTheTube: 'In the tube',
  inASock: 'In a sock',
  rounds: (rounds: string) => `${rounds} rounds`,
  oneRepeat: 'one repeat',
  rounds2: (repeatRounds: string) => `${repeatRounds} rounds`,
  roundsOfOneRepeat: 'Rounds of one repeat',
  whatToWindOff: 'What to wind off',
  nothingEveryMetreIsKnitted: 'Nothing: every metre is knitted.',
  toWindOff: 'What is wound off',
  whySoUnsure: 'why so unsure',
  ofTheYarnInAll: (woundOffGrams: string) =>
    `${woundOffGrams} of the yarn in all, counted in what is left.`,
  cutTheSkein: (first: string, second: string, enough: boolean) =>
    `That is ${first} for the first sock and ${second} for the second${enough ? '.' : ': one of them is not enough for a sock.'}`,
  atTheHeelLineThe: 'At the heel line the colours may come ',
  rounds3: (unsureAtHeelLine: string) => `${unsureAtHeelLine} rounds`,
  howSureTheColoursAt: 'How sure the colours at the heel line are',
  earlyOrLateUntilYou: ' early or late, until you have seen a change.',
  atInTheSockAround: (atM: string, sock: number, title: string, round: number) =>
    `At ${atM}: in the ${sock === 1 ? 'first' : 'second'} sock, ${title}, around round ${round}. `,
  itIsKnittedOnAs: 'As drawn, you knit on over it.',
  youCouldAlso: ' You could also:',
  behindItTheOrderMay:
    'The colours behind it are a guess: look, and enter with the yarn where the repeat goes on.',
  windOffThereAndJoin: (taken: boolean, off: string) =>
    `${taken ? 'It is cut out:' : 'Cut it out:'} wind off ${off} there and join the two ends`,
  windOffMoreBeforeIt: (taken: boolean, off: string) =>
    `${taken ? 'It is left before the second sock:' : 'Begin the second sock behind it:'} wind off ${off} more before it`,
  thenAreMissing: (left: string) => `Then ${left} are missing`,
  thatLeaves: (left: string) => `That leaves ${left}`,

  // ToeOnFoot
  typeWhatTheTracedOutline: 'Type what the traced outline says, and the toe is drawn on the foot. ',
  enterTheOutline: 'Enter the outline',
  theToeOnTheFoot: 'The toe on the foot',
  asPlanned: ', as planned',
  offOnAverage: (off: string, plusMinus: string) => `${off} ${plusMinus} off on average`,
  useThe: (title: string) => `Use the ${title}`,
  offTheOutline: (title: string) => `Off the outline: ${title}`,
  howItsWorkedOut: 'How it’s worked out',
  wholeLineAsPlannedThe: (title: string, shown: boolean, title2: string, width: string) =>
    `Solid line: ${title}, as planned${shown ? '.' : `; dashed: ${title2}.`} The foot is ${width} wide. Too narrow squeezes, too wide folds.`,
  aboutAsClose: (others: string) => ` About as close: ${others}.`,
  ofTheToesForThis: (title: string, off: string, also: string) =>
    `The ${title} fits the outline best (${off} off on average).${also}`,
  yourDoesItAboutAs: (title: string, off: string) => `your ${title} does it about as well, ${off}.`,
  yoursTheIsOff: (title: string, off: string) => `yours, the ${title}, is ${off} off.`,
  theFollowsTheOutlineBest: (title: string, off: string, yours: string, also: string) =>
    `The ${title} fits the outline best (${off} off on average); ${yours}${also}`,
  theToesAsTheyAre: 'The toes as they are worn over the outline of the foot, toes at the left',
  bigToesSide: 'big toe’s side',
  littleToesSide: 'little toe’s side',
  oneCentimetre: '1 cm',

  // YarnVerdict
  forThePair: (capital: string) => `${capital} for the pair`,
  youHave: (atHand: string, title: string, description: string | undefined) =>
    `you have ${atHand}: ${title}, ${description}`,
  youHaventWeighedYourYarn: 'you haven’t weighed your yarn',
  short: 'Short',
  leftOver: 'Left over',
  twoSuchPairs: (title: string) => `; two such pairs: ${title}`,
  stopTheLegAt: (cuffDown: boolean) =>
    `${cuffDown ? 'Make the heel line' : 'Start the cuff'} when the yarn weighs`,
  forEachSockYouHave: (cake: string) => `for each sock you have ${cake}, half of the yarn`,
  longestLegYouCanKnit: 'Longest leg you can knit',
  fromTheHeelLineTo: (longestRounds: string, longest: string | undefined) =>
    `${longestRounds} from the heel line to the cuff${longest ? `, or ${longest} to the end of a repeat` : ''}`,
  setAsideForBothHeels: 'Set aside for both heels',
  tailsIncludedEnough19Times: 'tails included, enough 19 times in 20',
  oneStitchTakes: (factor: number, factor2: string, loopLength: string) =>
    `${factor === 1 ? 'Until you weigh some yarn, grams can be off by about 20 %.' : `Weighing gave the factor ${factor2}.`} One stitch takes ${loopLength} of yarn.`,

  // YarnSplit
  yarnForOneSock: 'Yarn for one sock',
  yards: 'Yards',
  ounces: 'Ounces',
  metres: 'Metres',
  grams: 'Grams',
  compared: 'Compared',
  yarnOfThe: (title: string) => `Yarn of the ${title}`,
  oneSock: 'one sock',

  // PlanView
  showingThePlanOfYour: (madeAt: string) => `Showing the plan of ${madeAt}, your last valid one.`,
  theTape: 'The tape',
  forEachSock: (unlike: boolean) => (unlike ? 'For this sock' : 'For each sock'),
  onTheTable: 'The sock on the table',
  howThePairWillLook: 'How the pair will look',
  heelToeAndYarn: 'Heel, toe and yarn',
  fitChecksAndQuestions: 'Fit, checks and questions',
  k1SskK2tog: (ssk: string, k2tog: string) =>
    `k1: knit one. ssk: slip, slip, knit the two together, leaning ${ssk}. k2tog: knit two together, leaning ${k2tog}.`,
  m1: ' m1: lift the bar between two stitches onto the left needle and knit it through the back.',

  // NewPage
  aNewPairRoundPocket: 'A new pair · Round Pocket',
  aNewPair: 'A new pair',
  nameThisPairToSave: 'Name this pair to save it',
  eGWinterSocks: 'e.g. winter socks',
  saveToBasket: 'Save to basket',
  startOver: 'Start over',

  // NameField
  nameOfThePair: 'Name of the pair',

  // Suggestion
  why: (words: string) => `Why: ${words}`,
  why2: 'Why?',
  notForThisPair: 'Not for this pair',

  // taught
  not: (label: string, after: string, before: string) => `${label} ${after}, not ${before}`,

  // Lessons
  whatTheNeedlesTaught: 'What the needles taught',
  itWouldMakeThe: (effect: string) => ` Then: ${effect}.`,
  leftOutForThisPair: (say: string) => `Left out for this pair: ${say}`,

  // Proposals
  useAllTogether: (many: number) => `Use all ${many} at once`,
  fromPairsWornOnThis: 'From pairs worn on this foot',

  // differences
  lengthOfTheFoot: 'length of the foot',
  theFootsOtherMeasures: 'the foot’s other measures',
  theOtherFoot: 'the other foot',
  whichFootItIsPlanned: 'which foot it is planned on',
  stitchesOfTheSwatch: 'stitches of the swatch',
  roundsOfTheSwatch: 'rounds of the swatch',
  theSwatch2: 'the swatch',
  whatWasMeasuredOnThe: 'what was measured on the tube',
  theSecondYarn: 'the second yarn',
  whatWasWeighed: 'what was weighed',
  stitchesInTheTube: 'stitches in the tube',
  theLeg: 'the leg',
  howTheTubeIsMade: 'how the tube is made',
  plainRoundsAtTheHeel: 'plain rounds at the heel',
  theHeel: 'the heel',
  plainRoundsAtTheToe: 'plain rounds at the toe',
  theToe: 'the toe',
  whereTheHeelGoes: 'where the heel goes',
  howTheHeelIsOpened: 'how the heel is opened',
  theCuff: 'the cuff',
  theFinish: 'the finish',
  whatItIsPlannedFrom: 'what it is planned from',
  theName: 'the name',
  whoseFeet: 'whose feet',
  theSwatchOnTheShelf: 'the swatch on the shelf',
  theYarnOnTheShelf: 'the yarn on the shelf',

  // PlanPage
  roundPocket: (name: string) => `${name} · Round Pocket`,
  suggestionsFromEarlierPairs: (suggestions: number) =>
    `${suggestions} suggestions from earlier pairs`,
  saved: 'Saved',
  notSavedYetCantReach: 'Not saved yet: can’t reach Round Pocket. Trying again …',
  notSavedFixTheHighlighted: 'Not saved: fix the highlighted word first.',
  notSaved: 'Not saved.',
  whatDiffers: (fields: string) => `What differs: ${fields}.`,
} as const;
