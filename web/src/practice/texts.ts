import { counted } from '../texts/counted';

/** Every text of this place, in the order of its files. */
export const texts = {
  // Frame
  right: 'Right.',
  notQuite: 'Not quite.',
  pickOneToSeeWhy: 'Choose one to see why.',
  noMistakesYet: 'No mistakes yet',
  soFar: (wrong: number) => `${counted(wrong, 'mistake')} so far`,
  newPiece: 'New piece',

  // GraftTrainer
  stitchesOnEachNeedle: 'Stitches on each needle',
  setUp: 'Set-up',
  withASetUp: 'with a set-up',
  withoutASetUp: 'without a set-up',
  yarnAtThe: 'Yarn at the',
  theYarnAtTheBack: 'the yarn at the back needle',
  theYarnAtTheFront: 'the yarn at the front needle',
  theGraftIsClosed: 'The graft is closed.',
  moveOfWhichIsIt: (done: number, moves: number) => `Move ${done} of ${moves}: which is it?`,
  onceMoreMove: (done: number, moves: number) =>
    `Missed before, so once more: move ${done} of ${moves}. Which is it?`,
  needleStitchesOffEnteredOnce: (name: string, states: number, states2: number, states3: number) =>
    `${name} needle: ${counted(states, 'stitch', 'stitches')} off, ${states2} entered once, ${states3} untouched`,
  front: 'Front',
  back: 'Back',

  // PickUpTrainer
  theWholeLineIsOn: 'The whole line is on the needle.',
  theFabricArrowKeysGo: 'The fabric. Arrow keys go from leg to leg, Enter picks up.',
  legOfStitchRowFrom: (leftLeg: boolean, column: number, row: number) =>
    `${leftLeg ? 'Left' : 'Right'} leg of stitch ${column}, row ${row} from below.`,
  slideForTheRest: (left: boolean) =>
    `The piece goes on to the ${left ? 'right' : 'left'}: slide it along.`,
  tapALegOfA:
    'Tap a leg of a stitch, or go there with the arrow keys and press Enter. The crossed row is the heel line: it comes out.',
  ofAreOnTheNeedle: (done: number, columns: number) => `${done} of ${columns} are on the needle`,

  // CutTrainer
  whereDoYouCut: 'Both needles are in. Where do you cut, so that the heel opens?',
  unpickWhereDoYouStop: 'Unpick to both sides. Which stitch of each side is the last to come out?',
  theHeelIsOpen: 'The heel is open.',
  theFabricEnterCuts: 'The fabric. Arrow keys go from leg to leg, Enter chooses.',
  tapTheLegToCut:
    'Tap the leg you would cut, or go there with the arrow keys and press Enter. One hand is flat inside the tube.',
  tapTheLastStitchThatComes: 'Tap it on one side, then on the other.',

  // TurnTrainer
  thisRowIsTheRows: (knit: boolean, back: boolean) =>
    `${knit ? 'Knit row, worked right to left' : 'Purl row; from this side it runs left to right'}; rows are getting ${back ? 'longer again' : 'shorter'}. Where do you turn?`,
  shortRows: 'Short rows',
  theNeedleLeftAndRight: 'The needle. Left and right go from stitch to stitch, Enter chooses.',
  turnedWithA: 'Turned with a',
  wrap: 'Wrap',
  doubledStitch: 'Doubled stitch',
  doubledStitch2: 'doubled stitch',
  shadow: 'Shadow',
  inShort: (how: string) => `In short: ${how}.`,
  chooseAStitch: 'Choose a stitch',
  oneStitchToTheLeft: 'One stitch to the left',
  thisIsTheLastStitch: 'This is the last stitch',
  oneStitchToTheRight: 'One stitch to the right',
  stitchFromTheRight: (at: number, words: string) => `Stitch ${at} from the right${words}.`,
  withAShadow: 'with a shadow',
  twice: ' twice',

  // ReadingTrainer
  thatsHowItWasKnitted: 'That’s how it was knitted.',
  theMarkerIsLostWhich: 'The marker is lost. Which round was the last with decreases?',
  andWhatIsTheNext: 'And what is the next round?',
  theFabricUpAndDown: 'The fabric. Up and down go from round to round, Enter chooses.',
  oneSideOfAThe: (school: string, how: string, stitches: number) =>
    `One side of a ${school}: ${how}. ${counted(stitches, 'stitch is', 'stitches are')} on the needle at the top.`,
  roundBelowTheNeedleStitches: (rows: number, stitches: number) =>
    `Round ${rows} below the needle: ${counted(stitches, 'stitch', 'stitches')}.`,
  aPlainRound: 'A plain round',
  aRoundWithDecreases: 'A round with decreases',

  // PracticePage
  practiceRoundPocket: 'Practice · Round Pocket',
  practiseOnPretendFabricNothing: 'Practise on pretend fabric. Nothing here changes your socks.',
  whatToPractise: 'What to practise',
  graft: 'Graft',
  cutTheHeelLine: 'Cut',
  cutTheHeelLine2: 'cut the heel line',
  readDecreases: 'Read decreases',
  readDecreases2: 'read decreases',
  turnShortRows: 'Turn short rows',
  turnShortRows2: 'turn short rows',
} as const;
