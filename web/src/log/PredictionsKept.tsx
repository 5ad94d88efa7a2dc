import { Box, VisuallyHidden } from '@chakra-ui/react';
import { usePhone } from '../form/usePhone';
import { useSettings } from '../settings/settings';
import { Circle, Line, Rect, Text } from '../tape/svg';
import { roughMass } from '../units/units';
import type { Prediction } from '../wire/types';
import { texts } from './texts';

/** At the table, where names stand beside their rows, and on a phone, where they stand above them. */
const TABLE = { width: 560, names: 190, row: 26 };
const PHONE = { width: 350, names: 0, row: 44 };
const TOP = 22;
/** The tape of this picture: weighed as a share of planned. */
const [LEAST, MOST] = [0.6, 1.4];
/** So many have a row of their own; more are drawn as dots on one axis. */
const ROWS = 8;

/** How well the plans of the yarn kept their word: what was weighed, beside what was planned for the same stitches. */
export function PredictionsKept({ predictions }: { predictions: readonly Prediction[] }) {
  const { lengths } = useSettings();
  if (predictions.length === 0) {
    return null;
  }
  const kept = predictions.filter((each) => each.kept).length;
  return (
    <Box>
      <Box as="h2" fontSize="lg">
        {texts.predictionsKept}
      </Box>
      <p>
        {predictions.length === 1
          ? texts.thePairThatWasWeighed(kept)
          : texts.ofPairsTookAsMuch(kept, predictions.length)}
      </p>
      <Box overflowX="auto" mt={2}>
        {predictions.length <= ROWS ? (
          <Rows predictions={predictions} />
        ) : (
          <Dots predictions={predictions} />
        )}
      </Box>
      <Box fontSize="sm" color="quiet">
        {predictions.length <= ROWS ? texts.theBandIsWhatThe : texts.everyDotIsAPair}
      </Box>
      <VisuallyHidden>
        <ul>
          {predictions.map(({ pairId, name, weighedG, plannedG, plusMinusG }) => (
            <li key={pairId}>
              {texts.plannedGiveOrTakeWeighed(
                name,
                roughMass(plannedG, lengths),
                roughMass(plusMinusG, lengths),
                roughMass(weighedG, lengths),
              )}
            </li>
          ))}
        </ul>
      </VisuallyHidden>
    </Box>
  );
}

/** A few pairs, each with its band. */
function Rows({ predictions }: { predictions: readonly Prediction[] }) {
  const { width, names, row } = usePhone() ? PHONE : TABLE;
  const x = (share: number) =>
    names +
    ((Math.min(MOST, Math.max(LEAST, share)) - LEAST) / (MOST - LEAST)) * (width - names - 12);
  const height = TOP + predictions.length * row + 6;
  return (
    <svg viewBox={`0 0 ${width} ${height}`} style={{ width: `min(100%, ${width}px)` }} aria-hidden>
      {[0.8, 1, 1.2].map((share) => (
        <g key={share}>
          <Line
            x1={x(share)}
            x2={x(share)}
            y1={TOP - 4}
            y2={height}
            stroke={share === 1 ? 'ink' : 'line'}
          />
          <Text x={x(share)} y={12} fontSize="12px" textAnchor="middle" fill="quiet">
            {share === 1 ? texts.asPlanned : `${Math.round(share * 100)} %`}
          </Text>
        </g>
      ))}
      {predictions.map(({ pairId, name, weighedG, plannedG, plusMinusG, kept }, i) => {
        const y = TOP + (i + 1) * row - TABLE.row / 2;
        const [from, to] = [1 - plusMinusG / plannedG, 1 + plusMinusG / plannedG];
        return (
          <g key={pairId}>
            <Text x={0} y={y + 4 - (row - TABLE.row)} fontSize="13px" fill="ink">
              {name.length > 26 ? `${name.slice(0, 25)}…` : name}
            </Text>
            <Rect x={x(from)} y={y - 6} width={x(to) - x(from)} height={12} fill="chosenGround" />
            <Dot x={x(weighedG / plannedG)} y={y} kept={kept} radius={5} />
          </g>
        );
      })}
    </svg>
  );
}

/** The dots stand in so many columns from twice the ± under to twice over. */
const COLUMNS = 41;
const OUTER = 2;

/** Many pairs on one axis: in whole bands of what each plan allowed for. */
function Dots({ predictions }: { predictions: readonly Prediction[] }) {
  const { width } = usePhone() ? PHONE : TABLE;
  const x = (bands: number) => width / 2 + (bands / OUTER) * (width / 2 - 16);
  const step = x((2 * OUTER) / (COLUMNS - 1)) - x(0);
  const stacks = new Map<number, Prediction[]>();
  predictions.forEach((each) => {
    const bands = (each.weighedG - each.plannedG) / each.plusMinusG;
    const inside = Math.max(-OUTER, Math.min(OUTER, bands));
    const column = Math.round((inside / OUTER) * ((COLUMNS - 1) / 2));
    stacks.set(column, [...(stacks.get(column) ?? []), each]);
  });
  const highest = Math.max(...[...stacks.values()].map(({ length }) => length));
  const rise = Math.min(step, 200 / highest);
  const floor = TOP + 12 + highest * rise;
  return (
    <svg
      viewBox={`0 0 ${width} ${floor + 8}`}
      style={{ width: `min(100%, ${width}px)` }}
      aria-hidden
    >
      <Rect x={x(-1)} y={TOP} width={x(1) - x(-1)} height={floor - TOP + 6} fill="chosenGround" />
      {[-1, 0, 1].map((bands) => (
        <g key={bands}>
          <Line
            x1={x(bands)}
            x2={x(bands)}
            y1={TOP - 4}
            y2={floor + 6}
            stroke={bands === 0 ? 'ink' : 'line'}
          />
          <Text x={x(bands)} y={12} fontSize="12px" textAnchor="middle" fill="quiet">
            {bands === 0 ? texts.asPlanned : bands < 0 ? '− the ±' : '+ the ±'}
          </Text>
        </g>
      ))}
      {[...stacks].map(([column, pairs]) =>
        pairs.map(({ pairId, kept }, i) => (
          <Dot
            key={pairId}
            x={x((column / ((COLUMNS - 1) / 2)) * OUTER)}
            y={floor - i * rise}
            kept={kept}
            radius={Math.min(5, rise * 0.45 + 1)}
          />
        )),
      )}
    </svg>
  );
}

function Dot({ x, y, kept, radius }: { x: number; y: number; kept: boolean; radius: number }) {
  return (
    <Circle
      cx={x}
      cy={y}
      r={radius}
      fill={kept ? 'ink' : 'sheet'}
      stroke="ink"
      strokeWidth={radius < 3 ? 1 : 2}
    />
  );
}
