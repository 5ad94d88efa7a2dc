import { useState } from 'react';
import { useLessons } from '../api/logQueries';
import type { Draft } from '../draft/draft';
import { Suggestion, Suggestions } from './Suggestion';
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
    <Suggestions label="What the needles taught">
      {shown.map((lesson) => {
        const effect = effectWords(lesson, lengths);
        const when = lesson.on ? `, ${dayText(lesson.on)}` : '';
        return (
          <Suggestion
            key={lesson.id}
            words={lesson.words}
            reason={`${lesson.from}${when}. ${lesson.reason}${effect ? ` It would make the ${effect}.` : ''}`}
            onUse={() => {
              leave(lesson.id);
              onChange(withLesson(draft, lesson));
            }}
            onLeave={() => leave(lesson.id)}
          />
        );
      })}
    </Suggestions>
  );
}
