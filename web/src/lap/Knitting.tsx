import { Box, chakra, Flex, Link } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { Link as RouteLink, useSearchParams } from 'react-router';
import type { Lap } from '../api/types';
import { CountBoth } from './CountBoth';
import { JumpTo } from './JumpTo';
import { placeAt, positionOf, unitOf } from './place';
import { PressArea } from './PressArea';
import { ProgressTape } from './ProgressTape';
import { useQueue, type Queue } from './queue';
import { useWakeLock } from './useWakeLock';

/** One instruction, one count, one thing to press; and what comes next. */
export function Knitting({ lap }: { lap: Lap }) {
  const queue = useQueue(lap.pairId, lap.socks);
  const [search, setSearch] = useSearchParams();
  // Kept here too: the address follows a moment later, and a key may come before it.
  const [sock, setSock] = useState(search.get('sock') === '2' ? 2 : 1);
  const turnTo = (next: number) => {
    setSock(next);
    setSearch({ sock: String(next) }, { replace: true });
  };
  useWakeLock();
  const states = queue.socks.map((each) => positionOf(each, queue.waiting, lap.presses));
  const { position = 0, canUndo = false } = states[sock - 1] ?? {};
  const place = placeAt(lap, position);
  const done = () => place && queue.press({ sock, kind: 'DONE' });
  const undo = () => canUndo && queue.press({ sock, kind: 'UNDONE' });
  const byHand = place?.step.forGood === true || place?.step.doing === 'CHECK';
  useKeys({
    done: byHand ? () => undefined : done,
    undo,
    turn: () => turnTo(sock === 1 ? 2 : 1),
  });
  const next = lap.steps[(place?.index ?? lap.steps.length) + 1];
  return (
    <Flex
      direction="column"
      minH={{ base: 'calc(100dvh - 140px)', md: 'calc(100dvh - 96px)' }}
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
              {`${i === 0 ? 'First' : 'Second'} sock: ${stateWords(lap, each.position)}`}
            </chakra.button>
          ))}
        </Flex>
      </Flex>
      <ProgressTape lap={lap} position={position} />
      {place ? (
        place.step.doing === 'CHECK' && place.step.expected !== undefined ? (
          <CountBoth
            key={place.step.id}
            step={place.step}
            expected={place.step.expected}
            onRight={done}
          />
        ) : (
          <PressArea place={place} onDone={done} />
        )
      ) : (
        <AllDone
          sock={sock}
          other={states[2 - sock]?.position === lap.presses}
          onOther={() => turnTo(sock === 1 ? 2 : 1)}
        />
      )}
      <Hearing queue={queue} />
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
          {next ? `Then: ${next.title.toLowerCase()}` : ''}
          <Pace lap={lap} sock={sock} queue={queue} />
        </Box>
        <JumpTo
          lap={lap}
          position={position}
          onJump={(to) => queue.press({ sock, kind: 'JUMPED', to })}
        />
        <Link asChild color="chosen" textDecoration="underline" minH="44px" alignItems="center">
          <RouteLink to={`/pairs/${lap.pairId}`}>Plan</RouteLink>
        </Link>
      </Flex>
      {lap.planChanged && (
        <Box fontSize="sm" color="quiet">
          The plan was changed since this pair was begun; here it goes on as it was begun.
        </Box>
      )}
    </Flex>
  );
}

function stateWords(lap: Lap, position: number): string {
  const place = placeAt(lap, position);
  if (!place) {
    return 'done';
  }
  const unit = unitOf(place.step);
  return position === 0
    ? 'not begun'
    : unit
      ? `${place.step.title.toLowerCase()} ${place.done} of ${place.step.number}`
      : place.step.title.toLowerCase();
}

/** What waits to be heard, and what was not counted. */
function Hearing({ queue }: { queue: Queue }) {
  const { waiting, refused, unkept, silent, socks } = queue;
  const devices = Math.max(...socks.map((each) => each.devices));
  const lines = [
    silent &&
      `${waiting.length} ${waiting.length === 1 ? 'press waits' : 'presses wait'} here. Knit on: they are sent once Round Pocket answers.`,
    unkept && 'This browser has no room to keep them: leave this page open until they are sent.',
    refused,
    devices > 1 && 'More than one device counts on this pair; their presses are added up.',
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
}

function AllDone({ sock, other, onOther }: AllDoneProps) {
  return (
    <Flex flex="1" direction="column" align="center" justify="center" gap={4} bg="sheet" p={6}>
      <Box fontSize="3xl" textAlign="center">
        {other ? 'Both socks are done.' : `The ${sock === 1 ? 'first' : 'second'} sock is done.`}
      </Box>
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

interface Keys {
  done: () => void;
  undo: () => void;
  turn: () => void;
}

/** Space or Enter is a round done, Backspace takes it back, [ and ] turn to the other sock. */
function useKeys({ done, undo, turn }: Keys): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const { target, key, repeat } = event;
      const free = !(target instanceof HTMLElement) || target.matches('body, main, [data-press]');
      if (repeat || event.ctrlKey || event.metaKey || event.altKey) {
        return;
      }
      if ((key === ' ' || key === 'Enter') && free) {
        event.preventDefault();
        done();
      } else if (key === 'Backspace' && !(target instanceof HTMLInputElement)) {
        event.preventDefault();
        undo();
      } else if ((key === '[' || key === ']') && !(target instanceof HTMLInputElement)) {
        turn();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
}
