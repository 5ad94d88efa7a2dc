import { Input } from '@chakra-ui/react';
import { useState } from 'react';
import { texts } from './texts';

const MOST_CHARACTERS = 80;

/** The name of a pair, which is its heading and can be typed over. */
export function NameField({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [text, setText] = useState(name);
  const leave = () => {
    const typed = text.trim();
    setText(typed || name);
    if (typed && typed !== name) {
      onName(typed);
    }
  };
  return (
    <h1 style={{ minWidth: 0, maxWidth: '100%' }} aria-label={name}>
      <Input
        aria-label={texts.nameOfThePair}
        value={text}
        maxLength={MOST_CHARACTERS}
        onChange={(event) => setText(event.target.value)}
        onBlur={leave}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        variant="flushed"
        fontFamily="heading"
        fontWeight="650"
        fontSize="2xl"
        h="44px"
        borderColor="transparent"
        _hover={{ borderColor: 'line' }}
        textOverflow="ellipsis"
        minW="min(12rem, 100%)"
        maxW="100%"
        css={{ fieldSizing: 'content' }}
      />
    </h1>
  );
}
