import { counted } from '../texts/counted';

/** Every text of this place, in the order of its files. */
export const texts = {
  // Stash
  whatCanBeKnittedFrom: 'What can be knitted from it?',
  holdingEveryYarnAgainstEvery: 'Holding every yarn against every foot…',
  thisNeedsFeetOnThe: 'This needs feet on the shelf, and yarn that says how much of it you have.',
  whatCanBeKnittedFromIt: 'What can be knitted from it',
  theUsualPairForEach: 'The usual pair for each foot. Choose one to plan it.',
  gauge: (gauge: string) => `gauge ${gauge}`,
  planFor: (name: string, name2: string, words: string) => `Plan ${name} for ${name2}: ${words}`,
  short: (much: string) => `${much} short`,
  left: (much: string) => `${much} left`,

  // SwatchItem
  nameOfTheSwatch: 'Name of the swatch',
  addAnotherCountOf: (label: string) => `Add another count of ${label}`,
  over: (count: string, spanMm: string) => `${count} over ${spanMm}`,
  stitches: (counts: string) => `Stitches: ${counts}`,
  rounds: (counts: string) => `Rounds: ${counts}`,

  // StripeFields
  howLongTheBandsAre: 'How long the bands are',
  inMetresMeasuredAlongThe: 'in metres, measured along the yarn',
  inRoundsCountedInSomething: 'in rounds, counted in something knitted',
  inMetresAndCountedAs: 'in metres, and counted as well',
  countedOn: 'counted on',
  band: (i: number) => `Band ${i}`,
  removeBand: (i: number) => `Remove band ${i}`,
  metresAndRoundsOfThe:
    'Metres and rounds of the same bands say how much yarn a stitch of yours takes: as good as a weighing, before the first round.',
  theCakeBeginsThisFar: 'The cake begins this far into the repeat',
  called: 'Called',

  // YarnFields
  skeinAsSold: 'skein as sold',
  woundIntoACake: 'wound into a cake',
  weightYouHave: 'Weight you have',
  fibre: 'Fibre',
  fibreExample: '75 % wool, 25 % nylon',
  form: 'Form',
  colours: 'Colours',
  colour: 'Colour',
  addStripes: 'Add stripes',
  knotFromTheOuterEnd: (i: number) => `Knot ${i}, from the outer end`,
  behindItIntoTheRepeat: 'Behind it, into the repeat',
  removeKnot: (i: number) => `Remove knot ${i}`,
  addAKnot: 'Add a knot',
  addAnotherKnot: 'Add another knot',

  // YarnUses
  noPairPlannedFromIt: 'No pair planned from it yet.',
  plannedFrom: (name: string) => `Planned from ${name}`,
  leftAfterItAndThose: 'Left after this pair',
  isItEnoughForAnother: 'Is it enough for another pair?',
  notPlannedFrom: (name: string) => `Not planned from ${name}`,
  leftIfKnittedFirst: 'Left if knitted first',
  weighTheYarnToFind: 'Weigh the yarn to find out.',
  needs: 'Needs',
  enough: 'Enough?',
  short2: (leftG: string) => `${leftG} short`,

  // YarnItem
  nameOfTheYarn: 'Name of the yarn',
  left2: (onHandG: string) => `${onHandG} left`,
  nylonOrSimilar: (nylonShare: string) => `${nylonShare} % nylon (or similar)`,
  aPairByTheScale: (grams: string) => `${grams} a pair by the scale`,
  asKnitted: (facts: string) => `As knitted: ${facts}`,
  oneBandOfColour: 'one band of colour',
  bandsOfColour: (stripes: number) => counted(stripes, 'band of colour', 'bands of colour'),
  on: (rounds: string, stitches: string) => `${rounds} on ${stitches}`,
  stripes: (each: string) => `stripes: ${each}`,
  fromTheOuterEnd: (knots: number, places: string) =>
    `${knots === 1 ? 'a knot' : 'knots'} ${places} from the outer end`,

  // YarnPage
  theYarnCannotBeShown: 'The yarn cannot be shown',
  yarnRoundPocket: 'Yarn · Round Pocket',
  findAYarn: 'Find a yarn or a swatch by its name',
  addAYarn: 'Add a yarn',
  eachCakeIsAsLarge: 'Each cake is as large as what is left; the dashed ring is the whole ball.',
  noYarnSavedYetUntil: 'No yarn saved yet. Until then plans assume 420 m per 100 g.',
  swatches: 'Swatches',
  addASwatch: 'Add a swatch',
} as const;
