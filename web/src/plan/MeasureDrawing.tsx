import { BareFoot } from '../tape/FootOutline';
import { Line, Path, Rect } from '../tape/svg';

/** How each of the three measurements is taken. */
export type What = 'length' | 'girth' | 'swatch';

/** A small drawing of one measurement: the tape is where it is laid. */
export function MeasureDrawing({ what }: { what: What }) {
  return (
    <svg viewBox="0 0 200 92" width="100%" style={{ display: 'block', maxWidth: 260 }} aria-hidden>
      {what === 'swatch' ? <Swatch /> : <FootFromBelow what={what} />}
    </svg>
  );
}

function FootFromBelow({ what }: { what: What }) {
  return (
    // Toes to the left, as on the tape.
    <g transform="translate(200 0) scale(-1 1)">
      <BareFoot fill="fabric" stroke="ink" strokeWidth="1.25" />
      {what === 'length' ? (
        <g>
          <Rect x={20} y={78} width={157} height={9} fill="tape" />
          {[20, 177].map((x) => (
            <Line key={x} x1={x} x2={x} y1={42} y2={90} stroke="ink" strokeWidth="1.25" />
          ))}
        </g>
      ) : (
        <g>
          <Path d="M134 12 L144 12 L147 74 L137 74Z" fill="tape" />
          <Path d="M134 12 L137 74 M144 12 L147 74" stroke="ink" strokeWidth="0.8" fill="none" />
        </g>
      )}
    </g>
  );
}

function Swatch() {
  const rows = [0, 1, 2, 3, 4];
  const columns = Array.from({ length: 11 }, (_, i) => i);
  return (
    <g>
      <Rect x={22} y={8} width={156} height={66} fill="fabric" stroke="ink" strokeWidth="1.25" />
      {rows.flatMap((row) =>
        columns.map((column) => (
          <Path
            key={`${row}-${column}`}
            d={`M${34 + column * 12} ${16 + row * 11} l4 8 l4 -8`}
            stroke="quiet"
            strokeWidth="1.4"
            fill="none"
          />
        )),
      )}
      <Rect x={34} y={78} width={128} height={9} fill="tape" />
      {[34, 162].map((x) => (
        <Line key={x} x1={x} x2={x} y1={14} y2={90} stroke="ink" strokeWidth="1.25" />
      ))}
    </g>
  );
}
