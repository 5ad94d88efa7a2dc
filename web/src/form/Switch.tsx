import { Box, Flex } from '@chakra-ui/react';
import { Press } from './Press';
import { spoken } from './spoken';

interface SwitchProps<T extends string> {
  label: string;
  value: T;
  /** Value, short word on the switch, long word for a screen reader. */
  options: readonly (readonly [T, string, string])[];
  onChange: (value: T) => void;
  /** Whether its label is seen on a phone too. */
  labelled?: boolean;
}

/** A few words of which one is on. */
export function Switch<T extends string>({
  label,
  value,
  options,
  onChange,
  labelled,
}: SwitchProps<T>) {
  return (
    <Flex role="group" aria-label={label} align="center" gap={2}>
      <Box aria-hidden fontSize="sm" color="quiet" hideBelow={labelled ? undefined : 'md'}>
        {label}
      </Box>
      {/* Its words go on below one another where they are too long for a line. */}
      <Flex wrap="wrap">
        {options.map(([key, word, long]) => (
          <Press
            key={key}
            look="tab"
            aria-pressed={key === value}
            aria-label={spoken(word, long)}
            onClick={() => onChange(key)}
            minW="44px"
            px={1}
            fontSize="sm"
            color={key === value ? 'ink' : 'quiet'}
            fontWeight={key === value ? '700' : '400'}
            borderColor={key === value ? 'ink' : 'transparent'}
          >
            {word}
          </Press>
        ))}
      </Flex>
    </Flex>
  );
}
