/** The pairs whose knit screen is open in this tab: it sends what waits of them itself. */
const open = new Map<string, number>();

/** Notes that one is open; gives back how to close it. */
export function pairOpened(pairId: string): () => void {
  open.set(pairId, (open.get(pairId) ?? 0) + 1);
  return () => {
    const left = (open.get(pairId) ?? 1) - 1;
    if (left > 0) {
      open.set(pairId, left);
    } else {
      open.delete(pairId);
    }
  };
}

export function pairIsOpen(pairId: string): boolean {
  return open.has(pairId);
}
