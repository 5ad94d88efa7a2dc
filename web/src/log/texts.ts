/** Every text of this place, in the order of its files. */
export const texts = {
  // AddNote
  noteHowItFitsOr: 'Note how it fits or wears',
  kindOfNote: 'Kind of note',
  choose: 'choose',
  howItFits: 'How it fits',
  howItWears: 'How it wears',
  anythingElse: 'anything else',
  where: 'Where',
  noticedOn: 'Noticed on',
  inYourOwnWords: 'In your own words',

  // KnitAgain

  // NewHeel
  oneMoment: 'One moment …',
  youllNeedAboutForBoth: (yarn: string) =>
    `You’ll need about ${yarn} for both heels, tails included.`,
  cannotBeUndone: (title: string) => `${title}: cannot be undone`,

  // Timeline
  castOn: 'Cast on',
  notedWhileKnitting: 'Noted while knitting',
  bothSocksDone: 'Both socks done',
  removeTheNote: (title: string) => `Remove the note ${title}`,

  // LogItem
  aboutHOfKnitting: (number: number) => `about ${number} h of knitting`,
  timeline: 'Timeline',
  noNotesOnWearYet: 'No notes on wear yet. Wear them for a day first.',
  replaceAHeel: 'Replace a heel',
  notWeighed: (plannedG: string) => `${plannedG} planned for the pair; not weighed`,
  weighedPart: (usedG: string, plannedG: string | undefined) =>
    plannedG === undefined
      ? `Weighed part: ${usedG} used.`
      : `Weighed part: ${usedG} used, ${plannedG} planned.`,
  wholePair: (plannedG: string) => `Whole pair: ${plannedG} planned.`,
  second: 'Second',

  // PredictionsKept
  predictionsKept: 'Predictions kept',
  thePairThatWasWeighed: (kept: number) =>
    `The pair that was weighed took ${kept ? 'as much yarn as planned, within the ± that was said' : 'more or less yarn than the ± allowed for'}.`,
  ofPairsTookAsMuch: (kept: number, predictions: number) =>
    `${kept} of ${predictions} pairs used the yarn we predicted, within its ± (we aim for 19 in 20).`,
  theBandIsWhatThe:
    'The band is what the plan allowed for; the dot is what was weighed, open where it lies outside.',
  everyDotIsAPair:
    'Every dot is a pair, by how much of its own ± it came out over or under; open where it lies outside the band.',
  plannedGiveOrTakeWeighed: (
    name: string,
    plannedG: string,
    plusMinusG: string,
    weighedG: string,
  ) => `${name}: ${plannedG} planned, give or take ${plusMinusG}; ${weighedG} weighed.`,
  asPlanned: 'as planned',

  // Together
  allPairs: 'All pairs',
  knittingAPair: 'Knitting a pair',
  yarnAPair: 'Yarn a pair',
  againstThePlan: 'Against the plan',
  allPairsTogether: 'All pairs together',
  whatThePairsTook: 'What the pairs took',
  notKnown: 'not known',
  aboutH: (number: number, ofAll: string) => `about ${number} h${ofAll}`,
  to: (least: string | undefined, most: string | undefined) => `, ${least} to ${most}`,

  // LogPage
  logRoundPocket: 'Log · Round Pocket',
  noPairIsFinishedYet:
    'No pair is finished yet. Once both socks are done, the pair appears here, planned against knitted. Add fit notes and they’ll be suggested for the next pair.',
  theLogCannotBeShown: 'The log cannot be shown',
  theLog: 'the log',
  onWhichFoot: 'On which foot',
  theFirstFoot: 'the first foot',
  theOtherFoot: 'the other foot',
} as const;
