import { counted } from '../texts/counted';

/** Every text of this place, in the order of its files. */
export const texts = {
  // More
  of: (most: number, inAll: number, what: string) => `${most} of ${inAll} ${what}. `,
  showMore: (atOnce: number) => `Show ${atOnce} more`,

  // States
  loading: (what: string) => `Loading ${what} …`,

  // DeleteQuestion
  delete: (name: string) => `Delete “${name}”?`,

  // ThrowAway
  delete2: (name: string) => `Delete ${name}`,

  // NumberField
  backToTheUsual: (usual: string) => `Back to the usual: ${usual}`,
  isNotAWholeNumber: (text: string, floor: number) =>
    `${text} is not a whole number. Type it like ${floor}.`,

  // ShoeSize
  shoeSizing: 'Shoe sizing',
  noShoeSize: 'no shoe size',

  // keymap
  thisHelp: 'this help',
  inAPlanToThe: 'in a plan: to the first word of the recipe',
  tabEnter: 'Tab, ← →, Enter',
  fromWordToWordAnd: 'in a recipe: from sentence to sentence, from word to word, and open one',
  onTheTapeMoveThe: 'on the tape: move the cursor by a round, with Shift by ten',
  homeEnd: 'Home, End',
  onTheTapeToThe: 'on the tape: to the toe tip, to the cuff edge',
  onAFigureHowIts: 'on a figure: how it’s worked out',
  inAPlanUndo: 'in a saved plan: undo',
  inAPlanRedo: 'in a saved plan: redo',
  spaceEnter: 'Space, Enter',
  whileKnittingRoundDone: 'while knitting: round done',
  whileKnittingUndo: 'while knitting: undo',
  whileKnittingTheOtherSock: 'while knitting: the other sock',
  whileKnittingMeasureTheTube: 'while knitting: measure the tube',
  whileKnittingWeighTheYarn: 'while knitting: weigh the yarn',
  whileKnittingANote: 'while knitting: a note',
  whileKnittingANewColour: 'while knitting: a new colour begins',
  whileKnittingTheNeedles: 'while knitting: what is on the needles',
  whileKnittingSomethingIsWrong: 'while knitting: something is wrong',
  inGraftPracticeChooseA: 'in graft practice: choose a move',
  esc: 'Esc',
  closeWhatIsOpen: 'close what is open',

  // TracingFields
  acrossTheOutlineAtThe: 'Across the outline, at the ball',
  innerEdgeToTheLongest: 'Inner edge to the longest toe',
  littleToeHowFarBack: 'Little toe, how far back',
  theTracedOutline: 'The traced outline',
  allThreeAreNeededTo: 'All three are needed to draw the toe on the foot.',

  // ToeAndShoe
  toeShape: 'Toe shape',
  notNoted: 'not noted',

  // Working
  howIsWorkedOut: (title: string) => `How “${title}” is worked out`,
  howItsWorkedOut: (title: string, text: string) => `${title}: ${text}. How it’s worked out`,
  howItsWorkedOutStep: 'How it’s worked out, step by step',
  stepByStep: 'Step by step',
  oneValue: (label: string, value: string) => `${label} (${value})`,
  itComesFrom: (value: string, from: readonly string[], more: number, rounded: boolean) => {
    const rest = more > 0 ? [`${more} more`] : [];
    const all = [...from, ...rest];
    const last = all.pop() ?? '';
    const list = all.length > 0 ? `${all.join(', ')} and ${last}` : last;
    return rounded ? `${value}: ${list}, rounded.` : `${value}, from ${list}.`;
  },
  pPublishedSourceCCommon:
    'P published source · C common practice, no source · M rule of thumb, approximate · D derived here from geometry or arithmetic. ± covers the true value 19 times in 20.',
  workedOutAbove: 'worked out above',
  rounded: (how: string, reason: string) => `rounded ${how}: ${reason}`,
  mostOfTheComesFrom: (share: string, label: string) =>
    `Most of the ± (${share} %) comes from ${label}`,
  mostSensitiveTo1More: (label: string, signed: string) =>
    `Most sensitive to ${label}: 1 % more ${signed}`,
  aConstant: 'a constant',
  chosenByYou: 'chosen by you',
  theUsualValue: 'the usual value',
  beingTriedOut: 'being tried out',
  takesOff: 'takes off',

  // CsvFile
  exportCsv: 'Export CSV',
  importCsv: 'Import CSV',
  theFile: 'The file',
  importedFrom: (taken: number, name: string | undefined) =>
    `Imported ${counted(taken, 'line')} from ${name}.`,
  nothingWasImportedFrom: (name: string | undefined) => `Nothing was imported from ${name}.`,
  wrongLines: 'Lines that can’t be imported',
  line: (line: number, column: string, say: string) => `Line ${line}, ${column}: ${say}`,
  importOnlyTheValidLines: 'Import only the valid lines',

  // ShelfItem
  edit: 'Edit',
  save: 'Save',

  // Find
  found: (found: number) => `${found === 0 ? 'none' : found} found`,
} as const;
