import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useLessons } from '../api/logQueries';
import type { Draft } from '../draft/draft';
import { SmallButton } from '../form/SmallButton';
import { useSettings } from '../settings/settings';
import { dayText } from '../units/days';
import { effectWords, withLesson } from './taught';

interface LessonsProps {
  pairId: string;
  /** Of the pair as it is kept: what is proposed is reckoned against that. */
  version: number;
  draft: Draft;
  onChange: (draft: Draft) => void;
}

/** What the needles taught on other pairs, for this plan as it stands; each is taken or left. */
export function Lessons({ pairId, version, draft, onChange }: LessonsProps) {
  const lessons = useLessons(pairId, version);
  const { lengths } = useSettings();
  const [left, setLeft] = useState<readonly string[]>([]);
  const shown = (lessons.data ?? []).filter(({ id }) => !left.includes(id));
  if (shown.length === 0) {
    return null;
  }
  const leave = (id: string) => setLeft([...left, id]);
  return (
    <Box
      as="section"
      aria-label="What the needles taught"
      bg="chosenGround"
      px={4}
      py={2}
      mb={3}
      borderLeftWidth="4px"
      borderColor="chosen"
    >
      {shown.map((lesson) => {
        const effect = effectWords(lesson, lengths);
        const when = lesson.on ? `, ${dayText(lesson.on)}` : '';
        return (
          <Flex key={lesson.id} gap={3} align="center" wrap="wrap" py={1}>
            <Box flex="1 1 24rem">
              <strong>{lesson.words}</strong>
              <Box fontSize="sm">
                {`${lesson.from}${when}. ${lesson.reason}${effect ? ` It would make the ${effect}.` : ''}`}
              </Box>
            </Box>
            <SmallButton
              onClick={() => {
                leave(lesson.id);
                onChange(withLesson(draft, lesson));
              }}
            >
              Use this
            </SmallButton>
            <SmallButton onClick={() => leave(lesson.id)}>Not for this pair</SmallButton>
          </Flex>
        );
      })}
    </Box>
  );
}
