import { KINDS, type Kind } from './kinds';
import { persisted } from './store';

/** How lengths are written. */
export type Lengths = 'CM' | 'INCH';
/** Day, the evening lamp, or whichever the system says. */
export type Light = 'day' | 'lamp' | 'system';

/** The hand that leads; it decides which leg of a stitch is picked up. */
export type Hand = 'right' | 'left';
export type Thumb = 'either' | Hand;
export type Spoken = 'every' | 'tenth';
/** How needles are named. */
export type Needles = 'MM' | 'US';

export interface Settings {
  lengths: Lengths;
  light: Light;
  hand: Hand;
  kind: Kind;
  needles: Needles;
  /** Whether stripes are hatched besides their colours. */
  hatch: boolean;
  /** Whether a letter or a mark alone is a key of the page. */
  singleKeys: boolean;
  /** After which presses the count is said by a screen reader: each, or every tenth. */
  spoken: Spoken;
  /** Whether a press in a graft stands for a whole stitch of the seam; else for each of its moves. */
  wholeStitches: boolean;
  /** How long she mostly has to knit; one of the times the basket tells of. */
  minutes: number;
  /** The thumb that presses while knitting with one hand free; the keys lie in a column on its side. */
  thumb: Thumb;
}

const KEY = 'round-pocket.settings';
const USUAL: Settings = {
  lengths: 'CM',
  light: 'system',
  hand: 'right',
  kind: 'TWO_CIRCULARS',
  needles: 'MM',
  hatch: false,
  singleKeys: true,
  spoken: 'every',
  wholeStitches: false,
  minutes: 40,
  thumb: 'either',
};
const store = persisted(KEY, read);

function read(kept: unknown): Settings {
  const stored = (kept ?? {}) as Partial<Settings>;
  return {
    lengths: stored.lengths === 'INCH' ? 'INCH' : USUAL.lengths,
    light: stored.light === 'day' || stored.light === 'lamp' ? stored.light : USUAL.light,
    hand: stored.hand === 'left' ? 'left' : USUAL.hand,
    kind: KINDS.find((kind) => kind === stored.kind) ?? USUAL.kind,
    needles: stored.needles === 'US' ? 'US' : USUAL.needles,
    hatch: stored.hatch === true,
    singleKeys: stored.singleKeys !== false,
    spoken: stored.spoken === 'tenth' ? 'tenth' : USUAL.spoken,
    wholeStitches: stored.wholeStitches === true,
    minutes: typeof stored.minutes === 'number' ? stored.minutes : USUAL.minutes,
    thumb: stored.thumb === 'left' || stored.thumb === 'right' ? stored.thumb : USUAL.thumb,
  };
}

export const currentSettings = store.get;
export const useSettings = store.use;

/** Changes settings, remembers them, and applies the light to the page. */
export function changeSettings(change: Partial<Settings>): void {
  store.set({ ...store.get(), ...change });
  applyLight();
}

const SYSTEM_DARK = matchMedia('(prefers-color-scheme: dark)');
const FORCED = matchMedia('(forced-colors: active)');

/**
 * Puts the light on the page; called once at the start and at every change. Where the system forces its own colours, the
 * drawings follow its ground, whatever was chosen: their lines would not be seen on the other.
 */
export function applyLight(): void {
  const bySystem = currentSettings().light === 'system' || FORCED.matches;
  const dark = bySystem ? SYSTEM_DARK.matches : currentSettings().light === 'lamp';
  document.documentElement.classList.toggle('dark', dark);
  document.documentElement.style.colorScheme = dark ? 'dark' : 'light';
}

SYSTEM_DARK.addEventListener('change', applyLight);
FORCED.addEventListener('change', applyLight);
