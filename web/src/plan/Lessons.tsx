import { Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useLeaveLesson, useLessons } from '../api/logQueries';
import type { Draft } from '../draft/draft';
import { SmallButton } from '../form/SmallButton';
import type { Lesson } from '../wire/types';
import { Suggestion, Suggestions } from './Suggestion';
import { useSettings } from '../settings/settings';
import { dayText } from '../units/days';
import { effectWords, withLesson } from './taught';
import { useSaid } from '../units/useSaid';
import { useTaken } from './useTaken';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface LessonsProps {
  pairId: string;
  /** Of the pair as it is kept: what is proposed is reckoned against that. */
  version: number;
  draft: Draft;
  onChange: (draft: Draft) => void;
}

/** What the needles taught on other pairs, for this plan as it stands; each is taken or left. */
export function Lessons({ pairId, version, draft, onChange }: LessonsProps) {
  const say = useSaid();
  const lessons = useLessons(pairId, version);
  const answer = useLeaveLesson(pairId);
  const { lengths } = useSettings();
  const { isTaken, take } = useTaken(version, lessons.isPlaceholderData);
  const [left, setLeft] = useState<Lesson | undefined>();
  const shown = (lessons.data ?? []).filter(({ id }) => !isTaken(id) && id !== left?.id);
  if (shown.length === 0 && !left) {
    return null;
  }
  const leave = (lesson: Lesson) => {
    setLeft(lesson);
    answer.mutate({ lesson, left: true });
  };
  const bringBack = (lesson: Lesson) => {
    setLeft(undefined);
    answer.mutate({ lesson, left: false });
  };
  return (
    <Suggestions label={texts.whatTheNeedlesTaught}>
      {shown.map((lesson) => {
        const effect = effectWords(lesson, lengths);
        const when = lesson.on ? `, ${dayText(lesson.on)}` : '';
        return (
          <Suggestion
            key={lesson.id}
            words={say(lesson.said)}
            reason={`${lesson.from}${when}. ${lesson.reason}${effect ? texts.itWouldMakeThe(effect) : ''}`}
            onUse={() => {
              take(lesson.id);
              onChange(withLesson(draft, lesson));
            }}
            onLeave={() => leave(lesson)}
          />
        );
      })}
      {left && (
        <Flex columnGap={3} align="center" wrap="wrap" role="status">
          <span>{texts.leftOutForThisPair(say(left.said))}</span>
          <SmallButton onClick={() => bringBack(left)}>{shared.undo}</SmallButton>
        </Flex>
      )}
    </Suggestions>
  );
}
