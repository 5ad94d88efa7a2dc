/**
 * Whether the keys that are pressed belong to a field: to whatever takes text or has keys of its own. No single key does
 * anything else then.
 */
export function typing({ target }: Pick<Event, 'target'>): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      target.closest('input, textarea, select, [contenteditable="true"], [role="textbox"]') !==
        null)
  );
}

/** Whether something lies over the page and has the keys: a sheet, or the panel of a word. */
export function covered(): boolean {
  return document.querySelector('[role="dialog"][data-state="open"]') !== null;
}
