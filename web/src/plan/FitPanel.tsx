import { Box, Flex } from '@chakra-ui/react';
import { memo } from 'react';
import type { ReactNode } from 'react';
import type { Figure, Plan } from '../wire/types';
import { useSettings } from '../settings/settings';
import { figureText, plusMinusText } from '../units/units';
import { Press } from '../form/Press';

interface FitPanelProps {
  plan: Plan;
  onWorking: (title: string, figures: readonly Figure[]) => void;
}

/** How the sock sits: ease at ball and leg, room at the heel by its plain rounds, and whether it goes on. */
export const FitPanel = memo(function FitPanel({ plan, onWorking }: FitPanelProps) {
  const { lengths } = useSettings();
  const { fit, stitchCount, tube, heel } = plan;
  const { heelRoom, passing } = fit;
  const most = Math.max(
    ...heelRoom.options.map(({ stretch }) => stretch.value),
    heelRoom.limit.value,
  );
  const wide = (value: number) => `${Math.max(0, (value / most) * 100)}%`;
  return (
    <Box className="figures">
      <Box as="h3" fontSize="md">
        Fit
      </Box>
      <EaseLine at="at the ball" ease={stitchCount.realEase} onWorking={onWorking}>
        {plan.basis.foot.ballGuessed && 'The ball is estimated from the foot length; measure it.'}
      </EaseLine>
      <EaseLine at="at the cuff’s edge" ease={fit.easeAtLeg} onWorking={onWorking}>
        {fit.legEstimated && 'The leg is estimated from the ball; measure it.'}
      </EaseLine>
      <Line title="The sock’s foot" figure={tube.lengths.foot} onWorking={onWorking}>
        {plusMinusText(tube.lengths.foot.plusMinus, 'MILLIMETRES', lengths)}
      </Line>
      <Line
        title="Stretch to get over the heel"
        unit="×"
        figure={passing.ratio}
        onWorking={onWorking}
      >
        {passing.verdict.title}
      </Line>
      <Line
        title={heelRoom.stretch.value < 0 ? 'Slack at the heel' : 'Heel stretch'}
        figure={heelRoom.stretch}
        shown={{ ...heelRoom.stretch, value: Math.abs(heelRoom.stretch.value) }}
        onWorking={onWorking}
      >
        {`${heelRoom.sits.title}; up to ${figureText(heelRoom.limit, lengths)} is comfortable`}
      </Line>
      <Box fontSize="sm" color="quiet" mt={3}>
        {heelRoom.advisedDo
          ? heelRoom.advised === 0
            ? 'The heel fits easily without plain rounds.'
            : `At least ${rounds(heelRoom.advised)} for an easy fit.`
          : `Even with ${rounds(heelRoom.advised)} the heel stays tight.`}
      </Box>
      <Box
        as="table"
        mt={1}
        w="100%"
        fontSize="sm"
        css={{ '& td, & th': { paddingBlock: '1px', textAlign: 'start' } }}
      >
        <caption style={{ textAlign: 'start' }}>Heel stretch by plain rounds</caption>
        <tbody>
          {heelRoom.options.map(({ plainRounds, stretch, easy }) => {
            const taken = plainRounds === heel.shaping.plainRounds.value;
            return (
              <tr key={plainRounds}>
                <th scope="row" style={{ width: '4.6em', fontWeight: taken ? 700 : 400 }}>
                  {`${plainRounds} plain`}
                </th>
                <Box as="td" w="3.6em">
                  {stretch.value < 0 ? 'slack' : figureText(stretch, lengths)}
                </Box>
                <td>
                  <Flex align="center" gap={2}>
                    <Box
                      h="9px"
                      w={wide(stretch.value)}
                      maxW="70%"
                      bg={taken ? 'chosen' : 'line'}
                      borderWidth="1px"
                      borderColor={taken ? 'chosen' : 'quiet'}
                    />
                    <span>
                      {[easy ? 'easy' : '', taken ? 'yours' : ''].filter(Boolean).join(', ')}
                    </span>
                  </Flex>
                </td>
              </tr>
            );
          })}
        </tbody>
      </Box>
    </Box>
  );
});

const rounds = (number: number) => `${number} plain ${number === 1 ? 'round' : 'rounds'}`;

/** How much smaller, or larger, the sock is than what it goes around. */
function EaseLine({ at, ease, onWorking, children }: EaseLineProps) {
  const larger = ease.value < 0;
  return (
    <Line
      title={`${larger ? 'Larger than the foot' : 'Negative ease'} ${at}`}
      figure={ease}
      shown={{ ...ease, value: Math.abs(ease.value) }}
      onWorking={onWorking}
    >
      {children}
    </Line>
  );
}

interface EaseLineProps extends Pick<LineProps, 'onWorking' | 'children'> {
  at: string;
  ease: Figure;
}

interface LineProps {
  title: string;
  figure: Figure;
  /** What is shown of it, where its sign is told in the title. */
  shown?: Figure;
  /** What stands close behind the number, where its own unit is none. */
  unit?: string;
  onWorking: (title: string, figures: readonly Figure[]) => void;
  children?: ReactNode;
}

/** One figure with its name; a press opens its working. */
export function Line({ title, figure, shown, unit = '', onWorking, children }: LineProps) {
  const { lengths } = useSettings();
  return (
    <Press
      look="row"
      onClick={() => onWorking(title, [figure])}
      py="3px"
      borderBottomWidth="1px"
      borderColor="line"
      _hover={{ bg: 'chosenGround' }}
    >
      <Flex gap={2} align="baseline">
        <Box flex="1" fontSize="sm">
          {title}
        </Box>
        <Box fontWeight="700">{`${figureText(shown ?? figure, lengths)}${unit}`}</Box>
      </Flex>
      {children && (
        <Box fontSize="xs" color="quiet">
          {children}
        </Box>
      )}
    </Press>
  );
}
