import { Line, Path, Text } from './svg';
import { texts } from './texts';

/** A foot and its leg from the side, toes to the left. */
const FOOT =
  'M131 4 C132 42 139 70 134 94 C128 110 100 120 74 133 C50 143 23 143 16 151 C10 160 14 168 25 169 L176 169 C191 169 197 158 193 146 C189 132 179 122 179 102 C179 70 190 40 190 4';
/** Where the tape lies: its ends, and its name with where that stands. */
const TAPES = [
  { name: texts.ball, from: [64, 137], to: [52, 170], at: [40, 128] },
  { name: texts.heelDiagonal, from: [135, 88], to: [188, 164], at: [72, 98] },
  { name: texts.legAtTheCuff, from: [132, 24], to: [189, 24], at: [80, 29] },
] as const;

/** Where the tape is laid around the foot and the leg: at the ball, over heel and ankle, and at the cuff’s edge. */
export function WhereToMeasure() {
  return (
    <svg
      viewBox="0 0 214 204"
      width="100%"
      style={{ display: 'block', maxWidth: 250 }}
      role="img"
      aria-label={texts.whereTheTapeGoes}
    >
      <Path d={FOOT} fill="fabric" stroke="ink" strokeWidth="1.4" />
      {TAPES.map(({ name, from: [x1, y1], to: [x2, y2], at: [x, y] }) => (
        <g key={name}>
          {(['ink', 'tape'] as const).map((stroke) => (
            <Line
              key={stroke}
              {...{ x1, y1, x2, y2, stroke }}
              strokeWidth={stroke === 'ink' ? 9.5 : 7.5}
            />
          ))}
          <Text x={x} y={y} fontSize="12.5" fill="ink" textAnchor="middle">
            {name}
          </Text>
        </g>
      ))}
      <Line x1={13} x2={195} y1={180} y2={180} stroke="tape" strokeWidth="7.5" />
      {[13, 195].map((x) => (
        <Line key={x} x1={x} x2={x} y1={172} y2={186} stroke="ink" strokeWidth="1.4" />
      ))}
      <Text x={104} y={195} fontSize="12.5" fill="ink" textAnchor="middle">
        {texts.footLength}
      </Text>
    </svg>
  );
}
