import { counted } from '../texts/counted';

/** Every text of this place, in the order of its files. */
export const texts = {
  // colours
  fromStitchOn: (name: string, stitch: number) => `, ${name} from stitch ${stitch} on`,
  roundOf: (which: string, inBand: number, ofBand: number, step: string) =>
    `${which}, round ${inBand} of ${ofBand}${step}`,

  // figures
  tubeFromTheToe: 'Tube, from the toe',
  castOnWasteYarn: 'Cast on (waste yarn)',
  castOnAtTheCuff: 'Cast on at the cuff',
  theReadyTubeHas: 'The ready tube has',
  thanTheFoot: (ease: string, smaller: boolean) =>
    `${ease} ${smaller ? 'smaller' : 'larger'} than the foot`,
  oneEvery10Rounds: (markers: number) => `; ${counted(markers, 'marker')}, one every 10 rounds`,
  countToTheHeelLine: 'Count to the heel line',
  knitToTheHeelLine: 'Knit to the heel line',
  from: (sure: string, title: string, marked: string) => `${sure} from ${title}${marked}`,
  theTubeThenHas: (tube: string, sure: string) => `the tube then has ${tube}, ${sure}`,
  oneRoundOfItIs: '; one round of it is unpicked at the heel line',
  thenKnitToTheCuff: 'Then knit to the cuff',
  leaveForTheFoot: 'Leave for the foot',
  thenKnitToTheToe: 'Then knit to the toe',
  eachPieceHas: (pieceRounds: string) => `each piece has ${pieceRounds}`,
  cutForEachSock: (pieceRounds: string) => `cut ${pieceRounds} for each sock`,
  ofLoosely: (sure: string, title: string, cuffDown: boolean) =>
    `${sure} of ${title}, ${cuffDown ? 'cast on' : 'bound off'} loosely`,
  wasteYarnStsComeOut: 'waste-yarn sts come out',
  stsComeOut: 'sts come out',
  stayAtEachCorner: (stay: number) => `${stay} stay at each corner`,
  theCornersAreClosedWith: 'the corners are closed with the tail',
  stsWithTheCorners: (live: number) => `${live} sts with the corners`,
  snipSt: (snip: number) => `snip st ${snip}; `,
  shortRowsDeep: (rows: number, depth: string) => `${counted(rows, 'short row')}, ${depth} deep`,
  increase: 'increase ',
  decrease: 'decrease ',
  cornerStsGoneIn: (corners: number, corners2: string) =>
    `corner sts decreased in ${corners === 1 ? 'round 1' : corners2}`,
  plain: (plain: number, gone: string) =>
    `${plain} plain ${plain === 1 ? 'round' : 'rounds'}${gone}`,
  everyRound: 'every round',
  every2ndRound: 'every 2nd round',
  everyRound2: (every: number) => `every ${every}${every === 3 ? 'rd' : 'th'} round`,
  times: (times: number) => `${times} times`,
  sts: (graft: boolean, graftLoops: number) =>
    `${graft ? 'graft' : 'cinch'} ${graftLoops} + ${graftLoops} sts`,
  castOnSts: (closingSide: number) => `cast on ${closingSide} + ${closingSide} sts`,
  roundsDeep: 'rounds deep',
  yarnForThePair: 'Yarn for the pair',
  short: (grams: string) => `${grams} short`,
  leftOver: (sure: string, title: string) => `${sure} left over: ${title}`,

  // reading
  toeRoundOf: (counted: number, rounds: number) => `toe round ${counted} of ${rounds}`,
  roundFromInThe: (counted: number, title: string, sectionNames: string) =>
    `round ${counted} from ${title}, in the ${sectionNames}`,
  heelLineAfterIt: ' · heel line after it',
  moreThanTheCakeHas: (leftG: string) => `${leftG} more than the cake has`,
  leftInTheCake: (leftG: string) => `${leftG} left in the cake`,
  ofYarnUsedByThen: (usedG: string) => `${usedG} of yarn used by then`,
  patternRoundOf: (ofRepeat: number, height: number) => ` · pattern round ${ofRepeat} of ${height}`,
  fromTheToeTip: (
    here: string,
    opening: string,
    patterned: string,
    mmFromToe: string,
    yarn: string,
    colour: string,
  ) => `${here}${opening}${patterned} · ${mmFromToe} from the toe tip · ${yarn}${colour}`,

  // Captions
  rounds: (toRound: number) => counted(toRound, 'round'),
  heelCupLaidFlat: 'heel cup, laid flat',
  deep: (worked: number, shortRows: boolean, depth: string) =>
    `${worked} ${shortRows ? 'rows' : 'rounds'} · ${depth} deep`,
  ofRounds: 'rounds',
  stsFromTo: (from: number, to: number) => `${from} → ${to} sts`,
  stsOnEachNeedle: (heelSide: number, closingSide: number) =>
    `${heelSide} → ${closingSide} sts on each needle`,

  // YarnLane
  yarnLeftForOneSock: (cake: string) => `yarn left for one sock (of ${cake})`,
  yarnStillToUseOf: (cake: string) => `yarn still needed, of ${cake} for one sock`,
  stopTheLegAt: (stop: string, cuffDown: boolean) =>
    `${cuffDown ? 'make the heel line' : 'start the cuff'} at ${stop}`,

  // SectionTable
  sectionsOfTheSockAlong: 'Sections of the sock along the tape, from the tip of the toe',
  from2: 'From',
  to: 'To',
  patternOnTheLeg: 'pattern on the leg',
  patternOnTheInstep: 'pattern on the instep',
  heelHangingFromItsOpening: 'heel, knitted at its opening',

  // Tape
  cursorOnTheTapeArrow: 'Cursor on the tape; arrow keys move it by a round, with Shift by ten',
  cursor: 'Cursor',
  hideOtherPlacements: 'Hide other placements',
  compareHeelPlacements: 'Compare heel placements',
  showOneSock: 'Show one sock',
  showBothSocks: 'Show both socks',
  coloursOnly: 'Colours only',
  hatchTheColours: 'Hatch the colours',
  heelLineAt: (where: string) => `heel line at ${where}`,
  heelLineFromTheToe: (where: string, title: string) => `heel line ${where} from the toe, ${title}`,

  // TwoSocks
  thePinnedSockAboveThe:
    'The pinned sock above the tape and the present one below it, to the same scale',

  // WhereToMeasure
  ball: 'ball',
  heelDiagonal: 'heel diagonal',
  legAtTheCuff: 'leg, at the cuff',
  footLength: 'length, longest toe to heel',
  whereTheTapeGoes:
    'Where to measure. Ball: around the foot behind the toes, at its widest. Heel diagonal: from under the heel, up over the front of the ankle, and back. Leg: around it where the cuff will end. Length: straight from the longest toe to the heel.',
} as const;
