import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Lap, Work } from '../wire/types';
import { useStream } from '../devices/useStream';
import { AllDone } from './AllDone';
import { BandLine, useColours } from './BandLine';
import { Beside } from './Beside';
import { CountBoth } from './CountBoth';
import { LegEndsSooner, MeasureNow, SideBySide } from './Hints';
import { Places } from './JumpTo';
import { PedalElsewhere, type PedalTold } from './PedalElsewhere';
import { pairState, turnOf } from './pair';
import { placeAt } from './place';
import { PlanMoved, TakeStartBack } from './PlanMoved';
import { PressArea } from './PressArea';
import { ProgressTape } from './ProgressTape';
import { useQueue } from './queue';
import { useSettings } from '../settings/settings';
import { signal, useSignals } from './signals';
import { SockTabs } from './SockTabs';
import { Anew, Hearing, Next } from './Told';
import { OneHand, ThumbKeys } from './ThumbKeys';
import { Underneath } from './Underneath';
import { useKeymap } from '../form/keymap';
import { useWakeLock } from './useWakeLock';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** One instruction, one count, one thing to press; and what comes next. */
export function Knitting({ lap }: { lap: Lap }) {
  const queue = useQueue(lap.pairId, lap, lap.revision);
  const [search, setSearch] = useSearchParams();
  const together = lap.order === 'TWO_AT_A_TIME';
  // Kept here too: the address follows a moment later, and a key may come before it.
  const [shown, setShown] = useState<0 | 1 | 2>(shownFirst(search.get('sock'), together));
  const [order, setOrder] = useState(lap.order);
  if (order !== lap.order) {
    setOrder(lap.order);
    setShown(together ? 0 : shown === 2 ? 2 : 1);
  }
  const turnTo = (next: 0 | 1 | 2) => {
    setShown(next);
    setSearch(next === 0 ? {} : { sock: String(next) }, { replace: true });
  };
  useWakeLock();
  const { thumb } = useSettings();
  const works = lap.works as [Work, Work];
  const pair = pairState(
    queue.socks,
    queue.pressed,
    queue.waiting,
    works.map(({ presses }) => presses),
  );
  const states = pair.socks;
  const positions = [states[0].position, states[1].position] as const;
  const chosen = shown === 0 && !together ? 1 : shown;
  const turn = chosen === 0 ? turnOf(works, positions) : { sock: chosen, both: false };
  const { sock } = turn;
  const { position } = states[(sock - 1) as 0 | 1];
  const canUndo = chosen === 0 ? pair.pressed.length > 0 : states[(sock - 1) as 0 | 1].canUndo;
  const both = turn.both && { both: true as const };
  const work = works[(sock - 1) as 0 | 1];
  const untouched =
    queue.waiting.length === 0 &&
    lap.notes.length + lap.weighings.length === 0 &&
    works.every(({ differences }) => differences.length === 0) &&
    states.every((each) => each.position === 0 && !each.canUndo);
  const place = placeAt(work, position);
  const done = (id?: string) => {
    if (place) {
      signal(place.done + 1 === place.step.number || (place.done + 1) % 10 === 0);
      void queue.press({ sock, kind: 'DONE', ...both }, id);
    }
  };
  const undo = () =>
    canUndo &&
    void queue.press({ sock, kind: 'UNDONE', ...(chosen === 0 && { both: true as const }) });
  const other = sock === 1 ? 2 : 1;
  const byHand = place?.step.forGood === true || place?.step.doing === 'CHECK';
  const told = useColours(queue, sock);
  useKeymap({
    ...(!byHand && { done: () => done() }),
    takeBack: undo,
    turn: () => turnTo(together ? NEXT[chosen] : other),
    ...(work.colours && { colour: () => told.note() }),
  });
  const { pedal } = useSignals();
  const [pedalOn, setPedalOn] = useState<string | undefined>(lap.pairId);
  useStream<PedalTold>(`/api/devices/pedal?pair=${lap.pairId}`, pedal, ({ id, pair }) => {
    setPedalOn(pair);
    if (id && pair === lap.pairId && !byHand) {
      done(id);
    }
  });
  const next = work.steps[(place?.index ?? work.steps.length) + 1];
  const jump = (to: number) =>
    void queue.press({
      sock,
      kind: 'JUMPED',
      to,
      // Where both socks are alike, both are at the other place.
      ...(chosen === 0 && positions[0] === positions[1] && { both: true as const }),
    });
  const coming = <Next place={place} title={next?.title} lap={lap} sock={sock} queue={queue} />;
  const above = (
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
          together={together}
          onChoose={turnTo}
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
        quiet={thumb !== 'either'}
      />
      <MeasureNow work={work} position={position} />
      <LegEndsSooner lap={lap} work={work} />
      <SideBySide
        lap={lap}
        work={work}
        position={position}
        other={positions[(other - 1) as 0 | 1]}
        which={other}
        onTurn={() => turnTo(other)}
      />
    </>
  );
  const press = place ? (
    place.step.doing === 'CHECK' && place.step.expected !== undefined ? (
      <CountBoth
        key={`${sock} ${place.step.id}`}
        step={place.step}
        whose={together ? WHICH[sock] : undefined}
        expected={place.step.expected}
        onRight={() => done()}
      />
    ) : (
      <PressArea
        place={place}
        pace={queue.socks[sock - 1]?.roundsPerHour}
        pattern={work.pattern}
        narrow={thumb !== 'either'}
        whose={together ? (turn.both ? texts.bothSocks : WHICH[sock]) : undefined}
        onDone={() => done()}
      />
    )
  ) : (
    <AllDone
      sock={sock}
      other={positions[(other - 1) as 0 | 1] === works[(other - 1) as 0 | 1].presses}
      windOff={lap.windOff}
      onOther={() => turnTo(other)}
    />
  );
  const hearing = (
    <>
      {pedal && pedalOn !== lap.pairId && <PedalElsewhere pairId={lap.pairId} />}
      <Hearing queue={queue} told={told.refused} />
    </>
  );
  const below = (
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
  if (thumb !== 'either') {
    return (
      <OneHand
        thumb={thumb}
        above={
          <>
            {above}
            {coming}
            {hearing}
          </>
        }
        press={press}
        keys={
          <ThumbKeys
            lap={lap}
            sock={sock}
            queue={queue}
            canUndo={canUndo}
            onUndo={undo}
            onColour={work.colours ? () => told.note() : undefined}
            turn={{
              to: together ? texts.show(SHOWN[NEXT[chosen]]) : texts.showThe(WHICH[other]),
              onTurn: () => turnTo(together ? NEXT[chosen] : other),
            }}
            places={(done) => (
              <Places
                work={work}
                position={position}
                onJump={(to) => {
                  done();
                  jump(to);
                }}
              />
            )}
          />
        }
        below={below}
      />
    );
  }
  return (
    <Flex
      direction="column"
      minH={{ base: 'calc(100dvh - 32px)', md: 'calc(100dvh - 96px)' }}
      gap={2}
    >
      {above}
      {press}
      {hearing}
      <Underneath
        pairId={lap.pairId}
        work={work}
        position={position}
        canUndo={canUndo}
        onUndo={undo}
        onJump={jump}
        next={coming}
      />
      <Beside lap={lap} sock={sock} queue={queue} />
      {below}
    </Flex>
  );
}

/** The next of both socks, the first and the second. */
const NEXT = { 0: 1, 1: 2, 2: 0 } as const;
const SHOWN = { 0: texts.bothSocks, 1: texts.theFirstSock, 2: texts.theSecondSock } as const;
const WHICH = { 1: shared.firstSock, 2: shared.secondSock } as const;

function shownFirst(asked: string | null, together: boolean): 0 | 1 | 2 {
  return asked === '2' ? 2 : asked === '1' || !together ? 1 : 0;
}
