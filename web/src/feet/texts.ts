/** Every text of this place, in the order of its files. */
export const texts = {
  // FootFields
  leftFoot: 'Left foot',
  bothFeetOrTheLeft: 'Both feet, or the left',
  rightFoot: 'Right foot',
  bothFeetAreAlike: 'Both feet are alike',
  theRightFootDiffers: 'The right foot differs',
  measuredOn: 'Measured on',
  underTheHeelOverThe: 'Under the heel, over the ankle',
  aroundTheLegAtThe: 'Around the leg at the cuff',

  // FootTable
  measuresOf: (name: string) => `Measures of ${name}`,
  measured: 'Measured',
  shoe: 'Shoe',
  fromShoeSize: 'from shoe size',
  ball: 'Ball',
  toes: 'Toes',

  // FeetPage
  theFeetCannotBeShown: 'The feet cannot be shown',
  theFeet: 'the feet',
  feetRoundPocket: 'Feet · Round Pocket',
  addFeet: 'Add feet',
  allFeetAreDrawnTo: 'All feet are drawn to the same scale; dashed is what they measured before.',
  noFeetSavedYetAdd: 'No feet saved yet. Add some, or name them with your first pair.',
  howToMeasure: 'How to measure',
  barefootAndStandingWeightOn: 'Barefoot and standing, weight on the foot, on a sheet of paper.',
  drawAroundItWithThe:
    'Draw around it with the pencil upright. Measure the outline once and keep the sheet.',
  lengthFromTheLongestToe: 'Length: from the longest toe to the heel, along the outline.',
  aroundTheBallTheTape:
    'Around the ball: the tape around the widest part, behind the toes, snug but not tight.',
  heelTheTapeUnderThe: 'Heel: the tape under the heel and over the front of the ankle.',
  legAroundItWhereThe: 'Leg: around it, where the cuff’s top edge will sit.',
  theRightFootSeparatelyIf: 'The right foot separately, if it differs from the left.',
  growingFeetMeasureAgainEvery:
    'Growing feet: measure again every few months; earlier measures are kept.',
  printAMeasuringSheetTrue: 'Print a measuring sheet, true to size',
  withDiabetesNumbnessPoorCirculation:
    'With diabetes, numbness, poor circulation, swelling or wounds, ask a doctor or podiatrist before wearing anything new. This application gives no medical advice.',
  measureAgain: 'Measure again',
  notMeasuredYetNothingTo: 'Not measured yet: nothing to draw.',
  noPairPlannedYet: 'No pair planned yet.',
  planned: 'Planned:',
  knitted: 'Knitted:',
  stsLeg: (stitches: number, legMm: string) => `${stitches} sts, leg ${legMm}`,
  andMoreInTheLog: (pairs: number) => `and ${pairs} more in the log.`,

  // SheetPage
  measuringSheetRoundPocket: 'Measuring sheet · Round Pocket',
  measuringSheet: 'Measuring sheet',
  sheetOf: (sheet: number, sheets: number) => `Measuring sheet ${sheet} of ${sheets}`,
  printItAt100On: 'Print it at 100 %, on A4 or letter paper, without fitting it to the page.',
  ifTheSquareIsNot: 'If the square is not ',
  thePrinterHasChangedThe: ', the printer has changed the size: print again at 100 %.',
  theLongestFootOnThe: (longest: string) =>
    `The longest foot on the shelf measures ${longest}: lay the crosses of the second sheet on those of the first. `,
  theSheetGrowsByA: 'The sheet grows by a second one when a longer foot is on the shelf. ',
  backToTheFeet: 'Back to the feet',
  inches: (up: number) => `${up} inches`,
  centimetres: (up: number) => `${up} centimetres`,
  twoRulersFromOneCorner: (reach: string, across: number, words: string) =>
    `Two rulers from one corner, ${reach} up and ${across} across, and a square of ${words} to check the printer`,
  theRulerGoesOnFrom: (from: number, from2: number) =>
    `The ruler goes on from ${from} to ${from2}, with crosses that lie on those of the first sheet`,
  heelAgainstThisLineThe: 'Heel against this line, the foot’s inner edge along the ruler.',
  layTheCrossesOfThis:
    'Lay the crosses of this sheet on those of the first, and tape them together.',
  eachWay: (words: string) => `${words} each way`,
  holdARulerToIt: 'Hold a ruler to it.',
  checkTheSquareWithA: 'Check the square with a ruler.',
  standOnTheSheetWeight: 'Stand on the sheet, weight on the foot.',
  drawAroundItPencilUpright: 'Draw around it, pencil upright.',
  readTheLengthAtThe: 'Read the length at the longest toe.',
  measureAroundTheBallWith: 'Measure around the ball with a tape.',
} as const;
