/** The rounds after which a box is ticked: every ten, and the last. */
export function tens(rounds: number): number[] {
  const boxes = Array.from({ length: Math.floor(rounds / 10) }, (_, i) => (i + 1) * 10);
  return rounds % 10 === 0 ? boxes : [...boxes, rounds];
}
