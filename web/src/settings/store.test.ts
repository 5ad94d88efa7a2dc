// @vitest-environment jsdom
import { afterEach, expect, it, vi } from 'vitest';
import { keep, kept, persisted } from './store';

afterEach(() => {
  vi.restoreAllMocks();
  localStorage.clear();
});

it('keeps a value and makes it anew from whatever was kept', () => {
  const minutes = (was: unknown) => (typeof was === 'number' ? was : 40);
  const store = persisted('m', minutes);
  expect(store.get()).toBe(40);
  store.set(25);
  expect(persisted('m', minutes).get()).toBe(25);
  localStorage.setItem('m', '{"not": ');
  expect(persisted('m', minutes).get()).toBe(40);
});

it('hands out text that an earlier page wrote, and forgets what is no longer wanted', () => {
  localStorage.setItem('device', 'a1b2c3d4');
  expect(kept('device')).toBe('a1b2c3d4');
  expect(keep('device', undefined)).toBe(true);
  expect(kept('device')).toBeUndefined();
});

it('holds a value for this visit where the browser keeps none', () => {
  const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  vi.spyOn(Storage.prototype, 'getItem').mockImplementation(() => {
    throw new DOMException('no', 'SecurityError');
  });
  const store = persisted('m', () => 1);
  store.set(2);
  expect(store.get()).toBe(2);
  expect(keep('m', 3)).toBe(false);
  expect(full).toHaveBeenCalledTimes(2);
});
