import { Box, Flex } from '@chakra-ui/react';
import { useRemoveNote } from '../api/logQueries';
import { LinkButton } from '../form/LinkButton';
import { dayText, sinceText } from '../units/days';
import type { WornPlace } from './wear';
import type { LogEntry } from '../wire/types';
import { shared } from '../texts/shared';
import { capital } from '../texts/capital';
import { texts } from './texts';

interface Moment {
  key: string;
  /** The day, as 2026-11-23. */
  on: string;
  title: string;
  words?: string | undefined;
  advice?: string | undefined;
  /** How long after the pair was done. */
  since?: string | undefined;
  /** The note it is, where it can be removed. */
  note?: string;
}

/** What happened to a pair, the latest first: cast on, noted, done, worn, mended. */
export function Timeline({ entry, worn }: { entry: LogEntry; worn: readonly WornPlace[] }) {
  return (
    <Box as="ol" listStyleType="none" borderLeftWidth="2px" borderColor="line" ml="5px">
      {moments(entry).map((moment) => (
        <At
          key={moment.key}
          moment={moment}
          number={worn.find(({ noteId }) => noteId === moment.note)?.number}
        />
      ))}
    </Box>
  );
}

function moments({ begunAt, finishedAt, notes, lapNotes }: LogEntry): Moment[] {
  const day = (at: string) => at.slice(0, 10);
  const all: Moment[] = [
    { key: 'begun', on: day(begunAt), title: texts.castOn },
    ...lapNotes.map((note) => ({
      key: note.id,
      on: day(note.at),
      title: texts.notedWhileKnitting,
      words: note.words,
    })),
    ...(finishedAt ? [{ key: 'done', on: day(finishedAt), title: texts.bothSocksDone }] : []),
    ...notes.map((note) => ({
      key: note.id,
      on: note.on,
      title: note.title ? capital(note.title) : shared.note,
      words: note.words,
      advice: note.advice,
      note: note.id,
      since: finishedAt && sinceText(day(finishedAt), note.on),
    })),
  ];
  // Of one day, what came later in the making stands first.
  return all
    .map((each, i) => ({ each, i }))
    .sort((a, b) => b.each.on.localeCompare(a.each.on) || b.i - a.i)
    .map(({ each }) => each);
}

function At({ moment, number }: { moment: Moment; number: number | undefined }) {
  const remove = useRemoveNote();
  const { on, title, words, advice, note, since } = moment;
  return (
    <Box as="li" position="relative" pl={5} pb={3}>
      <Box
        aria-hidden
        position="absolute"
        left={number ? '-11px' : '-6px'}
        top={number ? '2px' : '7px'}
        w={number ? '20px' : '10px'}
        h={number ? '20px' : '10px'}
        borderRadius="full"
        borderWidth="2px"
        borderColor="ink"
        bg={note ? 'sheet' : 'ink'}
        fontSize="12px"
        fontWeight="700"
        lineHeight="16px"
        textAlign="center"
      >
        {number}
      </Box>
      <Flex fontSize="sm" color="quiet" columnGap={4} align="baseline" wrap="wrap">
        <Box minW="6.5rem">{[dayText(on), since].filter(Boolean).join(' · ')}</Box>
        {note && (
          <LinkButton
            aria-label={texts.removeTheNote(title)}
            fontSize="sm"
            minH={{ base: '44px', md: '24px' }}
            onClick={() => remove.mutate(note)}
          >
            {shared.remove}
          </LinkButton>
        )}
      </Flex>
      <Box overflowWrap="anywhere" whiteSpace="pre-line">
        <strong>{title}</strong>
        {words && `. ${words}`}
      </Box>
      {advice && (
        <Box fontSize="sm" color="quiet">
          {capital(advice)}
        </Box>
      )}
    </Box>
  );
}
