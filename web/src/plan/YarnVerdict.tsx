import { Box } from '@chakra-ui/react';
import type { Figure, Plan } from '../wire/types';
import { useSettings } from '../settings/settings';
import { figureText, plusMinusText, smallLengthText, valueText } from '../units/units';
import { Line } from './FitPanel';
import { capital } from '../texts/capital';
import { texts } from './texts';

interface YarnVerdictProps {
  plan: Plan;
  onWorking: (title: string, figures: readonly Figure[]) => void;
}

/** Whether the yarn will do, in words; when to stop the leg, how far it may go, what to put by. */
export function YarnVerdict({ plan, onWorking }: YarnVerdictProps) {
  const { lengths } = useSettings();
  const { yarn } = plan;
  return (
    <Box mt={3} className="figures">
      {yarn.roles.map(({ role, pairGrams, left, afterTwoPairs }) => (
        <Box key={role.id}>
          <Line
            title={texts.forThePair(capital(role.title))}
            figure={pairGrams}
            onWorking={onWorking}
          >
            {left
              ? texts.youHave(
                  figureText(left.atHand, lengths),
                  left.enough.title,
                  left.enough.description,
                )
              : texts.youHaventWeighedYourYarn}
          </Line>
          {left && (
            <Line
              title={left.left.value < 0 ? texts.short : texts.leftOver}
              figure={{ ...left.left, value: Math.abs(left.left.value) }}
              onWorking={(heading) => onWorking(heading, [left.left])}
            >
              {`${plusMinusText(left.left.plusMinus, 'GRAMS', lengths)}${afterTwoPairs ? texts.twoSuchPairs(afterTwoPairs.enough.title) : ''}`}
            </Line>
          )}
        </Box>
      ))}
      {yarn.leg && (
        <Leg
          leg={yarn.leg}
          longest={plan.pattern?.longest}
          cuffDown={plan.tube.way.id === 'CUFF_DOWN'}
          onWorking={onWorking}
        />
      )}
      <Line title={texts.setAsideForBothHeels} figure={yarn.heelReserve} onWorking={onWorking}>
        {texts.tailsIncludedEnough19Times}
      </Line>
      <Box fontSize="sm" color="quiet" mt={2}>
        {texts.oneStitchTakes(
          yarn.factor.value,
          valueText(yarn.factor.value, 'NUMBER', lengths),
          smallLengthText(yarn.loopLength.value, lengths),
        )}
      </Box>
    </Box>
  );
}

interface LegProps extends Pick<YarnVerdictProps, 'onWorking'> {
  leg: NonNullable<Plan['yarn']['leg']>;
  /** The longest that ends with a repeat of the pattern, where there is one. */
  longest: Figure | undefined;
  /** Whether the heel line comes after the leg, and not the cuff. */
  cuffDown: boolean;
}

/** When to stop the leg, and how far it may go. */
function Leg({ leg, longest, cuffDown, onWorking }: LegProps) {
  const { lengths } = useSettings();
  return (
    <>
      <Line title={texts.stopTheLegAt(cuffDown)} figure={leg.stopWeight} onWorking={onWorking}>
        {texts.forEachSockYouHave(figureText(leg.cake, lengths))}
      </Line>
      {leg.longestRounds.value > 0 && (
        <Line title={texts.longestLegYouCanKnit} figure={leg.longestLeg} onWorking={onWorking}>
          {texts.fromTheHeelLineTo(
            figureText(leg.longestRounds, lengths),
            longest && figureText(longest, lengths),
          )}
        </Line>
      )}
    </>
  );
}
