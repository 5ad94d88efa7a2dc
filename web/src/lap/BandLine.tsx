import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Work, Sentence } from '../wire/types';
import { LinkButton } from '../form/LinkButton';
import type { Queue } from './queue';
import { useSaid } from '../units/useSaid';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

type Colours = NonNullable<Work['colours']>;

interface BandLineProps {
  work: Work;
  sock: number;
  position: number;
  queue: Queue;
  /** What to wind off before this sock, in words. */
  windOff: Sentence | undefined;
  /** What the server said of the last colour, and what was asked of it. */
  told: ToldColour;
  /** Whether a new colour is noted elsewhere on the screen. */
  quiet?: boolean;
}

/** What became of a colour that was noted. */
export interface ToldColour {
  refused: string | undefined;
  note: (part?: { band?: number; knot?: true; sure?: true }) => void;
}

/** Notes that a new colour begins, and keeps why that was not taken. */
export function useColours(queue: Queue, sock: number): ToldColour {
  const [refused, setRefused] = useState<readonly Sentence[]>([]);
  const say = useSaid();
  return {
    refused: say(refused),
    note: (part) =>
      void queue.press({ sock, kind: 'COLOUR', ...part }).then((heard) => setRefused(heard.said)),
  };
}

/** The band that is on the needles, how many rounds are left of it, and that a new one begins. */
export function BandLine(props: BandLineProps) {
  const { work, sock, position, queue, windOff, told, quiet = false } = props;
  const say = useSaid();
  const { colours } = work;
  const [asking, setAsking] = useState<'band' | 'knot' | undefined>();
  const here = colours?.stretches.find(({ to }) => to > position);
  if (!colours || !here) {
    return null;
  }
  const next = colours.stretches[colours.stretches.indexOf(here) + 1];
  const band = colours.bands[here.band];
  const last = colours.seen.at(-1);
  const justSeen = last && last.position >= position - 1 && last.position <= position;
  const seenBand = last && colours.bands[last.band];
  const choose = (number: number) => {
    if (asking === 'band' && justSeen) {
      void queue.press({ sock, kind: 'WITHDRAWN', takenBack: last.id });
    }
    told.note({ band: number, ...(asking === 'knot' ? { knot: true } : { sure: true }) });
    setAsking(undefined);
  };
  return (
    <Box bg="sheet" borderWidth="1px" borderColor="line" px={3} py={1} data-testid="band-line">
      <Flex align="center" gap={3} wrap="wrap">
        {band && position >= here.from && (
          <>
            <Box
              aria-hidden
              w="28px"
              h="28px"
              borderWidth="1px"
              borderColor="quiet"
              flexShrink={0}
              style={{ background: band.colour }}
            />
            <Box flex="1 1 12rem" className="figures">
              <b>{band.name}</b>
              {texts.roundOfAbout(position - here.from + 1, here.to - here.from)}
              {next && (
                <Box as="span" color="quiet">
                  {` · ${soon(colours, here, position)}`}
                </Box>
              )}
            </Box>
          </>
        )}
        {position < here.from && (
          <Box flex="1 1 12rem" color="quiet">
            {position === 0 && windOff ? say(windOff) : texts.nextComes(band?.name ?? '')}
          </Box>
        )}
        {position >= here.from && !quiet && (
          <Press look="framed" onClick={() => told.note()} minH="72px" px={4} fontWeight="600">
            {texts.newColourBegins}
          </Press>
        )}
        {position >= here.from && !told.refused && !asking && (
          <LinkButton fontSize="sm" onClick={() => setAsking('knot')}>
            {texts.thereIsAKnot}
          </LinkButton>
        )}
      </Flex>
      <Box role="status">
        {justSeen && seenBand && (
          <Flex gap={3} wrap="wrap" align="center" fontSize="sm">
            <span>
              {last.knot
                ? texts.knotNotedTheYarnGoes(seenBand.name)
                : texts.beginsInThisRound(capital(seenBand.name))}
            </span>
            <LinkButton
              onClick={() => void queue.press({ sock, kind: 'WITHDRAWN', takenBack: last.id })}
            >
              {shared.undo}
            </LinkButton>
            <LinkButton onClick={() => setAsking('band')}>{texts.itIsAnotherColour}</LinkButton>
          </Flex>
        )}
      </Box>
      {told.refused && (
        <Flex role="alert" gap={3} wrap="wrap" align="center" color="amiss" fontSize="sm">
          <span>{told.refused}</span>
          <LinkButton onClick={() => told.note({ sure: true })}>{texts.itDoesBeginHere}</LinkButton>
          <LinkButton onClick={() => setAsking('knot')}>{texts.thereIsAKnot}</LinkButton>
        </Flex>
      )}
      {asking && (
        <Flex gap={2} wrap="wrap" align="center" pb={1}>
          <span>{asking === 'knot' ? texts.behindTheKnotComes : texts.itIs}</span>
          {colours.bands.map(({ name, colour }, i) => (
            <Press
              key={`${name} ${i}`}
              look="framed"
              onClick={() => choose(i + 1)}
              display="flex"
              alignItems="center"
              gap={2}
              minH="56px"
              px={3}
              borderColor="quiet"
            >
              <Box aria-hidden boxSize="20px" borderWidth="1px" style={{ background: colour }} />
              {name}
            </Press>
          ))}
          <LinkButton onClick={() => setAsking(undefined)}>{shared.cancel}</LinkButton>
        </Flex>
      )}
    </Box>
  );
}

/** When the next colour comes, and how sure that is. */
function soon(colours: Colours, here: Colours['stretches'][number], position: number): string {
  const next = colours.stretches[colours.stretches.indexOf(here) + 1];
  const left = here.to - position;
  const name = next ? (colours.bands[next.band]?.name ?? '') : '';
  const unsure = Math.round(here.unsureRounds);
  const more = unsure > 0 ? texts.giveOrTake(unsure) : '';
  return texts.in(name, left, more);
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
