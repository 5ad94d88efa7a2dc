import { expect, it, vi } from 'vitest';
import { dayText, timeText, today } from './days';

it('a day is told as the reader writes it, in his own zone', () => {
  expect(dayText('2026-02-01')).toContain('2026');
  expect(dayText('2026-02-01')).toMatch(/\b0?1\b/);
});

it('today is the day where the reader is', () => {
  vi.useFakeTimers();
  vi.setSystemTime(new Date(2026, 0, 5, 23, 59));
  expect(today()).toBe('2026-01-05');
  vi.setSystemTime(new Date(2026, 10, 30, 0, 1));
  expect(today()).toBe('2026-11-30');
  vi.useRealTimers();
});

it('a time of day has its minutes', () => {
  expect(timeText(new Date(2026, 0, 5, 9, 7).getTime())).toMatch(/9[:.]07/);
});
