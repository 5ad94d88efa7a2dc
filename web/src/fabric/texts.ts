/** Every text of this place, in the order of its files. */
export const texts = {
  // GraftPicture
  front: 'front',
  back: 'back',

  // TechniqueDrawing
  halfOnThisNeedle: 'half of the stitches on this needle',
  halfOnTheOther: 'half on the other',
  wasteBelowYarnAbove: 'waste yarn below, the working yarn above',
  chainBelowYarnAbove: 'the chain below, the working yarn above',
  theSoleInWaste: 'the sole in waste yarn',
  theYarnWaits: 'the working yarn waits',
  aThreadThroughTheLoops: 'a thread through the sole, beside the needle',
  upperNeedle: 'upper needle',
  lowerNeedle: 'lower needle',
  soleSide: 'sole',
  instep: 'instep',
  behind: 'behind it',
  theLine: 'line',
  legAbove: 'leg, to the cuff',
  footBelow: 'foot, to the toe',
  footAbove: 'foot, to the toe',
  legBelow: 'leg, to the cuff',
  freeStrand: 'free strand',
  noneLiftALeg: 'none: lift a leg',
  worked: 'worked',
  waiting: 'waiting',
  aWrapAround: 'the yarn lies around the stitch you turned at',
  twoLegs: 'the doubled stitch stands on two legs',
  aSecondBehind: 'a second stitch stands behind',
} as const;
