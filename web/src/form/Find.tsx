import { Box, Field, Input } from '@chakra-ui/react';
import { texts } from './texts';

interface FindProps {
  label: string;
  words: string;
  onWords: (words: string) => void;
  /** How many there are, where something is looked for. */
  found: number | undefined;
}

/** Finds something by a word of it, and says how many there are. */
export function Find({ label, words, onWords, found }: FindProps) {
  return (
    <Field.Root w="100%" maxW="24rem" mb={3}>
      <Field.Label fontWeight="600">{label}</Field.Label>
      <Input
        type="search"
        value={words}
        maxLength={80}
        onChange={(event) => onWords(event.target.value)}
        bg="sheet"
        borderColor="quiet"
        autoComplete="off"
      />
      {found !== undefined && (
        <Box role="status" fontSize="sm" color="quiet">
          {texts.found(found)}
        </Box>
      )}
    </Field.Root>
  );
}
