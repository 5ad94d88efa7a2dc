import { Box, VisuallyHidden } from '@chakra-ui/react';
import { memo, useState } from 'react';
import type { ShapedPart, Shaping, ShapingRound } from '../wire/types';
import { useSettings } from '../settings/settings';
import { Polygon, Text } from '../tape/svg';
import { valueText } from '../units/units';
import { texts } from './texts';

const ROW = 14;
const BAR_AREA = 210;
const LEFT = 34;
const MIDDLE = LEFT + BAR_AREA / 2;
const WIDTH = LEFT + BAR_AREA + 116;

interface StaircaseProps {
  name: string;
  part: ShapedPart;
  /** Stitches of one side at the pick-up. */
  side: number;
}

/** The rounds of a heel or a toe, one bar a round, as wide as one side has stitches. */
export const Staircase = memo(function Staircase(props: StaircaseProps) {
  const [chosen, setChosen] = useState<number | undefined>();
  const { lengths } = useSettings();
  const { name, part, side } = props;
  const { shaping, worked } = part;
  const list = worked.map(({ round }) => round);
  const height = list.length * ROW + 22;
  const at = chosen === undefined ? undefined : worked[chosen];
  return (
    <Box className="figures">
      <Box as="h3" fontSize="md">
        {name}
      </Box>
      <Box fontSize="sm" color="quiet" mb={1}>
        {`${shaping.school.title}: ${shaping.school.description}`}
      </Box>
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        width="100%"
        style={{ display: 'block', maxWidth: WIDTH }}
        aria-hidden
        onPointerLeave={() => setChosen(undefined)}
      >
        {list.map((round, i) => (
          <Bar
            key={round.number}
            rounds={list}
            at={i}
            side={side}
            chosen={chosen === i}
            onPoint={() => setChosen(i)}
          />
        ))}
        <Text
          x={MIDDLE}
          y={list.length * ROW + 14}
          textAnchor="middle"
          fontSize="13px"
          fontWeight="600"
          fill="ink"
        >
          {endWords(shaping)}
        </Text>
      </svg>
      <Box fontSize="sm" minH="3em" aria-hidden>
        {at
          ? texts.byThenStitchesAnd(
              at.round.kind === 'SHORT_ROW',
              at.round.number,
              at.round.instruction,
              at.round.cumulative,
              valueText(at.cumulativeG, 'GRAMS', lengths),
            )
          : texts.numbersOnTheRightStitches}
      </Box>
      <RoundByRound name={name} rounds={list} />
    </Box>
  );
});

interface RoundByRoundProps {
  name: string;
  rounds: readonly Round[];
}

/** The same for who does not see the bars. */
function RoundByRound({ name, rounds }: RoundByRoundProps) {
  return (
    <VisuallyHidden>
      <table>
        <caption>{texts.roundByRoundTheSame(name)}</caption>
        <tbody>
          {rounds.map((each) => (
            <tr key={each.number}>
              <th scope="row">{texts.round(each.number)}</th>
              <td>{each.instruction}</td>
              <td>{texts.leavesAnd(each.side)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </VisuallyHidden>
  );
}

interface BarProps {
  rounds: readonly Round[];
  /** Which of them it is. */
  at: number;
  side: number;
  chosen: boolean;
  onPoint: () => void;
}

/** One round: its number, a bar from the stitches before it to those after it, and a few words. */
function Bar({ rounds, at, side, chosen, onPoint }: BarProps) {
  const round = rounds[at];
  if (!round) {
    return null;
  }
  const shaped = round.kind !== 'PLAIN';
  const y = at * ROW;
  const wide = (stitches: number) => (stitches / side) * BAR_AREA;
  const lower = wide(round.side);
  const upper = wide(round.side + takenAway(rounds, at));
  const corners = `${MIDDLE - upper / 2},${y} ${MIDDLE + upper / 2},${y} ${MIDDLE + lower / 2},${y + ROW - 2} ${MIDDLE - lower / 2},${y + ROW - 2}`;
  return (
    <g onPointerEnter={onPoint}>
      <rect x={0} y={y} width={WIDTH} height={ROW} fill="transparent" />
      <Text x={LEFT - 8} y={y + 11} textAnchor="end" fontSize="13px" fill="quiet">
        {round.number}
      </Text>
      <Polygon
        points={corners}
        fill={chosen ? 'chosen' : shaped ? 'ink' : 'quiet'}
        opacity={shaped || chosen ? 1 : 0.55}
      />
      <Text x={LEFT + BAR_AREA + 8} y={y + 11} fontSize="13px" fill="ink">
        {rowWords(rounds, at)}
      </Text>
    </g>
  );
}

type Round = ShapingRound['round'];

/** Stitches a side that a round takes away; negative where it adds. */
function takenAway(list: readonly Round[], i: number): number {
  const round = list[i];
  switch (round?.kind) {
    case 'DECREASE':
      return 2;
    case 'INCREASE':
      return -2;
    case 'CORNERS':
      return Math.max(0, (list[i - 1]?.side ?? round.side + 2) - round.side);
    default:
      return 0;
  }
}

/** A round in a few words, beside its bar. */
function rowWords(list: readonly Round[], i: number): string {
  const round = list[i];
  switch (round?.kind) {
    case 'DECREASE':
      return texts.decreaseTo(round.side);
    case 'INCREASE':
      return texts.increaseTo(round.side);
    case 'CORNERS':
      return texts.cornerStsOffTo(round.side);
    case 'SHORT_ROW':
      return texts.turn(round.side);
    case 'PLAIN':
      return i === 0 || list[i - 1]?.side !== round.side ? texts.plain3(round.side) : 'plain';
    case undefined:
      return '';
  }
}

function endWords({ graftLoops, close, closingSide, begun }: Shaping): string {
  if (!graftLoops) {
    return begun ? texts.castOn(closingSide.value) : '';
  }
  const verb = close.id === 'GRAFT' ? 'graft' : 'cinch';
  return `${verb} ${graftLoops.value} + ${graftLoops.value}`;
}
