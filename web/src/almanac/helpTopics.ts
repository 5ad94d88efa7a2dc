import type { Subject } from './ChapterDrawing';
import { shared } from '../texts/shared';
import { texts } from './texts';

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
    title: texts.measureAFoot,
    text: texts.barefootAndStandingTheLength,
    drawing: 'FEET',
    to: '/feet',
    go: shared.feet,
  },
  {
    title: texts.countASwatch,
    text: texts.knitASwatchInThe,
    drawing: 'GAUGE',
    to: '/yarn',
    go: texts.yarnAndSwatches,
  },
  {
    title: texts.openAPlan,
    text: texts.threeMeasurementsAreEnoughThe,
    drawing: 'HEEL_LINE',
    to: '/new',
    go: shared.newPair,
  },
  {
    title: texts.knitTheTube,
    text: texts.pressKnitInTheBasket,
    drawing: 'KNITTING',
    to: '/',
    go: shared.basket,
  },
  {
    title: texts.openTheHeel,
    text: texts.bothNeedlesGoInFirst,
    drawing: 'OPENING',
    to: '/practice?piece=pick-up',
    go: texts.practisePickingUp,
  },
  {
    title: texts.shapeAndGraft,
    text: texts.theHeelIsASecond,
    drawing: 'FINISH',
    to: '/practice',
    go: texts.practiseGrafting,
  },
  {
    title: shared.stripes,
    text: texts.enterTheBandsOfA,
    drawing: 'STRIPES',
    to: '/yarn',
    go: shared.yarn,
  },
  {
    title: texts.noteHowItFits,
    text: texts.onceBothSocksAreDone,
    drawing: 'FIT',
    to: '/log',
    go: shared.log,
  },
];

/** What each place is for. */
export const PLACES: readonly Topic[] = [
  {
    title: shared.basket,
    text: texts.everyPairOnTheGo,
    to: '/',
  },
  {
    title: shared.feet,
    text: texts.whoseFeetYouKnitFor,
    to: '/feet',
  },
  {
    title: shared.yarn,
    text: texts.yarnsWhatIsLeftOf,
    to: '/yarn',
  },
  {
    title: shared.tubes,
    text: texts.oneLongTube,
    to: '/tubes',
  },
  {
    title: shared.practice,
    text: texts.graftingPickingUpAndReading,
    to: '/practice',
  },
  {
    title: shared.log,
    text: texts.finishedPairsPlannedAndKnitted,
    to: '/log',
  },
  {
    title: shared.almanac,
    text: texts.everyRuleMethodAndConstantBehind,
    to: '/almanac',
  },
  {
    title: shared.backups,
    text: texts.yourDataAsOneFile,
    to: '/backup',
  },
];

/** The words of the trade that the screens use. */
export const WORDS: readonly Topic[] = [
  {
    title: texts.afterthoughtHeel,
    text: texts.aHeelKnittedIntoA,
  },
  {
    title: texts.heelLine,
    text: texts.whereTheHeelWillBe,
  },
  {
    title: texts.liveStitches,
    text: texts.stitchesThatWouldRunIf,
  },
  {
    title: texts.lowerAndUpperNeedle,
    text: texts.theTwoNeedlesOfThe,
  },
  {
    title: shared.negativeEase2,
    text: texts.howMuchSmallerThanThe,
  },
  {
    title: texts.graftKitchenerStitch,
    text: texts.sewingLiveStitchesTogetherSo,
  },
  { title: texts.cinch, text: texts.threadTheTailThroughThe },
  { title: '±', text: texts.howSureANumberIs },
];
