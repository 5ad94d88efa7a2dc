import { counted } from '../texts/counted';

/** Every text of this place, in the order of its files. */
export const texts = {
  // CardTape
  theSockToScaleAlong: 'The sock to scale along the tape; the numbers are in the table below',

  // PocketCard
  for: (name: string) => `for ${name}`,
  forThePair: (pairGrams: string) => `${pairGrams} for the pair`,
  roundsTickedByTens: 'Rounds, ticked by tens',
  second: 'second',
  pickUpTheLegOf: (leg: string, roundWords: string, patternWords: string) =>
    `Pick up the ${leg} leg of every stitch. ${roundWords}${patternWords}`,
  tail: (tail: string) => `; tail ${tail}`,
  firstShortRow: 'first short row',
  firstShapedRoundOnEach: 'first shaped round, on each needle',
  lostRound: 'line',
  heelRound: (number: number, instruction: string) => `Heel, round ${number}: ${instruction}.`,
  k1KnitOneSskSlip: 'k1: knit one. ssk: slip, slip, knit together. k2tog: knit two together.',
  round: (rows: string) => `round ${rows}`,
  stsRounds: (width: number, height: number) =>
    `${counted(width, 'st')} × ${counted(height, 'round')}`,
  knitted: (where: string, repeat: string) => ` Knitted ${where}: ${repeat}.`,

  aKnot: (sock: number, section: string, round: number) =>
    `A knot in the ${sock === 1 ? 'first' : 'second'} sock, ${section}, around round ${round}.`,

  // CardPage
  cuttingSheet: 'Cutting sheet (at its tube)',
  pocketCardRoundPocket: (name: string) => `Pocket card: ${name} · Round Pocket`,
  pocketCard: (name: string) => `Pocket card: ${name}`,
  onePagePrintItTwice: (paper: string, unlike: boolean) =>
    `One page, ${paper}. ${unlike ? 'Each sock has a card of its own.' : 'Print it twice for two socks.'}`,
  pdf: 'PDF',

  // SolePage
  toeAndSoleRoundPocket: (name: string) => `Toe and sole: ${name} · Round Pocket`,
  toeAndSole: (name: string) => `Toe and sole: ${name}`,
  printItAt100On:
    'Print it at 100 %, on A4 or letter paper, and lay the traced foot on it: the longest toe at the tip. The solid line is the sock lying flat, the dashed one as it is worn.',
  sizeChart: 'Size chart',
  trueToSizeLong: (name: string, i: number, foot: string) =>
    `${name}, ${i === 0 ? 'toe and sole' : 'the rest of the sole with the heel'}, true to size: ${foot} long`,
  heelLine: 'heel line',
  scaleCheck: '3 cm across, 5 cm down',
  sheetOf2: (i: number) => `, sheet ${i} of 2`,

  // SizesPage
  theSizeChartCannotBe: 'The size chart cannot be shown',
  theSizeChart: 'the size chart',
  usMen: 'US men',
  usWomen: 'US women',
  mondopoint: 'Mondopoint',
  heelLineFromTheToe: 'Heel line, from the toe tip',
  heelLineFromTheEnd: 'Heel line, from the end of the toe',
  stsAndRoundsPer: (stitches: string, rounds: string, lengths: string) =>
    `${stitches} sts and ${rounds} rounds per ${lengths}`,
  sizeChartRoundPocket: (name: string) => `Size chart: ${name} · Round Pocket`,
  sizeChart2: (name: string) => `Size chart: ${name}`,
  whereTheHeelGoesBy: 'Where the heel goes, by shoe size',
  forWithTheToeAnd: (gauge: string, name: string, school: string, inch: boolean) =>
    `For ${gauge}, with the toe and the heel of “${name}”; placed ${school}. A shoe size tells the foot to within ${inch ? '¼ in' : '5 mm'}: measure where you can.`,

  // Papers
  papers: 'On paper',
  trueSizeSole: 'True-size sole',
  measuringSheet: 'Measuring sheet for feet',
} as const;
