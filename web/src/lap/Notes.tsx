import { Box, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { dayText } from '../units/days';
import { ToolButton, ToolProblem, type ToolProps } from './Tool';
import { LinkButton } from '../form/LinkButton';
import { useSaid } from '../units/useSaid';
import type { Sentence } from '../wire/types';
import { shared } from '../texts/shared';
import { texts } from './texts';

const MOST = 2000;

/** Whatever is to be remembered of this pair: a knot, a mistake, what was changed and why. */
export function Notes({ lap, sock, queue }: ToolProps) {
  const say = useSaid();
  const [words, setWords] = useState('');
  const [refused, setRefused] = useState<readonly Sentence[]>([]);
  const keep = () => {
    const note = words.trim();
    setWords('');
    void queue.press({ sock, kind: 'NOTED', words: note }).then((heard) => {
      setRefused(heard.said);
    });
  };
  return (
    <Box>
      <Textarea
        aria-label={texts.aNote}
        rows={3}
        maxLength={MOST}
        bg="sheet"
        borderColor="quiet"
        placeholder={texts.aKnotAMistakeLeft}
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <ToolButton disabled={words.trim() === ''} onPress={keep}>
        {shared.saveNote}
      </ToolButton>
      <ToolProblem>{say(refused)}</ToolProblem>
      <Box as="ul" listStyleType="none">
        {lap.notes.toReversed().map((note) => (
          <Box as="li" key={note.id} borderTopWidth="1px" borderColor="line" py={2}>
            <Box fontSize="sm" color="quiet">
              {texts.sock(dayText(note.at.slice(0, 10)), note.sock)}
            </Box>
            <Box whiteSpace="pre-wrap" overflowWrap="anywhere">
              {note.words}
            </Box>
            <TakeBack
              what={texts.theNote}
              onPress={() =>
                void queue.press({ sock: note.sock, kind: 'WITHDRAWN', takenBack: note.id })
              }
            />
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** Takes back what was noted or weighed. */
export function TakeBack({ what, onPress }: { what: string; onPress: () => void }) {
  return (
    <LinkButton aria-label={texts.delete(what)} fontSize="sm" onClick={onPress}>
      {shared.delete}
    </LinkButton>
  );
}
