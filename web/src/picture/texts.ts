/** Every text of this place, in the order of its files. */
export const texts = {
  // FoldedSock
  sockOnATable:
    'The finished sock, folded at its sides, toe to the left: the leg bends up at the ankle, and the heel fills the opening between sole and leg.',
  toe: 'toe',
  instep: 'instep',
  foot: 'foot',
  sole: 'sole',
  heel: 'heel',
  leg: 'leg',
  cuff: 'cuff',

  // PairPicture
  fromTheSide: 'from the side',
  fromTheSole: 'from the sole',
  closer: 'Closer',
  furtherAway: 'Further away',
  wholePair: 'Whole pair',
  saveAsSvg: 'Save as SVG',
  saveAsPng: 'Save as PNG',
  bothSocksAsTheyWill: (fromTheSide: boolean) =>
    `Both socks as they will look, ${fromTheSide ? 'from the side' : 'from the sole'}; plus and minus zoom, arrow keys move`,
  firstSockOnTheLeft: 'First sock on the left, second on the right.',
  sock: (i: number, inWords: string) => `${i === 0 ? 'First' : 'Second'} sock: ${inWords}.`,
  fromTheSide2: 'From the side',
  fromTheSole2: 'From the sole',
  contrastYarn: 'contrast yarn',
  roundStitch: (name: string, where: string, round: number, stitch: number) =>
    `${name}: ${where}, round ${round}, stitch ${stitch}`,
} as const;
