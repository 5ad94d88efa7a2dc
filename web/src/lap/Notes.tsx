import { Box, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { dayText } from '../units/days';
import { ToolButton, ToolProblem, type ToolProps } from './Tool';
import { LinkButton } from '../form/LinkButton';
import { useSaid } from '../units/useSaid';
import type { Sentence } from '../wire/types';

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
        aria-label="A note"
        rows={3}
        maxLength={MOST}
        bg="sheet"
        borderColor="quiet"
        placeholder="A knot, a mistake left in, what you changed and why"
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <ToolButton disabled={words.trim() === ''} onPress={keep}>
        Save note
      </ToolButton>
      <ToolProblem>{say(refused)}</ToolProblem>
      <Box as="ul" listStyleType="none">
        {lap.notes.toReversed().map((note) => (
          <Box as="li" key={note.id} borderTopWidth="1px" borderColor="line" py={2}>
            <Box fontSize="sm" color="quiet">
              {`${dayText(note.at.slice(0, 10))}, ${note.sock === 1 ? 'first' : 'second'} sock`}
            </Box>
            <Box whiteSpace="pre-wrap" overflowWrap="anywhere">
              {note.words}
            </Box>
            <TakeBack
              what="the note"
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
    <LinkButton aria-label={`Delete ${what}`} fontSize="sm" onClick={onPress}>
      Delete
    </LinkButton>
  );
}
