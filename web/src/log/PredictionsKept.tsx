import { Box, VisuallyHidden } from '@chakra-ui/react';
import { useSettings } from '../settings/settings';
import { Circle, Line, Rect, Text } from '../tape/svg';
import { roughMass } from '../units/units';
import type { LogEntry } from '../wire/types';

const WIDTH = 560;
const NAMES = 190;
const ROW = 26;
const TOP = 22;
/** The tape of this picture: weighed as a share of planned. */
const [LEAST, MOST] = [0.6, 1.4];

/** How well the plans of the yarn kept their word: what was weighed, beside what was planned for the same stitches. */
export function PredictionsKept({ entries }: { entries: readonly LogEntry[] }) {
  const { lengths } = useSettings();
  const weighed = entries.flatMap(
    ({ pairId, name, usedG, usedPlannedG, usedPlusMinusG, predictionKept }) =>
      usedG !== undefined && usedPlannedG && usedPlusMinusG !== undefined
        ? [
            {
              pairId,
              name,
              usedG,
              planned: usedPlannedG,
              plusMinus: usedPlusMinusG,
              kept: predictionKept,
            },
          ]
        : [],
  );
  if (weighed.length === 0) {
    return null;
  }
  const kept = weighed.filter((each) => each.kept).length;
  const x = (share: number) =>
    NAMES +
    ((Math.min(MOST, Math.max(LEAST, share)) - LEAST) / (MOST - LEAST)) * (WIDTH - NAMES - 12);
  const height = TOP + weighed.length * ROW + 6;
  return (
    <Box as="section" bg="sheet" borderWidth="1px" borderColor="line" p={{ base: 3, md: 4 }} mb={4}>
      <Box as="h2" fontSize="lg">
        Predictions kept
      </Box>
      <p>
        {weighed.length === 1
          ? `The pair that was weighed took ${kept ? 'as much yarn as planned, within the ± that was said' : 'more or less yarn than the ± allowed for'}.`
          : `${kept} of ${weighed.length} pairs took as much yarn as planned, within the ± that was said.`}
      </p>
      <Box overflowX="auto" mt={2}>
        <svg viewBox={`0 0 ${WIDTH} ${height}`} style={{ width: 'min(100%, 560px)' }} aria-hidden>
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
                {share === 1 ? 'as planned' : `${Math.round(share * 100)} %`}
              </Text>
            </g>
          ))}
          {weighed.map(({ pairId, name, usedG, planned, plusMinus, kept: inside }, i) => {
            const y = TOP + i * ROW + ROW / 2;
            const [from, to] = [1 - plusMinus / planned, 1 + plusMinus / planned];
            return (
              <g key={pairId}>
                <Text x={0} y={y + 4} fontSize="13px" fill="ink">
                  {name.length > 26 ? `${name.slice(0, 25)}…` : name}
                </Text>
                <Rect
                  x={x(from)}
                  y={y - 6}
                  width={x(to) - x(from)}
                  height={12}
                  fill="chosenGround"
                />
                <Circle
                  cx={x(usedG / planned)}
                  cy={y}
                  r={5}
                  fill={inside ? 'ink' : 'sheet'}
                  stroke="ink"
                  strokeWidth="2"
                />
              </g>
            );
          })}
        </svg>
      </Box>
      <Box fontSize="sm" color="quiet">
        The band is what the plan allowed for; the dot is what was weighed, open where it lies
        outside.
      </Box>
      <VisuallyHidden>
        <ul>
          {weighed.map(({ pairId, name, usedG, planned, plusMinus }) => (
            <li key={pairId}>
              {`${name}: ${roughMass(planned, lengths)} planned, give or take ${roughMass(plusMinus, lengths)}; ${roughMass(usedG, lengths)} weighed.`}
            </li>
          ))}
        </ul>
      </VisuallyHidden>
    </Box>
  );
}
