import type { CSSProperties, SVGProps } from 'react';

/**
 * The pieces a drawing is made of. They take the theme's colours by their names, as Chakra's own do, but make no style
 * sheet of it: a tape has hundreds of them, drawn anew with every key.
 */
type Inked<E extends SVGElement> = SVGProps<E>;

const ROLE = /^[a-z]+[A-Za-z]*$/;
const WORDS = ['none', 'transparent', 'currentColor'];

/** A colour of the theme by its name; any other colour as it is. */
export function ink(colour: string | undefined): string | undefined {
  if (colour === undefined || WORDS.includes(colour) || !ROLE.test(colour)) {
    return colour;
  }
  const kebab = colour.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
  return `var(--chakra-colors-${kebab})`;
}

function inked<E extends SVGElement>({
  fill,
  stroke,
  fontSize,
  fontWeight,
  style,
  ...rest
}: Inked<E>) {
  const look: CSSProperties = { ...style };
  if (fill !== undefined) {
    look.fill = ink(fill);
  }
  if (stroke !== undefined) {
    look.stroke = ink(stroke);
  }
  if (fontSize !== undefined) {
    look.fontSize = fontSize;
  }
  if (fontWeight !== undefined) {
    look.fontWeight = fontWeight;
  }
  return { ...rest, style: look };
}

export const Circle = (props: Inked<SVGCircleElement>) => <circle {...inked(props)} />;
export const Ellipse = (props: Inked<SVGEllipseElement>) => <ellipse {...inked(props)} />;
export const Line = (props: Inked<SVGLineElement>) => <line {...inked(props)} />;
export const Rect = (props: Inked<SVGRectElement>) => <rect {...inked(props)} />;
export const Path = (props: Inked<SVGPathElement>) => <path {...inked(props)} />;
export const Polygon = (props: Inked<SVGPolygonElement>) => <polygon {...inked(props)} />;
export const Polyline = (props: Inked<SVGPolylineElement>) => <polyline {...inked(props)} />;
export const Text = (props: Inked<SVGTextElement>) => <text {...inked(props)} />;
