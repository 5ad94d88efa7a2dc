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
      const { width, height } = onPaper(parseFloat(look.width), parseFloat(look.height));
      shape.setAttribute('width', `${width.toFixed(1)}px`);
      shape.setAttribute('height', `${height.toFixed(1)}px`);
    }
  });
  return new XMLSerializer().serializeToString(copy);
}

/** Where a phone makes a card as long as it likes, and what a drawing then surely has on paper: 26 mm. */
const [PHONE, LEAST_PX] = ['(max-width: 440px)', (26 * 96) / 25.4] as const;

function onPaper(width: number, height: number) {
  const by = matchMedia(PHONE).matches ? Math.min(1, LEAST_PX / height) : 1;
  return { width: width * by, height: height * by };
}
