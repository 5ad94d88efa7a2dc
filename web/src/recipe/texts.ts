import { counted } from '../texts/counted';

/** 2nd, 3rd, 4th: a phase has at most every tenth. */
const nth = (number: number) => `${number}${['th', 'st', 'nd', 'rd'][number] ?? 'th'}`;

/** Every text of this place, in the order of its files. */
export const texts = {
  // heelLine
  whereBegins: (name: string) => `Where ${name} begins`,
  inTheMiddleOf: (name: string) => `In the middle of ${name}`,

  // effects
  heelLineAfter: 'heel line after',
  rounds: (openingRounds: number) => counted(openingRounds, 'round'),
  rounds2: (tubeRounds: number) => counted(tubeRounds, 'round'),
  roundsToSts: (heelRounds: number, heelClose: number) =>
    `${counted(heelRounds, 'round')} to ${heelClose} + ${heelClose} sts`,
  roundsToSts2: (toeRounds: number, toeClose: number) =>
    `${counted(toeRounds, 'round')} to ${toeClose} + ${toeClose} sts`,
  rounds3: (legRounds: number) => counted(legRounds, 'round'),
  heelStretch: 'heel stretch',
  mainYarn: 'main yarn',
  tooLong: (text: string) => `${text} too long`,
  tooShort: (text: string) => `${text} too short`,
  asLongAsWanted: 'as long as wanted',
  noChange: 'no change',

  // TryList
  asItIsNow: 'as it is now',
  notPossibleHere: (refused: string) => `Not possible here: ${refused}`,

  // Word
  theUsual: ', the usual',
  cannotBeUsed: '. Cannot be used: ',
  close: (title: string) => `Close ${title}`,

  // ChoiceWord
  forThisFoot: (tryTitle: string) => `${tryTitle}, for this foot`,

  // LabelFields
  in: 'in',
  weightYouHaveIfWeighed: 'Weight you have, if weighed',

  // ContrastWord
  aSecondYarn: 'A second yarn',
  inASecondYarn: (list: string) => `${list} in a second yarn`,
  oneYarnThroughout: 'one yarn throughout',
  backToTheUsualOne: 'Back to the usual: one yarn',
  toesAndHeelsWearFirst:
    'Toes and heels wear first: a stronger yarn lasts there, and a heel of its own colour is easily replaced. A 20 g cake covers cuffs, heels and toes of a pair.',
  and: (words: string, words2: string | undefined) => `${words} and ${words2}`,

  // FabricWord
  inTheUnitedStates: (us: string) => `${us} in the United States`,
  swatchDetails: 'Swatch details',
  howItWasTreated: 'How it was treated',
  washedAsUsual: 'washed, as usual',
  workedInTheRound: 'worked in the round',
  needle: 'Needle',
  mm: 'mm',
  targetGaugePer: (lengths: string) => `Target gauge per ${lengths}`,
  stitches: 'stitches',
  nextIs: (us: boolean, us2: string, mm: number) =>
    `; next is ${us ? `US ${us2}, ${mm} mm` : `${mm} mm, US ${us2}`}`,
  ifTheStitchesAreRight:
    'If the stitches are right and only the rounds are off, keep your needle: the rounds are recomputed.',

  // MoreMeasures
  about: 'about ',
  heelLegToesAndShoe: 'Heel, leg, toes and shoe',
  overTheHeel: (about: string, heelDiagonal: string) => `${about}${heelDiagonal} over the heel`,
  underTheHeelOverThe: 'Under the heel, over the front of the ankle',
  aroundTheLegAtThe: 'Around the leg, at the cuff’s top edge',
  withoutAHeelMeasure:
    'Without a heel measure, 1.36 times the ball is used, which is only an estimate. A shoe size is used for placing by shoe size, and stands in for a length nobody measured. An unmeasured leg is taken to be as wide as the ball.',
  theOtherFoot: 'The other foot',
  theOther: (footWords: string, unlike: boolean) =>
    `the other ${footWords}${unlike ? ', each sock on its own foot' : ''}`,
  bothFeetAlike: 'both feet alike',
  lengthOfTheOtherFoot: 'Length of the other foot',
  aroundItsBall: 'Around its ball',
  thePairIsPlannedOn: 'The pair is planned on',
  theLongerAndTheWider: 'the longer and the wider, as usual',
  bothFeetAlike2: 'Both feet alike',
  onePersonsFeetMayDiffer:
    'One person’s feet may differ. A pair is planned on the longer and the wider one unless you say otherwise.',
  long: (lengthMm: string) => `${lengthMm} long`,
  around: (ballGirthMm: string) => `${ballGirthMm} around`,
  shoeSizeOnly: 'shoe size only',

  // FootWords
  sFeet: (whose: string) => `${whose}’s feet`,
  theseFeet: 'these feet',
  barefootAndStandingWeightOn:
    'Barefoot and standing, weight on it: trace it with an upright pencil and measure the outline.',
  long2: 'long,',
  theTapeAroundTheWidest: 'The tape around the widest part, behind the toes, snug but not tight.',
  aroundTheBall: 'around the ball, ',
  about2: (guessed: string) => `about ${guessed}`,
  noFeetSavedYetThese: 'No feet saved yet. These are saved when the pair gets its name.',
  theShelfNowSaysTap: (footNote: string) => `Feet now has ${footNote}; tap to use it`,
  theMeasuresAreCopiedInto:
    'The measures are copied into this pair; changing them here leaves the shelf as it is.',
  around2: (long: string, ballGirthMm: string) => `${long}, ${ballGirthMm} around`,

  // OptionWord
  goodFor: (goodFor: string) => `Good for: ${goodFor}.`,
  backToTheUsual: 'Back to the usual',

  // YesNoWord
  backToTheUsual2: (yes: string) => `Back to the usual: ${yes}`,

  // GraftWords
  graftInKitchenerStitch: 'Graft in Kitchener stitch,',
  theWorkingYarn: ', yarn',
  thisGraftHasMoves: (moves: number) => `This graft has ${counted(moves, 'move')}.`,

  // PatternWords
  edge: (sts: number | string, sts2: number) =>
    `${sts} edge ${sts2 === 1 ? 'stitch' : 'stitches'} each side`,
  atEitherEdge: (sts: number) => `${sts} at either edge`,
  plainFromTheHeelLine: (rounds: number) =>
    `${rounds} plain ${rounds === 1 ? 'round' : 'rounds'} by the heel line`,
  of: ' of ',
  sts: (sts: number) => counted(sts, 'st'),
  and2: ' and ',
  rounds4: (rounds: number) => counted(rounds, 'round'),
  stsRounds: (width: number, height: number) =>
    `${counted(width, 'st')} × ${counted(height, 'round')}`,
  theRepeatRoundByRound: 'The repeat, round by round',
  writtenOut: (size: string) => `${size}, written out`,
  notWrittenOut: 'not written out',
  oneRoundALineThe: 'One round a line, the first round first',
  patternExample: 'k1, yo, ssk, k1\nk4',
  repeatsAroundTheLeg: (around: string) => `${around} repeats around the leg.`,
  acrossTheInstep: (across: string) => `${across} across the instep.`,
  upTheLeg: (up: string) => `${up} up the leg.`,
  kKnitPPurlYo:
    'k knit, p purl, yo yarn over, ssk and k2tog decreases, p2tog, sk2p (3 into 1), sl slip, k1tbl through the back; (k1, p1) x 3 for three times.',

  // PhasesEditor
  yourPhasesOneAfterThe: 'Your phases, one after the other',
  decreaseEvery: 'Decrease every',
  downTo: 'down to',
  inAll: 'in all',
  sayHowOftenInstead: 'say how often instead',
  sayHowFarInstead: 'say how far instead',
  leaveThisPhaseOut: 'leave this phase out',
  anotherPhase: 'Another phase',
  aPlainRoundBeforeThe: 'a plain round before the close: yes',
  aPlainRoundBeforeTheClose: 'a plain round before the close: no',

  // ShapingWords
  straightInto: 'straight into',
  straightOn: 'straight on to the foot',
  plain: (rounds: number) => `${rounds} plain ${rounds === 1 ? 'round' : 'rounds'}`,
  plain2: (rounds: number) => `${rounds} plain`,
  increases: 'increases ',
  decreases: 'decreases ',
  every: (every: number) => (every === 1 ? 'every round' : `every ${nth(every)} round`),
  times: (times: number) => (times === 1 ? ' once' : times === 2 ? ' twice' : ` ${times} times`),
  from: 'from ',
  to: (side: number | '') => ` to ${side}`,
  stsOnEachNeedle: (closingSide: number) => `${closingSide} sts on each needle`,
  workedFromItsTip: ', worked from its tip: ',
  then: 'then ',
  andEndsIn: ', and',
  then2: ' then ',

  // StripeWords
  theSecondSock: ' The second sock ',
  beginsWith: (name: string) => `begins with ${name}`,
  theColourThatShowsAt: 'The colour that shows at the other end',
  itBeginsWith: 'It begins with',
  eachHeelBegins: '; each heel begins ',
  with: (bandName: string) => `with ${bandName}`,
  eachToe: ', each toe ',
  eachToeBegins: '; each toe begins ',
  atAKnot: ' At a knot, ',
  notChosenYet: 'not chosen yet',

  // StitchesWord
  stitchesInTheTube: 'Stitches in the tube',
  stitches2: (own: number) => `${own} stitches`,
  stitches3: (stitches: number) => `${stitches} stitches`,
  wholeRepeatsOfThePattern: '; whole repeats of the pattern',
  orACountOfYour: 'Or a count of your own',
  asTheEaseGives: 'as the ease gives',
  exactRoundedToAMultiple: (ideal: string) =>
    `Exact: ${ideal}. Rounded to a multiple of 4 so both halves match and 2×2 rib and the four decreases work out.`,
  largerThanTheFoot: (ease: string) => `${ease} larger than the foot`,
  smallerThanTheFoot: (ease: string) => `${ease} smaller than the foot`,

  // ReadingsPanel
  counted: 'Counted',
  counted2: (i: number) => `Counted, ${i}.`,
  removeCount: (i: number) => `Remove count ${i}`,
  addAnotherCount: 'Add another count',
  gauge: (gauge: string, plusMinus: string) => `Gauge: ${gauge}, ${plusMinus}. `,
  countHalf: 'Count half ',
  tooLongerSpansAndMore:
    ' too. Longer spans and more counts are more reliable. Count on washed fabric, worked in the round.',

  // SwatchWord
  stitchesOfTheSwatch: 'Stitches of the swatch',
  roundsOfTheSwatch: 'Rounds of the swatch',
  orAsYouKnittedIt: 'Or as you knitted it before',
  orASwatchFromThe: 'Or a swatch from the shelf',
  readings: (stitches: number) => `${stitches} readings`,

  // PlacingFields
  theToeTip: 'the toe tip',
  fromTheTipOfThe: 'from the tip of the toe',
  whereTheToeEnds: 'where the toe ends',
  fromWhereTheToeEnds: 'from where the toe ends',
  whereTheLegStarts: 'where the leg starts',
  fromWhereTheLegStarts: 'from where the leg starts, below the cuff',
  theCuffEdge: 'the cuff edge',
  fromTheEdgeOfThe: 'from the edge of the cuff',
  fromThereToTheHeel: 'From there to the heel line',
  theHeelLineIs: 'The heel line is',
  insideABandAsIt: 'inside a band, as it is now',
  marked: 'Marked',
  inRounds: 'in rounds',
  theMarkInRounds: 'the mark in rounds',
  byTheTape: 'by the tape',
  theMarkByTheTape: 'the mark by the tape',
  theTapeReadsAtThe: 'The tape reads at the mark',
  theMarkIsAfter: 'The mark is after',
  countedFrom: 'Counted from',

  // ReadyTubeWord
  theReadyTube: 'The ready tube',
  twoPiecesOfStitchesAnd: (stitches: number, size: string) =>
    `two pieces of ${stitches} stitches and ${size} each`,
  stitchesAnd: (stitches: number, size: string) => `${stitches} stitches and ${size}`,
  stitchesAroundTheTube: 'Stitches around the tube',
  roundsWhereTheyWereCounted: 'Rounds, where they were counted',
  orItsLength: 'or its length',
  orWhatItWeighs: 'or what it weighs',
  yarnForHeelsToesAnd: 'Yarn for heels, toes and cuffs',
  fromACake: 'from a cake',
  theYarnComesFromA: 'the yarn comes from a cake',
  unravelledFromTheTube: 'unravelled from the tube',
  theYarnIsUnravelledFrom: 'the yarn is unravelled from the tube',
  cutForThePair: 'Cut for the pair',
  eachPieceHas: (pieceRounds: string, pieceLength: string) =>
    `Each piece has ${pieceRounds}, ${pieceLength}.`,
  areUnravelledForHeelsToes: (ravelled: string) =>
    `${ravelled} are unravelled for heels, toes and cuffs.`,
  oneCut: 'One cut',
  cuts: (cuts: number) => counted(cuts, 'cut'),
  areLeftBetweenTheTwo: (remnantRounds: string, remnantLength: string) =>
    `${remnantRounds} (${remnantLength}) are left between the two pieces.`,
  nothingIsLeftOver: 'nothing is left over.',

  // TubeWords
  eachRoundBegun: ', each round begun ',
  heelLineStands: '. The heel line is',
  fromTheToeTip: (fromToe: string) => ` ${fromToe} from the toe tip, `,
  fromTheCuffEdge: (fromCuff: string) => ` ${fromCuff} from the cuff edge, `,
  theHeelLineHasCome: (line: string, comesOut: string, leg: string, way: string) =>
    `The heel line has ${line}; ${comesOut} come out again. Pick up the ${leg} leg of every stitch, ${way}, always the same leg, and count both needles before you cut.`,
  atEach: (extra: number) => `${extra} at each`,
  atEachCorner: (extra: number) => `${extra} at each corner`,
  theLegComesOutAbove: (legAbove: string) =>
    `The leg will be ${legAbove}, as long as the tube allows, and `,
  theLegIs: 'The leg is',
  rounds5: (inRounds: number) => counted(inRounds, 'round'),
  endsIn: 'ends in',
  of2: 'of ',
  orInRounds2040: 'or in rounds (20, 40 and 60 are common)',

  // YarnWord
  sockYarnOf: (label: string) => `sock yarn, ${label}`,
  theYarn: 'The yarn',
  useItsStripesAsThey: 'Use its stripes as they are on the shelf',
  planItWithoutStripes: 'Plan it without stripes',
  backToTheUsual3: (usual: string) => `Back to the usual: ${usual}`,
  metresInGramsSayHow:
    'The label’s metres and grams say how thick the yarn is; with your gauge, that gives the yarn for each section.',

  // Recipe
  recipeOf: (part: string) => `Recipe: ${part}`,
  footAndYarn: 'foot and yarn',
  gaugeAndSize: 'gauge and size',
  tube: 'tube',
  heelLine: 'heel line',
  heel: 'heel',
  legAndCuff: 'leg and cuff',
  toe: 'toe',
  graft: 'graft',
  stripes: 'stripes',
  pattern: 'pattern',
  theTwoSocks: 'the two socks',
  for: 'For ',
  in2: ', in ',
  at: ', at ',
  and3: ' and',
  per: ' per ',
  thanTheFoot: 'than the foot: ',
  theFoot: 'the foot: ',
  theSameSizeAs: 'the same size as',
  theAfterthoughtHeelIs: '. The afterthought heel is ',
  theToeIs: ' The toe is',
  theSockIs: ' The sock is ',
  knitTheTwoSocks: ' Knit the two socks ',
  theHeel: ' the heel ',
  boldWordsAreYourChoices:
    'Bold words are your choices; dotted ones are the usual. Tap any to change it, see the alternatives or read why (by keyboard: Tab, ← →).',
  showingYourLastValidPlan: 'Showing your last valid plan.',
  larger: (ease: string) => `${ease} % larger`,
  smaller: (ease: string) => `${ease} % smaller`,
} as const;
