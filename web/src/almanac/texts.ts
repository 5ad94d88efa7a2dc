/** Every text of this place, in the order of its files. */
export const texts = {
  // Calculators
  smallCalculators: 'Small calculators',
  per: (label: string, lengths: string) => `${label}, per ${lengths}`,

  // TryRule
  tryIt: 'Try it',
  lengthsInMmWeightsIn:
    'Lengths in mm, weights in g, yarn in m, gauge per 10 cm, shares as 0.1 for 10 %.',

  // AlmanacPage
  whenSomethingIsWrong: 'when something is wrong',
  theAlmanacCannotBeOpened: 'The almanac cannot be opened',
  theAlmanac: 'the almanac',
  almanacRoundPocket: 'Almanac · Round Pocket',
  everyRuleMethodAndConstant:
    'Every rule, method and constant behind your plans. P published source, C common practice, M rule of thumb, approximate, D derived here.',
  search: 'Search',
  eGGraftGaugeMunden: 'e.g. graft, gauge, Munden',
  kindOfEntry: 'Kind of entry',
  of: (found: number, data: number) => `${found} of ${data}`,
  nothingInTheAlmanacHas:
    'Nothing in the almanac has all of these words. Try fewer, or shorter ones.',
  chapters: 'Chapters',
  allChapters: 'All chapters',
  tryIt2: (title: string) => `Try it: ${title}`,
  goodFor: (goodFor: string) => `Good for: ${goodFor}.`,

  // helpTopics
  measureAFoot: 'Measure a foot',
  barefootAndStandingTheLength:
    'Barefoot and standing: the length from the longest toe to the heel, and once around the ball. A shoe size will do to begin with.',
  countASwatch: 'Count a swatch',
  knitASwatchInThe:
    'Knit a swatch in the round and wash it. Count stitches and rounds over as long a span as you can, in more than one place.',
  yarnAndSwatches: 'Yarn and swatches',
  openAPlan: 'Open a plan',
  threeMeasurementsAreEnoughThe:
    'Three measurements are enough. The plan is one paragraph: tap any word to change it, and every number follows. Tap a number to see how it’s worked out.',
  knitTheTube: 'Knit the tube',
  pressKnitInTheBasket:
    'Choose Knit in the basket, then tap once every round. At the heel line you are told what to do. Weigh the yarn or measure the tube whenever you like; the rest of the plan can follow.',
  openTheHeel: 'Open the heel',
  bothNeedlesGoInFirst:
    'Both needles go in first and are counted. Only then is anything cut or pulled out. It’s worth picking up a practice line before your first one.',
  practisePickingUp: 'Practise picking up',
  shapeAndGraft: 'Shape and graft',
  theHeelIsASecond:
    'The heel is a second toe: plain rounds, decreases, then the graft (Kitchener stitch), one move at a time.',
  practiseGrafting: 'Practise grafting',
  enterTheBandsOfA:
    'Enter the bands of a striping yarn on its shelf, in metres or in rounds. The plan then shows both socks in their colours and says what to wind off. While knitting, press c when a new colour begins: the later stripes get more certain.',
  noteHowItFits: 'Note how it fits',
  onceBothSocksAreDone:
    'Once both socks are done they move to the log. What you note there is suggested for the next pair on that foot.',
  everyPairOnTheGo:
    'Every pair on the go, what to do next, and a button to start knitting. Drop a plan, a pair or a backup here to import it.',
  whoseFeetYouKnitFor:
    'Whose feet you knit for, with what they measured before. Print a measuring sheet, true to size.',
  yarnsWhatIsLeftOf:
    'Yarns, what is left of each and for which pairs that is enough; and your swatches.',
  oneLongTube: 'One long tube, several pairs: where to cut it.',
  graftingPickingUpAndReading: 'Grafting, picking up and reading decreases on pretend fabric.',
  finishedPairsPlannedAndKnitted:
    'Finished pairs: planned and knitted side by side, how they fit and wear, and how to replace a heel.',
  everyRuleMethodAndConstantBehind:
    'Every rule, method and constant behind your plans, with where it comes from, and small calculators.',
  yourDataAsOneFile: 'Your data as one file: made automatically every day, and whenever you ask.',
  afterthoughtHeel: 'Afterthought heel',
  aHeelKnittedIntoA:
    'A heel knitted into a finished tube. The tube is knitted straight; where the heel belongs, a line is marked, opened later, and the heel is knitted around the opening.',
  heelLine: 'Heel line',
  whereTheHeelWillBe:
    'Where the heel will be, while the tube is being knitted. Once it is cut or its waste yarn is out, it is the opening.',
  liveStitches: 'Live stitches',
  stitchesThatWouldRunIf:
    'Stitches that would run if you let them go: they belong on a needle or a thread.',
  lowerAndUpperNeedle: 'Lower and upper needle',
  theTwoNeedlesOfThe:
    'The two needles of the opening: the lower one on the foot side, the upper one on the leg side. At the graft the lower needle is the front one. On double points or one long needle they are the lower and the upper half.',
  howMuchSmallerThanThe:
    'How much smaller than the foot a sock is. It has to stretch a little to stay up: 10 to 20 % is usual.',
  graftKitchenerStitch: 'Graft (Kitchener stitch)',
  sewingLiveStitchesTogetherSo: 'Sewing live stitches together so that the seam looks knitted.',
  cinch: 'Cinch',
  threadTheTailThroughThe: 'Thread the tail through the last stitches and pull tight.',
  howSureANumberIs: 'How sure a number is: 19 times in 20 the true value lies within it.',

  // HelpPage
  helpRoundPocket: 'Help · Round Pocket',
  help: 'Help',
  searchHelpAndAlmanac: 'Search help and almanac',
  eGGraftNegativeEase: 'e.g. graft, negative ease',
  nothingInHelpHasThese: 'Nothing in help has these words.',
  theGuide: 'The guide, place by place, with pictures',
  whatEachPlaceIsFor: 'What each place is for',
  words: 'Words',
  whatToDoFirst: 'What to do first',
  inTheAlmanac: 'In the almanac',
  nothingThereHasTheseWords: 'Nothing there has these words.',
  seeAllInTheAlmanac: (found: number) => `See all ${found} in the almanac`,
} as const;
