import { counted } from '../texts/counted';

/** Every text of this place, in the order of its files. */
export const texts = {
  // DropZone
  isNotAPlan: (file: string) => `“${file}” isn’t a plan: it can’t be read as JSON.`,
  added: (name: string) => `Added: ${name}`,
  importAPlanAPair: 'Import a plan, a pair or a backup …',

  // PairRow
  cannotBeRead: 'What was knitted of this pair can’t be read. Its plan is still there.',
  waitToBeSent: (many: number) =>
    `${many === 1 ? 'One tap waits' : `${many} taps wait`} here to be sent.`,
  about: (pairGrams: string) => `about ${pairGrams}`,
  next: 'Next:',
  openThePlanSomethingIn: 'open the plan: something in it needs fixing.',
  bring: (list: string) => ` Bring ${list}.`,
  knit: (name: string) => `Knit ${name}`,
  thisAlsoDeletes: 'This also deletes:',
  inTheLog: 'In the log',
  castOnStsThenKnit: (stitches: number, openingRounds: number) =>
    `cast on ${stitches} sts, then knit ${counted(openingRounds, 'round')} to the heel line.`,
  castOnStsAtThe: (stitches: number, openingRounds: number) =>
    `cast on ${stitches} sts at the cuff, then knit to the heel line, ${counted(openingRounds, 'round')} from the edge.`,
  thenCountRoundsFromThe: (toCut: boolean, openingRounds: number) =>
    `${toCut ? 'cut the tube' : 'knit the cuff'}, then count ${counted(openingRounds, 'round')} from the start of the leg to the heel line.`,
  and: (names: string, names2: string | undefined) => `${names} and ${names2}`,

  // TimeToKnit
  timeToKnit: 'Time to knit',
  min: (each: number) => `${each} min`,
  toKnit: (time: string) => `${time} to knit`,

  // BasketPage
  theBasketCannotBeOpened: 'The basket cannot be opened',
  theBasket: 'the basket',
  theMeasurements: 'the measurements',
  yourFirstPair: 'Plan your first pair of socks',
  basketRoundPocket: 'Basket · Round Pocket',
  everyPairIsFinishedStart: 'Every pair is finished. Start the next one.',
  pairsToKnit: 'Pairs to knit',
  allSocksAreDrawnTo: 'All socks are drawn to the same scale.',
  pairs: 'pairs',
  finishedPairs: (open: boolean, inAll: number) =>
    `${open ? 'Hide' : 'Show'} finished pairs (${inAll})`,
  theFinishedPairsCannotBe: 'The finished pairs cannot be shown',
  theFinishedPairs: 'the finished pairs',
  finishedPairs2: 'Finished pairs',
  youHaveAnUnsavedPlan: 'You have an unsaved plan.',
  continue: 'Continue',
} as const;
