import { Box, Flex } from '@chakra-ui/react';
import { memo } from 'react';
import type { ReactNode } from 'react';
import type { Figure, Plan } from '../wire/types';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText, plusMinusText } from '../units/units';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface FitPanelProps {
  plan: Plan;
  onWorking: (title: string, figures: readonly Figure[]) => void;
}

/** How the sock sits: ease at ball and leg, room at the heel by its plain rounds, and whether it goes on. */
export const FitPanel = memo(function FitPanel({ plan, onWorking }: FitPanelProps) {
  const { lengths } = useSettings();
  const { fit, stitchCount, tube, heel } = plan;
  const { heelRoom, passing } = fit;
  return (
    <Box className="figures">
      <Box as="h3" fontSize="md">
        {texts.fit}
      </Box>
      <EaseLine at={texts.atTheBall} ease={stitchCount.realEase} onWorking={onWorking}>
        {plan.basis.foot.ballGuessed && texts.theBallIsEstimatedFrom}
      </EaseLine>
      <EaseLine at={texts.atTheCuffsEdge} ease={fit.easeAtLeg} onWorking={onWorking}>
        {fit.legEstimated && texts.theLegIsEstimatedFrom}
      </EaseLine>
      <Line title={texts.theSocksFoot} figure={tube.lengths.foot} onWorking={onWorking}>
        {plusMinusText(tube.lengths.foot.plusMinus, 'MILLIMETRES', lengths)}
      </Line>
      <Line title={texts.stretchToGetOverThe} unit="×" figure={passing.ratio} onWorking={onWorking}>
        {passing.verdict.title}
      </Line>
      <Line
        title={heelRoom.stretch.value < 0 ? texts.slackAtTheHeel : texts.heelStretch}
        figure={heelRoom.stretch}
        shown={{ ...heelRoom.stretch, value: Math.abs(heelRoom.stretch.value) }}
        onWorking={onWorking}
      >
        {limitWords(heelRoom, lengths)}
      </Line>
      <PlainRounds heelRoom={heelRoom} taken={heel.shaping.plainRounds.value} />
    </Box>
  );
});

/** What is comfortable; and that a point more is not noticed, where the heel has that. */
function limitWords({ stretch, limit, over, sits }: HeelRoom, lengths: Lengths): string {
  const most = figureText(limit, lengths);
  return stretch.value > limit.value && over.value <= 0
    ? texts.aPointMoreIsNot(sits.title, most)
    : texts.upToIsComfortable(sits.title, most);
}

type HeelRoom = Plan['fit']['heelRoom'];

interface PlainRoundsProps {
  heelRoom: HeelRoom;
  /** How many the plan has. */
  taken: number;
}

/** How far the heel stretches with each number of plain rounds, and which are enough. */
function PlainRounds({ heelRoom, taken }: PlainRoundsProps) {
  const { lengths } = useSettings();
  const most = Math.max(
    ...heelRoom.options.map(({ stretch }) => stretch.value),
    heelRoom.limit.value,
  );
  const wide = (value: number) => `${Math.max(0, (value / most) * 100)}%`;
  return (
    <>
      {' '}
      <Box fontSize="sm" color="quiet" mt={3}>
        {heelRoom.advisedDo
          ? heelRoom.advised === 0
            ? texts.theHeelFitsEasilyWithout
            : texts.atLeastForAnEasy(rounds(heelRoom.advised))
          : texts.evenWithTheHeelStays(rounds(heelRoom.advised))}
      </Box>
      <Box
        as="table"
        mt={1}
        w="100%"
        fontSize="sm"
        css={{ '& td, & th': { paddingBlock: '1px', textAlign: 'start' } }}
      >
        <caption style={{ textAlign: 'start' }}>{texts.heelStretchByPlainRounds}</caption>
        <tbody>
          {heelRoom.options.map(({ plainRounds, stretch, easy }) => {
            const yours = plainRounds === taken;
            return (
              <tr key={plainRounds}>
                <th scope="row" style={{ width: '4.6em', fontWeight: yours ? 700 : 400 }}>
                  {texts.plain(plainRounds)}
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
                      bg={yours ? 'chosen' : 'line'}
                      borderWidth="1px"
                      borderColor={yours ? 'chosen' : 'quiet'}
                    />
                    <span>{texts.judged(easy, yours)}</span>
                  </Flex>
                </td>
              </tr>
            );
          })}
        </tbody>
      </Box>
    </>
  );
}

const rounds = (number: number) => texts.plain2(number);

/** How much smaller, or larger, the sock is than what it goes around. */
function EaseLine({ at, ease, onWorking, children }: EaseLineProps) {
  const larger = ease.value < 0;
  return (
    <Line
      title={`${larger ? texts.largerThanTheFoot : shared.negativeEase2} ${at}`}
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
