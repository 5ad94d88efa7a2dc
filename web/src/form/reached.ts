/** What the focus came to by Tab, and not by a pointer or the page itself: whoever did that means to press it. */
let tabbing = false;
let reached: EventTarget | null = null;

if (typeof window !== 'undefined') {
  window.addEventListener('keydown', ({ key }) => (tabbing = key === 'Tab'), true);
  window.addEventListener(
    'pointerdown',
    () => {
      tabbing = false;
      reached = null;
    },
    true,
  );
  window.addEventListener(
    'focusin',
    ({ target }) => {
      reached = tabbing ? target : null;
    },
    true,
  );
}

export function reachedByTab(target: EventTarget | null): boolean {
  return target !== null && target === reached;
}
