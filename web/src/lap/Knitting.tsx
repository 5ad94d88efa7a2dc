import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Lap } from '../wire/types';
import { AllDone } from './AllDone';
import { BandLine } from './BandLine';
import { Beside } from './Beside';
import { CountBoth } from './CountBoth';
import { LegEndsSooner, MeasureNow, SideBySide } from './Hints';
import { Places } from './JumpTo';
import { PedalElsewhere } from './PedalElsewhere';
import { PlanMoved, TakeStartBack } from './PlanMoved';
import { PressArea } from './PressArea';
import { ProgressTape } from './ProgressTape';
import { SCREEN } from './screen';
import { useSettings } from '../settings/settings';
import { SockTabs } from './SockTabs';
import { Anew, Hearing, Next } from './Told';
import { NeedlesNow } from './NeedlesNow';
import { needlesThen } from './place';
import { OneHand, ThumbKeys } from './ThumbKeys';
import { Twice } from './Twice';
import { Underneath } from './Underneath';
import { texts } from './texts';
import { Went } from './Went';
import { useKnitting, WHICH, type Knit } from './useKnitting';

/** One instruction, one count, one thing to press; and what comes next. */
export function Knitting({ lap }: { lap: Lap }) {
  const { thumb } = useSettings();
  const knit = useKnitting(lap);
  const { work, place, position, sock, queue, canUndo, undo, redo, jump } = knit;
  const next = work.steps[(place?.index ?? work.steps.length) + 1];
  const coming = <Next place={place} title={next?.title} lap={lap} sock={sock} queue={queue} />;
  if (thumb !== 'either') {
    return <ForOneHand knit={knit} thumb={thumb} coming={coming} />;
  }
  return (
    <Flex direction="column" minH={SCREEN} gap={2}>
      <Above knit={knit} quiet={false} />
      <Pressed knit={knit} narrow={false} />
      <Heard knit={knit} />
      <Underneath
        pairId={lap.pairId}
        work={work}
        position={position}
        canUndo={canUndo}
        onUndo={undo}
        onRedo={redo}
        onJump={jump}
        next={coming}
      />
      <Beside lap={lap} sock={sock} queue={queue} />
      <Below knit={knit} />
    </Flex>
  );
}

interface ForOneHandProps {
  knit: Knit;
  thumb: 'left' | 'right';
  coming: ReactNode;
}

function ForOneHand({ knit, thumb, coming }: ForOneHandProps) {
  const { lap, work, position, sock, queue, canUndo, undo, redo, jump, told, turned, turnWords } =
    knit;
  return (
    <OneHand
      thumb={thumb}
      above={
        <>
          <Above knit={knit} quiet />
          {coming}
          <Heard knit={knit} />
        </>
      }
      press={<Pressed knit={knit} narrow />}
      keys={
        <ThumbKeys
          lap={lap}
          sock={sock}
          queue={queue}
          canUndo={canUndo}
          onUndo={undo}
          onRedo={redo}
          onColour={work.colours ? () => told.note() : undefined}
          turn={{ to: turnWords, onTurn: turned }}
          places={(close) => (
            <Places
              work={work}
              position={position}
              onJump={(to) => {
                close();
                jump(to);
              }}
            />
          )}
        />
      }
      below={<Below knit={knit} />}
    />
  );
}

/** Whose sock it is, how far it is, and what is to be known before the next press. */
function Above({ knit, quiet }: { knit: Knit; quiet: boolean }) {
  const { lap, works, work, positions, position, chosen, sock, other, queue, told } = knit;
  return (
    <>
      <title>{texts.sockRoundPocket(lap.name, sock)}</title>
      <Flex align="center" gap={3} wrap="wrap">
        <Box as="h1" fontSize="lg" flex="1 1 10rem" minW={0} truncate>
          {lap.name}
        </Box>
        <SockTabs
          works={works}
          positions={positions}
          chosen={chosen}
          together={knit.together}
          onChoose={knit.turnTo}
        />
      </Flex>
      <ProgressTape work={work} position={position} />
      <BandLine
        work={work}
        sock={sock}
        position={position}
        queue={queue}
        windOff={sock === 2 ? lap.windOff : undefined}
        told={told}
        quiet={quiet}
      />
      <MeasureNow work={work} position={position} />
      <LegEndsSooner lap={lap} work={work} />
      <SideBySide
        lap={lap}
        work={work}
        position={position}
        other={positions[(other - 1) as 0 | 1]}
        which={other}
        onTurn={() => knit.turnTo(other)}
      />
    </>
  );
}

/** What is pressed, and in its corner which way the last press went. */
function Pressed({ knit, narrow }: { knit: Knit; narrow: boolean }) {
  return (
    <Flex direction="column" flex="1" position="relative">
      <Here knit={knit} narrow={narrow} />
      <Went key={knit.sock} position={knit.position} place={knit.place} />
      {knit.twice.asked && (
        <Twice
          onOne={() => {
            knit.twice.settled();
            knit.undo();
          }}
          onTwo={knit.twice.settled}
        />
      )}
      {knit.place && <NeedlesNow place={knit.place} then={needlesThen(knit.work, knit.place)} />}
    </Flex>
  );
}

/** What is done here: a count of both needles, a press, or nothing more. */
function Here({ knit, narrow }: { knit: Knit; narrow: boolean }) {
  const { lap, works, work, positions, place, sock, other, together, queue, done } = knit;
  if (!place) {
    return (
      <AllDone
        sock={sock}
        other={positions[(other - 1) as 0 | 1] === works[(other - 1) as 0 | 1].presses}
        windOff={lap.windOff}
        onOther={() => knit.turnTo(other)}
      />
    );
  }
  const whose = together ? WHICH[sock] : undefined;
  return place.step.doing === 'CHECK' && place.step.expected !== undefined ? (
    <CountBoth
      key={`${sock} ${place.step.id}`}
      step={place.step}
      whose={whose}
      expected={place.step.expected}
      onRight={() => done()}
    />
  ) : (
    <PressArea
      place={place}
      pace={queue.socks[sock - 1]?.roundsPerHour}
      pattern={work.pattern}
      narrow={narrow}
      whose={together && knit.bothNow ? texts.bothSocks : whose}
      onDone={() => done()}
    />
  );
}

function Heard({ knit }: { knit: Knit }) {
  const { lap, queue, told, pedalElsewhere } = knit;
  return (
    <>
      {pedalElsewhere && <PedalElsewhere pairId={lap.pairId} />}
      <Hearing queue={queue} told={told.refused} />
    </>
  );
}

function Below({ knit: { lap, work, sock, queue, untouched } }: { knit: Knit }) {
  return (
    <>
      <Anew work={work} />
      {lap.planChanged && <PlanMoved lap={lap} sock={sock} queue={queue} />}
      {lap.earlierRules && (
        <Box fontSize="sm" color="quiet">
          {texts.youStartedThisPairWith}
        </Box>
      )}
      {untouched && <TakeStartBack id={lap.pairId} />}
    </>
  );
}
