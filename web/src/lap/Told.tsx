import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { Sheet } from '../form/Sheet';
import type { Lap, Work } from '../wire/types';
import { lower, unitOf, type Place } from './place';
import type { Queue } from './queue';
import { Differences } from './Tried';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

const SECTIONS = ['Foot', 'Leg', 'Cuff', 'Heel'];

/** What is knitted otherwise than was planned when the pair was begun. */
export function Anew({ work }: { work: Work }) {
  const [open, setOpen] = useState(false);
  const most = work.differences.filter(({ label }) => SECTIONS.includes(label)).slice(0, 2);
  if (work.differences.length === 0) {
    return null;
  }
  return (
    <Box fontSize="sm" data-testid="anew">
      <Press look="told" textAlign="left" onClick={() => setOpen(true)}>
        {most.length > 0
          ? texts.changedSinceYouStarted(
              most
                .map(({ label, before, after }) =>
                  texts.planned(label.toLowerCase(), after, before),
                )
                .join('; '),
            )
          : texts.yarnUseDiffersFromThe}
      </Press>
      <Sheet open={open} onOpen={setOpen} title={texts.changesToThisPair} closing={shared.close}>
        <Differences differences={work.differences} old={shared.planned} now={shared.now} />
      </Sheet>
    </Box>
  );
}

/** What waits to be heard, and what was not counted. */
export function Hearing({ queue, told }: { queue: Queue; told: string | undefined }) {
  const { waiting, refused, unkept, silent, socks } = queue;
  const devices = Math.max(...socks.map((each) => each.devices));
  const lines = [
    silent && texts.keepKnittingSafeHereAnd(waiting.length),
    unkept && texts.thisBrowserHasNoRoom,
    // What is said at the colours is not said twice.
    refused !== told && refused,
    devices > 1 && texts.anotherDeviceIsCountingThis,
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

/** What comes after this step, and how fast it goes. */
export function Next({
  place,
  title,
  lap,
  sock,
  queue,
}: {
  place: Place | undefined;
  /** The step that comes next. */
  title: string | undefined;
  lap: Lap;
  sock: number;
  queue: Queue;
}) {
  return (
    <Box fontSize="sm" color="quiet" data-testid="next">
      {place && title ? nextWords(place, title) : ''}
      <Pace lap={lap} sock={sock} queue={queue} />
    </Box>
  );
}

/** What comes after this step, and when. */
function nextWords({ step, done }: Place, title: string): string {
  const unit = unitOf(step);
  const left = step.number - done;
  const when = unit && left > 0 ? texts.in2(left, unit) : '';
  return texts.next2(lower(title), when);
}

function Pace({ lap, sock, queue }: { lap: Lap; sock: number; queue: Queue }) {
  const pace = queue.socks[sock - 1]?.roundsPerHour ?? lap.socks[sock - 1]?.roundsPerHour;
  return pace === undefined ? null : <p>{texts.roundsAnHour(pace.toFixed(0))}</p>;
}
