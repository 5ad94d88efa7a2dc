import { Box, Flex, Grid, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { SockThumb } from '../basket/SockThumb';
import type { LogEntry, Outline } from '../wire/types';
import { dayText } from '../units/days';
import { useSettings, type Lengths } from '../settings/settings';
import { roughMass } from '../units/units';
import { AddNote } from './AddNote';
import { KnitAgain } from '../plan/KnitAgain';
import { NewHeel } from './NewHeel';
import { placesOf, wornPlaces } from './wear';
import { Timeline } from './Timeline';
import { LinkButton } from '../form/LinkButton';
import { shared } from '../texts/shared';
import { capital } from '../texts/capital';
import { texts } from './texts';

interface LogItemProps {
  entry: LogEntry;
  longestMm: number;
}

/** A finished pair. */
export function LogItem({ entry, longestMm }: LogItemProps) {
  const { lengths } = useSettings();
  const [repair, setRepair] = useState(false);
  const { name, yarn, gist, notes } = entry;
  const worn = wornPlaces(notes);
  return (
    <Box
      as="li"
      bg="sheet"
      borderWidth="1px"
      borderColor="line"
      p={{ base: 3, md: 4 }}
      mb={4}
      data-testid="log-entry"
    >
      <Heading entry={entry} />
      <Grid
        gap={{ base: 4, md: 8 }}
        mt={2}
        templateColumns={{
          base: 'minmax(0, 1fr)',
          md: 'repeat(auto-fit, minmax(min(100%, 15rem), 1fr))',
        }}
      >
        <Box aria-hidden maxW="13rem">
          {gist && (
            <BothSocks gist={gist} colour={yarn?.colour} longestMm={longestMm} worn={worn} />
          )}
        </Box>
        <Box>
          <Rounds entry={entry} />
          <Box mt={2} fontSize="sm">
            {yarnWords(entry, lengths)}
          </Box>
        </Box>
        <Box>
          <Box as="h3" fontSize="md">
            {texts.timeline}
          </Box>
          {notes.length === 0 && (
            <Box color="quiet" fontSize="sm" mb={2}>
              {texts.noNotesOnWearYet}
            </Box>
          )}
          <Timeline entry={entry} worn={worn} />
          <AddNote pairId={entry.pairId} name={name} />
          <KnitAgain pairId={entry.pairId} />
          <LinkButton aria-expanded={repair} onClick={() => setRepair(!repair)}>
            {texts.replaceAHeel}
          </LinkButton>
          {repair && <NewHeel pairId={entry.pairId} />}
        </Box>
      </Grid>
    </Box>
  );
}

interface BothSocksProps {
  gist: NonNullable<LogEntry['gist']>;
  colour: string | undefined;
  longestMm: number;
  worn: ReturnType<typeof wornPlaces>;
}

/** Both socks, with the places that are worn. */
function BothSocks({ gist, colour, longestMm, worn }: BothSocksProps) {
  return [1, 2].map((sock) => (
    <Box key={sock} mb={2}>
      <SockThumb
        outline={gist.outline}
        longestMm={longestMm}
        colour={colour}
        knitted={wholly(gist.outline)}
        way={gist.way}
        stripes={gist.stripes}
        marks={placesOf(worn, sock)}
      />
    </Box>
  ));
}

/** Its name, for whom it is, of what, and when it was knitted. */
function Heading({ entry }: { entry: LogEntry }) {
  const { name, foot, yarn, hours, begunAt, finishedAt } = entry;
  const days = [begunAt, finishedAt].flatMap((at) => (at ? [dayText(at.slice(0, 10))] : []));
  return (
    <Flex gap={3} align="baseline" wrap="wrap">
      <Box as="h2" fontSize="lg" overflowWrap="anywhere">
        <Link asChild color="ink">
          <RouteLink to={`/pairs/${entry.pairId}`}>{name}</RouteLink>
        </Link>
      </Box>
      <Box color="quiet" fontSize="sm">
        {[
          foot?.name,
          yarn?.name,
          days.join(' – '),
          hours !== undefined && texts.aboutHOfKnitting(Math.max(1, Math.round(hours))),
        ]
          .filter(Boolean)
          .join(' · ')}
      </Box>
    </Flex>
  );
}

/** Every part of a sock, knitted to its end. */
function wholly(outline: Outline) {
  return [...outline.spans.map(({ section }) => section), 'HEEL' as const].map((section) => ({
    section,
    share: 1,
  }));
}

/** Yarn as it was weighed beside what was planned for the same stretch, and for the pair. */
function yarnWords({ usedG, usedPlannedG, plannedG }: LogEntry, lengths: Lengths): string {
  const planned = roughMass(plannedG, lengths);
  const part =
    usedG !== undefined &&
    texts.weighedPart(
      roughMass(usedG, lengths),
      usedPlannedG === undefined ? undefined : roughMass(usedPlannedG, lengths),
    );
  return part ? `${part} ${texts.wholePair(planned)}` : texts.notWeighed(planned);
}

/** Rounds of each section, as planned and as they are on either sock. */
function Rounds({ entry }: { entry: LogEntry }) {
  const cell = { padding: '2px 0 2px 16px', textAlign: 'right' as const };
  return (
    <Box fontSize="sm" overflowX="auto" tabIndex={0} role="group" aria-label={shared.rounds}>
      <table>
        <thead>
          <tr>
            <th style={{ textAlign: 'left', fontWeight: 400 }}>{shared.rounds}</th>
            <th style={cell}>{shared.planned}</th>
            <th style={cell}>{shared.first}</th>
            <th style={cell}>{texts.second}</th>
          </tr>
        </thead>
        <tbody>
          {entry.sections.map(({ section, title, planned, first, second }) => (
            <Box asChild key={section} borderTopWidth="1px" borderColor="line">
              <tr>
                <th scope="row" style={{ textAlign: 'left', fontWeight: 400 }}>
                  {capital(title)}
                </th>
                <td style={cell}>{planned}</td>
                {[first, second].map((knitted, i) => (
                  <td key={i} style={{ ...cell, fontWeight: knitted === planned ? 400 : 700 }}>
                    {knitted}
                  </td>
                ))}
              </tr>
            </Box>
          ))}
        </tbody>
      </table>
    </Box>
  );
}
