import type { Outline, Section } from '../wire/types';
import type { Scale } from '../tape/scale';
import { Circle, Text } from '../tape/svg';

/** A numbered place of a sock. */
export interface SockMark {
  section: Section;
  number: number;
}

const RADIUS = 24;

interface SockMarksProps {
  marks: readonly SockMark[];
  outline: Outline;
  scale: Scale;
  /** Pixel of the upper edge of the tube, and of the heel. */
  top: number;
  heelTop: number;
}

/** Numbers on the places of a sock; several of one place stand beside each other. */
export function SockMarks({ marks, outline, scale, top, heelTop }: SockMarksProps) {
  const depth = outline.heel.at(-1)?.depthMm ?? 0;
  return marks.map((mark, i) => {
    const before = marks.slice(0, i).filter(({ section }) => section === mark.section).length;
    const span = outline.spans.find(({ section }) => section === mark.section);
    const heel = mark.section === 'HEEL';
    const middle = heel ? outline.openingMm : span ? (span.fromMm + span.toMm) / 2 : undefined;
    if (middle === undefined) {
      return null;
    }
    const x = scale.x(middle) + before * 2.3 * RADIUS;
    const y = heel
      ? heelTop + (depth * scale.perMm) / 2
      : top + (outline.widthMm * scale.perMm) / 2;
    return (
      <g key={mark.number}>
        <Circle cx={x} cy={y} r={RADIUS} fill="sheet" stroke="ink" strokeWidth={3} />
        <Text x={x} y={y + 10} fontSize="28px" fontWeight="700" textAnchor="middle" fill="ink">
          {mark.number}
        </Text>
      </g>
    );
  });
}
