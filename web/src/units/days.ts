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
