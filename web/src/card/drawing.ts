const INK = ['fill', 'stroke', 'stroke-width', 'font-size', 'font-weight', 'opacity'] as const;

/**
 * A card as it stands on the screen, as a drawing that needs nothing but its own style: colours and sizes of the shapes as
 * they are seen, without the theme's names.
 */
export function drawingOf(card: HTMLElement): string {
  const copy = card.cloneNode(true) as HTMLElement;
  const seen = [...card.querySelectorAll('svg, svg *')];
  [...copy.querySelectorAll('svg, svg *')].forEach((shape, i) => {
    const original = seen[i];
    if (!original) {
      return;
    }
    const look = getComputedStyle(original);
    shape.removeAttribute('style');
    shape.removeAttribute('class');
    for (const each of INK) {
      shape.setAttribute(each, look.getPropertyValue(each));
    }
    if (original instanceof SVGSVGElement) {
      // The style's size, not the box's: the box is as large as the screen enlarges the card.
      shape.setAttribute('width', look.width);
      shape.setAttribute('height', look.height);
    }
  });
  return new XMLSerializer().serializeToString(copy);
}
