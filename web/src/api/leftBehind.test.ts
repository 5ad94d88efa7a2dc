// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import {
  decided,
  leaveBehind,
  letGo,
  pageOpened,
  useLeftBehind,
  type LeftBehind,
} from './leftBehind';

function change(pairId: string): LeftBehind {
  const refused = { status: 409, code: 'stale' } as LeftBehind['refused'];
  return { pairId, write: { name: pairId, spec: {} } as unknown as LeftBehind['write'], refused };
}

const hook = renderHook(() => useLeftBehind());
const left = () => hook.result.current.map(({ pairId }) => pairId);

afterEach(() => act(() => hook.result.current.forEach(letGo)));

it('a change that is refused after its page was left is kept until it is let go', () => {
  act(() => leaveBehind(change('a')));
  act(() => leaveBehind(change('b')));
  expect(left()).toEqual(['a', 'b']);
  act(() => letGo(hook.result.current[0] as LeftBehind));
  expect(left()).toEqual(['b']);
});

it('the page of the pair says it itself while it is open', () => {
  const close = pageOpened('a');
  act(() => leaveBehind(change('a')));
  expect(left()).toEqual([]);
  close();
  act(() => leaveBehind(change('a')));
  act(() => leaveBehind(change('a')));
  expect(left()).toEqual(['a']);
});

it('what was refused just before its page was left is kept, unless it was decided on', () => {
  const close = pageOpened('late');
  act(() => leaveBehind(change('late')));
  expect(hook.result.current).toHaveLength(0);
  act(close);
  expect(hook.result.current).toMatchObject([{ pairId: 'late' }]);
  act(() => letGo(hook.result.current[0] as LeftBehind));
  const again = pageOpened('late');
  act(() => leaveBehind(change('late')));
  decided('late');
  act(again);
  expect(hook.result.current).toHaveLength(0);
});
