import { counted } from '../texts/counted';

/** Every text of this place, in the order of its files. */
export const texts = {
  // Restoring
  of: (onePair: boolean, made: string) => `${onePair ? 'A pair' : 'A backup'} of ${made}`,
  willBeAdded: 'Will be added',
  asNewOrNewerIn: 'As new or newer in the backup, will be replaced by it',
  changedHereSinceWillStay: 'Changed here since, will stay as they are here',
  alreadyTheSameOnlyHere: (of: number, here: number) =>
    `${of} already the same; ${here} only here.`,
  aBackupOfWhatIs: 'A backup of what is here now is made first.',
  everythingIsAsItWas: 'Everything is as it was in the backup.',
  restoredAddedReplacedLeftAs: (added: number, renewed: number, left: number) =>
    `Restored: ${added} added, ${renewed} replaced, ${left} left as they are.`,
  addThisPair: 'Add this pair',
  restore: 'Restore',
  addWhatIsMissingAnd: 'Merge: add what’s missing, keep the newer of the two',
  theSameAndReplaceWhat: 'The same, and replace what was changed here since',
  makeEverythingAsItWas: 'Go back to the backup; anything added since is deleted',
  hereInTheFile: (here: string, backup: string) => `: here ${here}, in the file ${backup}`,

  // BackupTable
  madeAutomatically: 'made automatically',
  youAskedForIt: 'you asked for it',
  beforeAnUpgrade: 'before an upgrade',
  beforeARestore: 'before a restore',
  thereIsNoBackupYet: 'There is no backup yet: there is nothing to back up.',
  backupsInYourFolder: 'Backups in your folder',
  made: 'Made',
  why: 'Why',
  yarns: 'Yarns',
  roundsAndNotes: 'Rounds and notes',
  whatToDoWithIt: 'What to do with it',
  downloadTheBackupOf: (made: string) => `Download the backup of ${made}`,
  download: 'Download',
  restoreTheBackupOf: (made: string) => `Restore the backup of ${made}`,
  restore2: 'Restore …',

  // Damaged
  yourDataRoundPocket: 'Your data · Round Pocket',
  theFileWithYourData: 'The file with your data is damaged',
  theFileWithYourDataIs: 'The file with your data is gone',
  roundPocketFoundNothingFrom: (faults: string) =>
    `Round Pocket found: ${faults}. Nothing from it is shown, so that you don’t rely on wrong numbers. The file is kept: `,
  theLastGoodBackupWas: (
    made: string,
    count: string,
    feet: number,
    count2: string,
    missing: string,
  ) =>
    `The last good backup was made on ${made}. It has ${count}, feet of ${counted(feet, 'person', 'people')} and ${count2}. ${missing}`,
  startWithNothing: 'Start empty',
  thereIsNoBackupIn: 'There is no backup in your folder.',
  allBackupsInYourFolder: 'All backups in your folder',
  chooseABackupFromAnother: 'Choose a backup from another disk …',
  whatYouDidAfterThat:
    'What you did after that is missing; the damaged file doesn’t tell how much it is.',
  asFarAsTheDamaged: 'As far as the damaged file tells, nothing was done after that.',
  comeBackWithIt: (count: string) =>
    `Since then ${count} were also written down beside the file: they come back with this backup. Other changes since then are missing.`,
  roundOrNote: 'round or note',
  roundsAndNotes2: 'rounds and notes',
  asFarAsTheDamagedFile: (count: string, count2: string) =>
    `As far as the damaged file tells, ${count} and changes to ${count2} after that are missing.`,

  // ExportPair
  giveAPairToA: 'Give a pair to a friend',
  withTheFeetsNameAnd: 'with the feet’s name and earlier measurements',
  exportThePair: 'Export the pair',
  exportOnlyItsPlan: 'Export only its plan',
  theFileHoldsThePlan:
    'The file holds the plan, the yarn, the swatch and what was knitted. Your friend drags it onto their basket. Foot length and girth are always included.',

  // BackupPage
  theBackupsCantBeListed: 'The backups can’t be listed',
  theBackups: 'the backups',
  backupsRoundPocket: 'Backups · Round Pocket',
  roundPocketMakesABackup:
    'Round Pocket makes a backup of everything each time it starts and once a day, and keeps the last seven days. They are in the folder ',
  copyOneToAnotherDisk:
    '. Copy one to another disk now and then: a backup on the same disk is lost with it.',
  backupMade: (name: string) => `Backup made: ${name}`,
  backUpNow: 'Back up now',
  chooseABackupOrA: 'Choose a backup or a pair file …',
  readingTheFile: 'Reading the file …',
} as const;
