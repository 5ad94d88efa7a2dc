import type { Subject } from './ChapterDrawing';

/** One thing that help tells. */
export interface Topic {
  title: string;
  text: string;
  drawing?: Subject;
  /** Where to do it. */
  to?: string;
  go?: string;
}

/** What to do first, in the order of the work. */
export const FIRST: readonly Topic[] = [
  {
    title: 'Measure a foot',
    text: 'Barefoot and standing: the length from the longest toe to the heel, and once around the ball. A shoe size will do to begin with.',
    drawing: 'FEET',
    to: '/feet',
    go: 'Feet',
  },
  {
    title: 'Count a swatch',
    text: 'Knit a swatch in the round and wash it. Count stitches and rounds over as long a span as you can, in more than one place.',
    drawing: 'GAUGE',
    to: '/yarn',
    go: 'Yarn and swatches',
  },
  {
    title: 'Open a plan',
    text: 'Three measurements are enough. The plan is one paragraph: tap any word to change it, and every number follows. Tap a number to see how it’s worked out.',
    drawing: 'HEEL_LINE',
    to: '/new',
    go: 'New pair',
  },
  {
    title: 'Knit the tube',
    text: 'Press Knit in the basket and tap once a round. At the heel line you are told what to do. Weigh the yarn or measure the tube whenever you like; the rest of the plan can follow.',
    drawing: 'KNITTING',
    to: '/',
    go: 'Basket',
  },
  {
    title: 'Open the heel',
    text: 'Both needles go in first and are counted. Only then is anything cut or pulled out. It’s worth picking up a practice line before your first one.',
    drawing: 'OPENING',
    to: '/practice?piece=pick-up',
    go: 'Practise picking up',
  },
  {
    title: 'Shape and graft',
    text: 'The heel is a second toe: plain rounds, decreases, then the graft (Kitchener stitch), told move by move.',
    drawing: 'FINISH',
    to: '/practice',
    go: 'Practise grafting',
  },
  {
    title: 'Stripes',
    text: 'Enter the bands of a striping yarn on its shelf, in metres or in rounds. The plan then shows both socks in their colours and says what to wind off. While knitting, press c when a new colour begins: all later stripes become surer.',
    drawing: 'STRIPES',
    to: '/yarn',
    go: 'Yarn',
  },
  {
    title: 'Note how it fits',
    text: 'Once both socks are done they move to the log. What you note there is suggested for the next pair on that foot.',
    drawing: 'FIT',
    to: '/log',
    go: 'Log',
  },
];

/** What each place is for. */
export const PLACES: readonly Topic[] = [
  {
    title: 'Basket',
    text: 'Every pair on the go, what to do next, and the way to the needles. Drop a plan, a pair or a backup here to import it.',
    to: '/',
  },
  {
    title: 'Feet',
    text: 'Whose feet you knit for, with what they measured before. Print a measuring sheet, true to size.',
    to: '/feet',
  },
  {
    title: 'Yarn',
    text: 'Yarns, what is left of each and for which pairs that is enough; and your swatches.',
    to: '/yarn',
  },
  {
    title: 'Practice',
    text: 'Grafting, picking up and reading decreases on pretend fabric.',
    to: '/practice',
  },
  {
    title: 'Log',
    text: 'Finished pairs: planned and knitted side by side, how they fit and wear, and how to replace a heel.',
    to: '/log',
  },
  {
    title: 'Almanac',
    text: 'Every rule, method and constant behind your plans, with where it comes from, and small calculators.',
    to: '/almanac',
  },
  {
    title: 'Backups',
    text: 'Your data as one file: made automatically every day, and whenever you ask.',
    to: '/backup',
  },
];

/** The words of the trade that the screens use. */
export const WORDS: readonly Topic[] = [
  {
    title: 'Afterthought heel',
    text: 'A heel knitted into a finished tube. The tube is knitted straight; where the heel belongs, a line is marked, opened later, and the heel is knitted around the opening.',
  },
  {
    title: 'Heel line',
    text: 'Where the heel will be, while the tube is being knitted. Once it is cut or its waste yarn is out, it is the opening.',
  },
  {
    title: 'Live stitches',
    text: 'Stitches that would run if you let them go: they belong on a needle or a thread.',
  },
  {
    title: 'Lower and upper needle',
    text: 'The two needles of the opening: the lower one on the foot side, the upper one on the leg side. At the graft the lower needle is the front one.',
  },
  {
    title: 'Negative ease',
    text: 'How much smaller than the foot a sock is. It has to stretch a little to stay up: 10 to 20 % is usual.',
  },
  {
    title: 'Graft (Kitchener stitch)',
    text: 'Sewing live stitches together so that the seam looks knitted.',
  },
  { title: 'Cinch', text: 'Thread the tail through the last stitches and pull tight.' },
  { title: '±', text: 'How sure a number is: 19 times in 20 the true value lies within it.' },
];
