import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Work, Sentence } from '../wire/types';
import { LinkButton } from '../form/LinkButton';
import type { Queue } from './queue';
import { useSaid } from '../units/useSaid';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { capital } from '../texts/capital';
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
  const { colours } = work;
  const [asked, setAsking] = useState<'band' | 'knot' | undefined>();
  const here = colours?.stretches.find(({ to }) => to > position);
  // Behind a knot no colour is due: the one that begins has to be said.
  const asking = asked ?? (here?.lost && told.refused ? 'band' : undefined);
  if (!colours || !here) {
    return null;
  }
  const last = colours.seen.at(-1);
  const justSeen = last && [position - 1, position].includes(last.position);
  const begun = position >= here.from;
  const withdraw = (takenBack: string) => void queue.press({ sock, kind: 'WITHDRAWN', takenBack });
  const choose = (band: number) => {
    if (asking === 'band' && justSeen) {
      withdraw(last.id);
    }
    told.note({ band, ...(asking === 'knot' ? { knot: true } : { sure: true }) });
    setAsking(undefined);
  };
  return (
    <Box bg="sheet" borderWidth="1px" borderColor="line" px={3} py={1} data-testid="band-line">
      <Flex align="center" gap={3} wrap="wrap">
        {begun ? (
          <OnTheNeedles colours={colours} here={here} position={position} />
        ) : (
          <StillToCome band={colours.bands[here.band]?.name} windOff={position === 0 && windOff} />
        )}
        {begun && (
          <Begins
            onBegins={quiet ? undefined : () => (here.lost ? setAsking('band') : told.note())}
            onKnot={told.refused || asking ? undefined : () => setAsking('knot')}
          />
        )}
      </Flex>
      <WoundOff windings={colours.windings} position={position} />
      <JustSeen
        seen={justSeen ? last : undefined}
        bands={colours.bands}
        onUndo={withdraw}
        onOther={() => setAsking('band')}
      />
      <KnotAhead knots={colours.knots} position={position} />
      {told.refused && (
        <Refusal
          why={told.refused}
          onSure={here.lost ? undefined : () => told.note({ sure: true })}
          onKnot={() => setAsking('knot')}
        />
      )}
      {asking && (
        <WhichBand
          {...{ colours, asking, choose }}
          onCancel={asked && (() => setAsking(undefined))}
        />
      )}
    </Box>
  );
}

interface WhereProps {
  colours: Colours;
  here: Colours['stretches'][number];
  position: number;
}

/** The band that is being knitted, as a patch of its colour and in words. */
function OnTheNeedles({ colours, here, position }: WhereProps) {
  const band = colours.bands[here.band];
  return (
    band && (
      <>
        <Box
          aria-hidden
          boxSize="28px"
          borderWidth="1px"
          borderColor="quiet"
          flexShrink={0}
          style={here.lost ? undefined : { background: band.colour }}
        />
        <Box flex="1 1 12rem" className="figures">
          {here.lost ? texts.theColourIsNotKnown : <b>{band.name}</b>}
          {!here.lost && texts.roundOfAbout(position - here.from + 1, here.to - here.from)}
          {!here.lost && here !== colours.stretches.at(-1) && (
            <Box as="span" color="quiet">
              {` · ${soon(colours, here, position)}`}
            </Box>
          )}
        </Box>
      </>
    )
  );
}

interface BeginsProps {
  /** Each is left out where it is asked elsewhere. */
  onBegins: (() => void) | undefined;
  onKnot: (() => void) | undefined;
}

/** That a new colour begins, or that a knot comes up. */
function Begins({ onBegins, onKnot }: BeginsProps) {
  return (
    <>
      {onBegins && (
        <Press look="framed" onClick={onBegins} minH="72px" px={4} fontWeight="600">
          {texts.newColourBegins}
        </Press>
      )}
      {onKnot && (
        <LinkButton fontSize="sm" onClick={onKnot}>
          {texts.thereIsAKnot}
        </LinkButton>
      )}
    </>
  );
}

interface KnotAheadProps {
  knots: Colours['knots'];
  position: number;
}

/** How long before a knot it is told of, in rounds, besides how far it may come early. */
const SOON = 10;

/** A knot that was told of, shortly before it comes. */
function KnotAhead({ knots, position }: KnotAheadProps) {
  const next = knots.find((knot) => knot.position >= position);
  const unsure = Math.round(next?.unsureRounds ?? 0);
  if (!next || next.position - position > SOON + unsure) {
    return null;
  }
  const more = unsure > 0 ? texts.giveOrTake(unsure) : '';
  return (
    <Box fontSize="sm" className="figures">
      {next.position === position
        ? texts.aKnotHere(more)
        : texts.aKnotIn(next.position - position, more)}
    </Box>
  );
}

interface StillToComeProps {
  band: string | undefined;
  windOff: Sentence | false | undefined;
}

/** Before a band: what to wind off first, or which comes next. */
function StillToCome({ band, windOff }: StillToComeProps) {
  const say = useSaid();
  return (
    <Box flex="1 1 12rem" color="quiet">
      {windOff ? say(windOff) : texts.nextComes(band ?? '')}
    </Box>
  );
}

/** How much is wound off where that is due. */
function WoundOff({ windings, position }: { windings: Colours['windings']; position: number }) {
  const say = useSaid();
  const due = windings.find((winding) => winding.position === position);
  return due ? <Box data-testid="wound-off">{say(due.said)}</Box> : null;
}

interface JustSeenProps {
  seen: Colours['seen'][number] | undefined;
  bands: Colours['bands'];
  onUndo: (id: string) => void;
  onOther: () => void;
}

/** The colour that was noted last, while it can still be put right. */
function JustSeen({ seen, bands, onUndo, onOther }: JustSeenProps) {
  const say = useSaid();
  const band = seen && bands[seen.band]?.name;
  return (
    <Box role="status">
      {seen && band !== undefined && (
        <Flex gap={3} wrap="wrap" align="center" fontSize="sm">
          <span>
            {seen.knot ? texts.knotNotedTheYarnGoes(band) : texts.beginsInThisRound(capital(band))}
          </span>
          {seen.instead && <span>{say(seen.instead)}</span>}
          <LinkButton onClick={() => onUndo(seen.id)}>{shared.undo}</LinkButton>
          <LinkButton onClick={onOther}>{texts.itIsAnotherColour}</LinkButton>
        </Flex>
      )}
    </Box>
  );
}

interface RefusalProps {
  why: string;
  onSure: (() => void) | undefined;
  onKnot: () => void;
}

/** Why a colour was not taken, and what it may have been instead. */
function Refusal({ why, onSure, onKnot }: RefusalProps) {
  return (
    <Flex role="alert" gap={3} wrap="wrap" align="center" color="amiss" fontSize="sm">
      <span>{why}</span>
      {onSure && <LinkButton onClick={onSure}>{texts.itDoesBeginHere}</LinkButton>}
      <LinkButton onClick={onKnot}>{texts.thereIsAKnot}</LinkButton>
    </Flex>
  );
}

interface WhichBandProps {
  colours: Colours;
  asking: 'band' | 'knot';
  /** Takes the number of a band, from 1. */
  choose: (number: number) => void;
  /** Left out where it has to be said. */
  onCancel: (() => void) | undefined;
}

/** All bands of the cake, to point at one. */
function WhichBand({ colours, asking, choose, onCancel }: WhichBandProps) {
  return (
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
      {onCancel && <LinkButton onClick={onCancel}>{shared.cancel}</LinkButton>}
    </Flex>
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
