import { Box, chakra, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink, useSearchParams } from 'react-router';
import type { Lap, Work } from '../wire/types';
import { useStream } from '../devices/useStream';
import { AllDone } from './AllDone';
import { BandLine, useColours } from './BandLine';
import { Beside } from './Beside';
import { Sheet } from '../form/Sheet';
import { CountBoth } from './CountBoth';
import { LegEndsSooner, MeasureNow, SideBySide } from './Hints';
import { JumpTo } from './JumpTo';
import { PedalElsewhere, type PedalTold } from './PedalElsewhere';
import { pairState, turnOf } from './pair';
import { lower, placeAt, unitOf, type Place } from './place';
import { PlanMoved, TakeStartBack } from './PlanMoved';
import { PressArea } from './PressArea';
import { ProgressTape } from './ProgressTape';
import { useQueue, type Queue } from './queue';
import { useSettings } from '../settings/settings';
import { signal, useSignals } from './signals';
import { SockTabs } from './SockTabs';
import { Differences } from './Tried';
import { useKeys } from './useKeys';
import { useWakeLock } from './useWakeLock';

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
  useKeys({
    done: byHand ? () => undefined : () => done(),
    undo,
    turn: () => turnTo(together ? NEXT[chosen] : other),
    colour: work.colours ? () => told.note() : () => undefined,
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
  return (
    <Flex
      direction="column"
      minH={{ base: 'calc(100dvh - 32px)', md: 'calc(100dvh - 96px)' }}
      gap={2}
    >
      <title>{`${lap.name}, ${sock === 1 ? 'first' : 'second'} sock · Round Pocket`}</title>
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
      {place ? (
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
            whose={together ? (turn.both ? 'both socks' : WHICH[sock]) : undefined}
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
      )}
      {pedal && pedalOn !== lap.pairId && <PedalElsewhere pairId={lap.pairId} />}
      <Hearing queue={queue} told={told.refused} />
      <Flex
        align="center"
        gap={3}
        wrap="wrap"
        minH="72px"
        direction={thumb === 'right' ? 'row-reverse' : 'row'}
      >
        <chakra.button
          type="button"
          onClick={undo}
          aria-disabled={!canUndo}
          minH="72px"
          minW="96px"
          borderWidth="1px"
          borderColor={canUndo ? 'ink' : 'line'}
          color={canUndo ? 'ink' : 'quiet'}
          cursor="pointer"
          fontWeight="600"
        >
          Undo
        </chakra.button>
        <Box
          flex={{ base: '1 0 100%', md: '1 1 9rem' }}
          order={{ base: -1, md: 0 }}
          minW={0}
          fontSize="sm"
          color="quiet"
          data-testid="next"
        >
          {place && next ? nextWords(place, next.title) : ''}
          <Pace lap={lap} sock={sock} queue={queue} />
        </Box>
        <JumpTo
          work={work}
          position={position}
          onJump={(to) =>
            void queue.press({
              sock,
              kind: 'JUMPED',
              to,
              // Where both socks are alike, both are at the other place.
              ...(chosen === 0 && positions[0] === positions[1] && { both: true as const }),
            })
          }
        />
        <Link asChild color="chosen" textDecoration="underline" minH="44px" alignItems="center">
          <RouteLink to={`/pairs/${lap.pairId}`}>Plan</RouteLink>
        </Link>
      </Flex>
      <Beside lap={lap} sock={sock} queue={queue} />
      <Anew work={work} />
      {lap.planChanged && <PlanMoved lap={lap} sock={sock} queue={queue} />}
      {lap.earlierRules && (
        <Box fontSize="sm" color="quiet">
          You started this pair with an earlier version of Round Pocket. It keeps the rules it was
          planned with; new pairs follow today’s.
        </Box>
      )}
      {untouched && <TakeStartBack id={lap.pairId} />}
    </Flex>
  );
}

/** What comes after this step, and when. */
function nextWords({ step, done }: Place, title: string): string {
  const unit = unitOf(step);
  const left = step.number - done;
  const when = unit && left > 0 ? ` in ${left} ${unit}${left === 1 ? '' : 's'}` : '';
  return `Next: ${lower(title)}${when}`;
}

const SECTIONS = ['Foot', 'Leg', 'Cuff', 'Heel'];

/** What is knitted otherwise than was planned when the pair was begun. */
function Anew({ work }: { work: Work }) {
  const [open, setOpen] = useState(false);
  const most = work.differences.filter(({ label }) => SECTIONS.includes(label)).slice(0, 2);
  if (work.differences.length === 0) {
    return null;
  }
  return (
    <Box fontSize="sm" data-testid="anew">
      <chakra.button
        type="button"
        minH="44px"
        textAlign="left"
        cursor="pointer"
        textDecoration="underline dotted"
        onClick={() => setOpen(true)}
      >
        {most.length > 0
          ? `Changed since you started: ${most
              .map(
                ({ label, before, after }) => `${label.toLowerCase()} ${after}, planned ${before}`,
              )
              .join('; ')}`
          : 'Yarn use differs from the plan (from your weighings)'}
      </chakra.button>
      <Sheet open={open} onOpen={setOpen} title="Changes to this pair" closing="Close">
        <Differences differences={work.differences} old="Planned" now="Now" />
      </Sheet>
    </Box>
  );
}

/** What waits to be heard, and what was not counted. */
function Hearing({ queue, told }: { queue: Queue; told: string | undefined }) {
  const { waiting, refused, unkept, silent, socks } = queue;
  const devices = Math.max(...socks.map((each) => each.devices));
  const lines = [
    silent &&
      `Keep knitting: ${waiting.length} ${waiting.length === 1 ? 'tap is' : 'taps are'} safe here and will be sent when Round Pocket is back.`,
    unkept && 'This browser has no room to save them: leave this page open until they are sent.',
    // What is said at the colours is not said twice.
    refused !== told && refused,
    devices > 1 && 'Another device is counting this pair too; both counts are added.',
  ].filter(Boolean);
  return (
    <Box
      role="status"
      fontSize="sm"
      color={silent || refused || unkept ? 'amiss' : 'quiet'}
      data-testid="hearing"
      data-waiting={waiting.length}
    >
      {lines.map((line) => (
        <p key={String(line)}>{line}</p>
      ))}
    </Box>
  );
}

function Pace({ lap, sock, queue }: { lap: Lap; sock: number; queue: Queue }) {
  const pace = queue.socks[sock - 1]?.roundsPerHour ?? lap.socks[sock - 1]?.roundsPerHour;
  return pace === undefined ? null : <p>{`${pace.toFixed(0)} rounds an hour`}</p>;
}

/** The next of both socks, the first and the second. */
const NEXT = { 0: 1, 1: 2, 2: 0 } as const;
const WHICH = { 1: 'first sock', 2: 'second sock' } as const;

function shownFirst(asked: string | null, together: boolean): 0 | 1 | 2 {
  return asked === '2' ? 2 : asked === '1' || !together ? 1 : 0;
}
