import type { LapStep, Needles, Work } from '../wire/types';
import { texts } from './texts';

/** Where somebody is in a sock. */
export interface Place {
  step: LapStep;
  /** Presses of the step that are done. */
  done: number;
  /** Position at which the step begins. */
  start: number;
  index: number;
}

/** The place of a position; undefined once the sock is done. */
export function placeAt(
  work: Pick<Work, 'steps' | 'starts' | 'presses'>,
  position: number,
): Place | undefined {
  if (position >= work.presses) {
    return undefined;
  }
  const index = work.starts.findLastIndex((start) => start <= position);
  const step = work.steps[index];
  const start = work.starts[index];
  return step && start !== undefined ? { step, done: position - start, start, index } : undefined;
}

/** What is done for the next press of a step. */
export function wordsAt({ words }: LapStep, done: number): string {
  return words[Math.min(done, words.length - 1)] ?? '';
}

/** What is on the needles before the next press of a step; while a graft is sewn its moves tell that. */
export function needlesAt({ needles, doing }: LapStep, done: number): Needles | undefined {
  return doing === 'GRAFT' && done > 0 ? undefined : needles[Math.min(done, needles.length - 1)];
}

/** The same once the press is done, where that is the whole step; undefined where nothing of it changes. */
export function needlesThen(
  { steps }: Pick<Work, 'steps'>,
  { step, done, index }: Place,
): Needles | undefined {
  const next = steps[index + 1];
  const [now, then] = [needlesAt(step, done), next && needlesAt(next, 0)];
  return step.number === 1 && now && then && now.words.join() !== then.words.join()
    ? then
    : undefined;
}

/** Live loops once so many presses of a step are done. */
export function loopsAfter({ loops, before }: LapStep, done: number): number {
  return done === 0 ? before : (loops[Math.min(done, loops.length) - 1] ?? before);
}

/** Pictures of steps that are worked in short rows. */
const TURNS: ReadonlySet<LapStep['picture']> = new Set(['WRAP', 'DOUBLED', 'SHADOW']);

/** What a press of a step is called. */
export function unitOf({ paced, doing, picture }: LapStep): string | undefined {
  const inRows = picture !== undefined && TURNS.has(picture);
  return paced ? (inRows ? 'row' : 'round') : doing === 'GRAFT' ? 'move' : undefined;
}

/** A title within a sentence: its names keep their capitals. */
export function lower(title: string): string {
  return `${title.charAt(0).toLowerCase()}${title.slice(1)}`;
}

/** How far a place is, as it is said everywhere: in the lap, in the basket and on the tab. */
export function progressWords({ step, done }: Place): string {
  const unit = unitOf(step);
  const title = lower(step.title);
  return unit ? texts.ofSDone(title, done, step.number, unit) : title;
}

/** How far a sock is, in a few words. */
export function stateWords(work: Work, position: number): string {
  const place = placeAt(work, position);
  if (!place) {
    return 'done';
  }
  return position === 0 ? texts.notStarted : progressWords(place);
}

/** Stitches on the needles once so many presses are done; on two needles alike, on each. */
export function onNeedles(step: LapStep, done: number): string {
  const loops = loopsAfter(step, done);
  // While a graft is sewn the two needles are not alike.
  return step.paced && loops > 0 && loops % 2 === 0
    ? texts.sts(loops / 2, step.doing === 'ROUNDS')
    : `${loops} ${loops === 1 ? 'st' : 'sts'}`;
}

/** Which round of the pattern the next press is; undefined where it is plain. */
export function patternRound({ step, done }: Place): number | undefined {
  return step.pattern[done] || undefined;
}

/** Of a graft, after which press the stitch that is due will be whole, and how many of its stitches are by now. */
export function seam({ step, done }: Place): { to: number; sewn: number; all: number } | undefined {
  const ends = step.stitchEnds;
  const to = ends.find((end) => end > done);
  // What comes before the first stitch is its set-up.
  const all = step.before / 2;
  const sewn = ends.filter((end) => end <= done).length - (ends.length - all);
  return to === undefined ? undefined : { to, sewn: Math.max(0, sewn), all };
}

/** A longer time in half hours: nobody knits to the minute. */
function timeWords(minutes: number): string {
  const halves = Math.round(minutes / 30);
  return minutes < 90
    ? texts.min(minutes < 30 ? minutes : Math.round(minutes / 5) * 5)
    : `${Math.floor(halves / 2)}${halves % 2 ? '½' : ''} h`;
}

/** At a glance: whether the round after this one changes the stitches, and how long the section still takes. */
export function glance({ step, done }: Place, pace: number | undefined): string {
  const left = step.number - done;
  // Short rows are all of as many stitches: there is nothing to tell apart.
  const after = done + 1 < step.number && step.doing === 'SHAPE' && step.loops.length > 1;
  const more = loopsAfter(step, done + 2) - loopsAfter(step, done + 1);
  const kind = more < 0 ? 'a decrease' : more > 0 ? texts.anIncrease : 'a plain';
  const minutes = pace && Math.round((left / pace) * 60);
  return [
    after && texts.thenRound(kind),
    minutes !== undefined && minutes > 0 && texts.aboutOfThisLeft(timeWords(minutes)),
  ]
    .filter(Boolean)
    .join(' · ');
}
