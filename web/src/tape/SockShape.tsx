import { useId, type ReactNode } from 'react';
import type { Outline } from '../wire/types';
import { points, type Scale } from './scale';
import { Line, Polygon, Rect } from './svg';

interface ShapeProps {
  outline: Outline;
  scale: Scale;
  /** Pixel of the upper edge of the tube. */
  top: number;
  /** Colour of the yarn. */
  colour?: string;
  /** How strong the colour is, from 0 to 1; pale where nothing is knitted yet. */
  strength?: number;
  /** Its stripes, drawn already, in place of the one colour. */
  stripes?: ReactNode;
}

/** Strength of the yarn's colour where nothing is knitted yet. */
const PALE = 0.22;

/** Toe, foot, leg and cuff, sole up, toe at the left. */
export function TubeShape({ outline, scale, top, colour, strength = PALE, stripes }: ShapeProps) {
  const clip = useId();
  const height = outline.widthMm * scale.perMm;
  const middle = top + height / 2;
  const toeBase = outline.spans[0]?.toMm ?? 0;
  const cuff = outline.spans[3];
  const edge = outline.toe.map(
    ({ depthMm, widthMm }) => [scale.x(toeBase - depthMm), (widthMm * scale.perMm) / 2] as const,
  );
  const toe = [
    ...edge.map(([x, half]) => [x, middle - half] as const),
    ...edge.toReversed().map(([x, half]) => [x, middle + half] as const),
  ];
  const right = scale.x(outline.lengthMm);
  return (
    <g>
      <Polygon points={points(toe)} fill="fabric" />
      <Rect
        x={scale.x(toeBase)}
        y={top}
        width={right - scale.x(toeBase)}
        height={height}
        fill="fabric"
      />
      {stripes && (
        <>
          <clipPath id={clip}>
            <polygon points={points(toe)} />
            <rect x={scale.x(toeBase)} y={top} width={right - scale.x(toeBase)} height={height} />
          </clipPath>
          <g clipPath={`url(#${clip})`}>{stripes}</g>
        </>
      )}
      {!stripes && colour && (
        <g fill={colour} opacity={strength}>
          <polygon points={points(toe)} />
          <rect x={scale.x(toeBase)} y={top} width={right - scale.x(toeBase)} height={height} />
        </g>
      )}
      <Polygon
        points={points(toe)}
        fill="none"
        stroke="ink"
        strokeWidth="1.25"
        strokeLinejoin="round"
      />
      <Rect
        x={scale.x(toeBase)}
        y={top}
        width={right - scale.x(toeBase)}
        height={height}
        fill="none"
        stroke="ink"
        strokeWidth="1.25"
      />
      {cuff && <Ribs from={scale.x(cuff.fromMm)} to={right} top={top} height={height} />}
    </g>
  );
}

function Ribs({
  from,
  to,
  top,
  height,
}: {
  from: number;
  to: number;
  top: number;
  height: number;
}) {
  const number = 12;
  return (
    <g>
      <Line x1={from} x2={from} y1={top} y2={top + height} stroke="ink" strokeWidth="1" />
      {Array.from({ length: number - 1 }, (_, i) => top + ((i + 1) * height) / number).map((y) => (
        <Line
          key={y}
          x1={from}
          x2={to}
          y1={y}
          y2={y}
          stroke="ink"
          strokeWidth="0.75"
          opacity={0.35}
        />
      ))}
    </g>
  );
}

/** The heel cup, laid flat: its mouth above, its graft below, centred under the opening. */
export function PocketShape({ outline, scale, top, colour, strength = PALE, stripes }: ShapeProps) {
  const clip = useId();
  const centre = scale.x(outline.openingMm);
  const edge = outline.heel.map(
    ({ depthMm, widthMm }) => [(widthMm * scale.perMm) / 2, top + depthMm * scale.perMm] as const,
  );
  const shape = points([
    ...edge.map(([half, y]) => [centre - half, y] as const),
    ...edge.toReversed().map(([half, y]) => [centre + half, y] as const),
  ]);
  return (
    <g>
      <Polygon points={shape} fill="fabric" />
      {stripes && (
        <>
          <clipPath id={clip}>
            <polygon points={shape} />
          </clipPath>
          <g clipPath={`url(#${clip})`}>{stripes}</g>
        </>
      )}
      {!stripes && colour && <polygon points={shape} fill={colour} opacity={strength} />}
      <Polygon points={shape} fill="none" stroke="ink" strokeWidth="1.25" strokeLinejoin="round" />
      <Line
        x1={centre - (edge[0]?.[0] ?? 0)}
        x2={centre + (edge[0]?.[0] ?? 0)}
        y1={top}
        y2={top}
        stroke="live"
        strokeWidth="2.5"
      />
    </g>
  );
}

/** The line of the opening across the sole, a corner mark at either end. */
export function OpeningLine({ outline, scale, top }: ShapeProps) {
  const x = scale.x(outline.openingMm);
  const bottom = top + outline.widthMm * scale.perMm;
  return (
    <g>
      <Line
        x1={x}
        x2={x}
        y1={top}
        y2={bottom}
        stroke="live"
        strokeWidth="2.5"
        strokeDasharray="7 4"
      />
      {[top, bottom].map((y) => (
        <Line key={y} x1={x - 5} x2={x + 5} y1={y} y2={y} stroke="live" strokeWidth="2.5" />
      ))}
    </g>
  );
}
