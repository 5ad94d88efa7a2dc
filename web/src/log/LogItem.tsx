import { Box, Flex, Grid, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { useRemoveNote } from '../api/logQueries';
import type { LogEntry, LogNote } from '../wire/types';
import { dayText } from '../units/days';
import { useSettings, type Lengths } from '../settings/settings';
import { roughMass } from '../units/units';
import { AddNote } from './AddNote';
import { NewHeel } from './NewHeel';
import { LinkButton } from '../form/LinkButton';

/** A finished pair. */
export function LogItem({ entry }: { entry: LogEntry }) {
  const { lengths } = useSettings();
  const [repair, setRepair] = useState(false);
  const { name, foot, begunAt, finishedAt, notes, lapNotes } = entry;
  const days = [begunAt, finishedAt].flatMap((at) => (at ? [dayText(at.slice(0, 10))] : []));
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
      <Flex gap={3} align="baseline" wrap="wrap">
        <Box as="h2" fontSize="lg" overflowWrap="anywhere">
          <Link asChild color="ink">
            <RouteLink to={`/pairs/${entry.pairId}`}>{name}</RouteLink>
          </Link>
        </Box>
        <Box color="quiet" fontSize="sm">
          {[foot?.name, days.join(' – ')].filter(Boolean).join(' · ')}
        </Box>
      </Flex>
      <Grid gap={{ base: 4, md: 8 }} mt={2} templateColumns={{ base: '1fr', md: '22rem 1fr' }}>
        <Box>
          <Rounds entry={entry} />
          <Box mt={2} fontSize="sm">
            {yarnWords(entry, lengths)}
          </Box>
          {lapNotes.length > 0 && (
            <Box mt={2} fontSize="sm">
              <Box fontWeight="600">Noted while knitting</Box>
              {lapNotes.map((note) => (
                <Box key={note.id} whiteSpace="pre-wrap" overflowWrap="anywhere">
                  {note.words}
                </Box>
              ))}
            </Box>
          )}
        </Box>
        <Box>
          <Box as="h3" fontSize="md">
            How it fits and wears
          </Box>
          {notes.length === 0 && (
            <Box color="quiet" fontSize="sm">
              No notes yet. Wear them for a day first.
            </Box>
          )}
          <Box as="ul" listStyleType="none">
            {notes.toReversed().map((note) => (
              <WornNote key={note.id} note={note} />
            ))}
          </Box>
          <AddNote pairId={entry.pairId} name={name} />
          <LinkButton aria-expanded={repair} onClick={() => setRepair(!repair)}>
            Replace a heel
          </LinkButton>
          {repair && <NewHeel pairId={entry.pairId} />}
        </Box>
      </Grid>
    </Box>
  );
}

/** Yarn as it was weighed beside what was planned for the same stretch, and for the pair. */
function yarnWords({ usedG, usedPlannedG, plannedG }: LogEntry, lengths: Lengths): string {
  const pair = `${roughMass(plannedG, lengths)} planned for the pair`;
  return usedG === undefined
    ? `${pair}; not weighed`
    : [
        `${roughMass(usedG, lengths)} used between weighings`,
        usedPlannedG !== undefined &&
          `${roughMass(usedPlannedG, lengths)} planned for that stretch`,
        pair,
      ]
        .filter(Boolean)
        .join('; ');
}

/** Rounds of each section, as planned and as they are on either sock. */
function Rounds({ entry }: { entry: LogEntry }) {
  const cell = { padding: '2px 0 2px 16px', textAlign: 'right' as const };
  return (
    <Box asChild fontSize="sm">
      <table>
        <thead>
          <tr>
            <th style={{ textAlign: 'left', fontWeight: 400 }}>Rounds</th>
            <th style={cell}>Planned</th>
            <th style={cell}>First</th>
            <th style={cell}>Second</th>
          </tr>
        </thead>
        <tbody>
          {entry.sections.map(({ section, title, planned, first, second }) => (
            <Box asChild key={section} borderTopWidth="1px" borderColor="line">
              <tr>
                <th scope="row" style={{ textAlign: 'left', fontWeight: 400 }}>
                  {`${title.charAt(0).toUpperCase()}${title.slice(1)}`}
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

function WornNote({ note }: { note: LogNote }) {
  const remove = useRemoveNote();
  return (
    <Flex as="li" gap={3} borderTopWidth="1px" borderColor="line" py={1} align="start">
      <Box flex="1">
        <Box>
          {note.title && (
            <strong>{`${note.title.charAt(0).toUpperCase()}${note.title.slice(1)}. `}</strong>
          )}
          <span style={{ overflowWrap: 'anywhere' }}>{note.words}</span>
        </Box>
        <Box fontSize="sm" color="quiet">
          {[dayText(note.on), note.advice].filter(Boolean).join(' · ')}
        </Box>
      </Box>
      <LinkButton
        aria-label={`Remove the note ${note.title || note.words}`}
        fontSize="sm"
        onClick={() => remove.mutate(note.id)}
      >
        Remove
      </LinkButton>
    </Flex>
  );
}
