import { Box, chakra, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink, useSearchParams } from 'react-router';
import type { Lap, Work } from '../wire/types';
import { useStream } from '../devices/useStream';
import { BandLine, useColours } from './BandLine';
import { Beside } from './Beside';
import { Sheet } from '../form/Sheet';
import { CountBoth } from './CountBoth';
import { LegEndsSooner, MeasureNow, SideBySide } from './Hints';
import { JumpTo } from './JumpTo';
import { PedalElsewhere, type PedalTold } from './PedalElsewhere';
import { lower, placeAt, positionOf, stateWords, unitOf, type Place } from './place';
import { PlanMoved, TakeStartBack } from './PlanMoved';
import { PressArea } from './PressArea';
import { ProgressTape } from './ProgressTape';
import { useQueue, type Queue } from './queue';
import { signal, useSignals } from './signals';
import { Differences } from './Tried';
import { useKeys } from './useKeys';
import { useWakeLock } from './useWakeLock';

/** One instruction, one count, one thing to press; and what comes next. */
export function Knitting({ lap }: { lap: Lap }) {
  const queue = useQueue(lap.pairId, lap.socks, lap.revision);
  const [search, setSearch] = useSearchParams();
  // Kept here too: the address follows a moment later, and a key may come before it.
  const [sock, setSock] = useState(search.get('sock') === '2' ? 2 : 1);
  const turnTo = (next: number) => {
    setSock(next);
    setSearch({ sock: String(next) }, { replace: true });
  };
  useWakeLock();
  const works = lap.works as [Work, Work];
  const work = works[sock - 1] ?? works[0];
  const states = queue.socks.map((each, i) =>
    positionOf(each, queue.waiting, works[i]?.presses ?? 0),
  );
  const { position = 0, canUndo = false } = states[sock - 1] ?? {};
  const untouched =
    queue.waiting.length === 0 &&
    lap.notes.length + lap.weighings.length === 0 &&
    works.every(({ differences }) => differences.length === 0) &&
    states.every((each) => each.position === 0 && !each.canUndo);
  const place = placeAt(work, position);
  const done = (id?: string) => {
    if (place) {
      signal(place.done + 1 === place.step.number || (place.done + 1) % 10 === 0);
      void queue.press({ sock, kind: 'DONE' }, id);
    }
  };
  const undo = () => canUndo && void queue.press({ sock, kind: 'UNDONE' });
  const other = sock === 1 ? 2 : 1;
  const byHand = place?.step.forGood === true || place?.step.doing === 'CHECK';
  const told = useColours(queue, sock);
  useKeys({
    done: byHand ? () => undefined : () => done(),
    undo,
    turn: () => turnTo(other),
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
        <Flex role="group" aria-label="Which sock">
          {states.map((each, i) => (
            <chakra.button
              key={i}
              type="button"
              aria-pressed={sock === i + 1}
              onClick={() => turnTo(i + 1)}
              minH="44px"
              px={3}
              fontSize="sm"
              borderBottomWidth="2px"
              borderColor={sock === i + 1 ? 'ink' : 'transparent'}
              color={sock === i + 1 ? 'ink' : 'quiet'}
              cursor="pointer"
            >
              {`${i === 0 ? 'First' : 'Second'} sock: ${stateWords(works[i] ?? works[0], each.position)}`}
            </chakra.button>
          ))}
        </Flex>
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
        other={states[other - 1]?.position ?? 0}
        which={other}
        onTurn={() => turnTo(other)}
      />
      {place ? (
        place.step.doing === 'CHECK' && place.step.expected !== undefined ? (
          <CountBoth
            key={place.step.id}
            step={place.step}
            expected={place.step.expected}
            onRight={() => done()}
          />
        ) : (
          <PressArea place={place} onDone={() => done()} />
        )
      ) : (
        <AllDone
          sock={sock}
          other={states[other - 1]?.position === works[other - 1]?.presses}
          windOff={lap.windOff}
          onOther={() => turnTo(other)}
        />
      )}
      {pedal && pedalOn !== lap.pairId && <PedalElsewhere pairId={lap.pairId} />}
      <Hearing queue={queue} told={told.refused} />
      <Flex align="center" gap={3} wrap="wrap" minH="72px">
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
          onJump={(to) => void queue.press({ sock, kind: 'JUMPED', to })}
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

interface AllDoneProps {
  sock: number;
  other: boolean;
  onOther: () => void;
  /** What to wind off before the second sock. */
  windOff: string | undefined;
}

function AllDone({ sock, other, windOff, onOther }: AllDoneProps) {
  return (
    <Flex flex="1" direction="column" align="center" justify="center" gap={4} bg="sheet" p={6}>
      <Box fontSize="3xl" textAlign="center">
        {other ? 'Both socks are done.' : `The ${sock === 1 ? 'first' : 'second'} sock is done.`}
      </Box>
      {!other && windOff && (
        <Box fontSize="xl" textAlign="center" data-testid="wind-off">
          {windOff}
        </Box>
      )}
      {!other && (
        <chakra.button
          type="button"
          minH="72px"
          px={6}
          bg="ink"
          color="sheet"
          cursor="pointer"
          onClick={onOther}
        >
          {`On to the ${sock === 1 ? 'second' : 'first'}`}
        </chakra.button>
      )}
    </Flex>
  );
}
