import { texts } from './texts';

/** Days, as yyyy-mm-dd on the wire and in the reader's own way on the screen. */

const WRITTEN = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium' });

/** A day as the reader writes it. */
export function dayText(day: string): string {
  return WRITTEN.format(new Date(`${day}T00:00`));
}

/** Today, where the reader is. */
export function today(): string {
  const now = new Date();
  const two = (number: number) => String(number).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

const CLOCK = new Intl.DateTimeFormat(undefined, { timeStyle: 'short' });

/** The time of day of an instant, as the reader writes it. */
export function timeText(instant: number): string {
  return CLOCK.format(new Date(instant));
}

const MOMENT = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** The day and the time of an instant, as the reader writes them. */
export function momentText(instant: string): string {
  return MOMENT.format(new Date(instant));
}

const DAY_MS = 86_400_000;

/** How long after a day another is, in words; nothing where it is not later. Both as 2026-11-23. */
export function sinceText(from: string, to: string): string | undefined {
  const days = Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
  if (!(days > 0)) {
    return undefined;
  }
  const [amount, unit] =
    days < 14
      ? ([days, 'day'] as const)
      : days < 60
        ? ([Math.round(days / 7), 'week'] as const)
        : days < 730
          ? ([Math.round(days / 30.4), 'month'] as const)
          : ([Math.round(days / 365.25), 'year'] as const);
  return texts.on(amount, unit);
}
