import { Box } from '@chakra-ui/react';
import type { Figure, Plan } from '../wire/types';
import { useSettings } from '../settings/settings';
import { figureText, fixed, plusMinusText, valueText } from '../units/units';
import { Line } from './FitPanel';

interface YarnVerdictProps {
  plan: Plan;
  onWorking: (title: string, figures: readonly Figure[]) => void;
}

/** Whether the yarn will do, in words; when to stop the leg, how far it may go, what to put by. */
export function YarnVerdict({ plan, onWorking }: YarnVerdictProps) {
  const { lengths } = useSettings();
  const { yarn } = plan;
  const longest = plan.pattern?.longest;
  return (
    <Box mt={3} className="figures">
      {yarn.roles.map(({ role, pairGrams, left, afterTwoPairs }) => (
        <Box key={role.id}>
          <Line
            title={`${capital(role.title)} for the pair`}
            figure={pairGrams}
            onWorking={onWorking}
          >
            {left
              ? `you have ${figureText(left.atHand, lengths)}: ${left.enough.title}, ${left.enough.description}`
              : 'you haven’t weighed your yarn'}
          </Line>
          {left && (
            <Line
              title={left.left.value < 0 ? 'Short' : 'Left over'}
              figure={{ ...left.left, value: Math.abs(left.left.value) }}
              onWorking={(heading) => onWorking(heading, [left.left])}
            >
              {`${plusMinusText(left.left.plusMinus, 'GRAMS', lengths)}${afterTwoPairs ? `; two such pairs: ${afterTwoPairs.enough.title}` : ''}`}
            </Line>
          )}
        </Box>
      ))}
      {yarn.leg && (
        <>
          <Line
            title="Start the cuff when the yarn weighs"
            figure={yarn.leg.stopWeight}
            onWorking={onWorking}
          >
            {`for each sock you have ${figureText(yarn.leg.cake, lengths)}, half of the yarn`}
          </Line>
          {yarn.leg.longestRounds.value > 0 && (
            <Line
              title="Longest leg you can knit"
              figure={yarn.leg.longestLeg}
              onWorking={onWorking}
            >
              {`${figureText(yarn.leg.longestRounds, lengths)} from the heel line to the cuff${longest ? `, or ${figureText(longest, lengths)} to the end of a repeat` : ''}`}
            </Line>
          )}
        </>
      )}
      <Line title="Set aside for both heels" figure={yarn.heelReserve} onWorking={onWorking}>
        {`tails included, enough 19 times in 20`}
      </Line>
      <Box fontSize="sm" color="quiet" mt={2}>
        {`${yarn.factor.value === 1 ? 'Until you weigh some yarn, grams can be off by about 20 %.' : `Weighing gave the factor ${valueText(yarn.factor.value, 'NUMBER', lengths)}.`} One stitch takes ${fixed(yarn.loopLength.value, 1)} mm of yarn.`}
      </Box>
    </Box>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
