/** Every text of this place, in the order of its files. */
export const texts = {
  // LostPage
  somethingWentWrongOnThis: 'Something went wrong on this page',
  whatYouSavedIsSafe:
    'What you saved is safe, and so is every tap. Try again, or go on from the basket.',
  tryAgain: 'Try again',
  thisPageCouldntLoad: 'This page couldn’t load',
  roundPocketIsntRespondingThe:
    'Round Pocket isn’t responding. The page opens when it’s back. What you saw before is still there.',

  // Deleted
  isNotDeleted: (name: string, failed: string) => `“${name}” is not deleted. ${failed}`,
  deleted: (name: string) => `Deleted “${name}”.`,

  // LightSwitch
  theme: 'Theme',
  matchSystem: 'match my device',

  // KeysAndSettings
  settings: 'Settings',
  helpKeysAndSettings: 'Settings, keys and help',
  closeHelpKeysAndSettings: 'Close settings, keys and help',
  helpWhatToDoFirst: 'Help: what to do first, what each place is for',
  knittingHand: 'Knitting hand',
  singleKeys: 'Keys of one letter or mark',
  singleKeysOn: 'on: keys of one letter or mark',
  singleKeysOff: 'off: only Space, Enter, Backspace and keys with Ctrl',
  spokenCount: 'Count said by a screen reader',
  spokenEach: 'each press',
  spokenTenthShort: 'every 10th',
  spokenTenth: 'every 10th press',
  kindOfNeedles: 'Needles',
  kinds: {
    TWO_CIRCULARS: 'two circulars',
    LONG_LOOP: 'one long',
    DOUBLE_POINTS: 'double points',
    SHORT_CIRCULAR: 'one short',
  },
  kindsInFull: {
    TWO_CIRCULARS: 'two circular needles, a half on each',
    LONG_LOOP: 'one long circular needle, both halves on it',
    DOUBLE_POINTS: 'double points, two for each half',
    SHORT_CIRCULAR: 'one short circular needle; heel and toe on double points',
  },
  needleSizes: 'Needle sizes',
  needlesInMillimetres: 'needles in millimetres',
  needlesInUsSizes: 'needles in US sizes',
  leftHandedKnittersWorkLeft:
    'Left-handed knitters work left to right: pick up the left leg of each stitch; decreases lean the other way.',
  licences: 'Licences',

  // Silence
  lostContactWithRoundPocket: (since: string) =>
    `Lost contact with Round Pocket at ${since}. Showing the last view; reconnecting …`,

  // Unstored
  yourLastChangeToIs: (name: string, message: string) =>
    `Your last change to “${name}” is not saved. ${message}`,

  // Shell
  skipToContent: 'Skip to content',
  places: 'Places',
  lengthsIn: 'Units',
  someOfYourDataCant: (faults: string) =>
    `Some of your data can’t be read as it was written: ${faults}. Stop Round Pocket and start it again: it will offer the last good backup.`,
  nothingHereRoundPocket: 'Nothing here · Round Pocket',
  pageNotFound: 'Page not found',
  checkTheAddressThePair: 'Check the address; the pair may have been deleted.',

  // LicencesPage
  licencesRoundPocket: 'Licences · Round Pocket',
  roundPocketIsBuiltOn: 'Round Pocket is built on the work of others. Thank you.',
  theLicencesCannotBeShown: 'The licences cannot be shown',
  theLicences: 'the licences',

  // LaidAside
  notTaken: (many: number, why: string) =>
    `${many === 1 ? 'One round or note was' : `${many} rounds and notes were`} not saved: ${why}`,
  waitForAnother: (many: number) =>
    `${many === 1 ? 'One round or note waits' : `${many} rounds and notes wait`} in this browser for another data folder. Start Round Pocket with that folder, and they are sent.`,
  thisPairIsNotHere: 'This pair isn’t in the data folder that is open now.',
  countThemHere: 'Count them here',
  saveToAFile: 'Save to a file',
} as const;
