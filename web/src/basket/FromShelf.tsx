import { chakra, Flex } from '@chakra-ui/react';
import type { KeptFoot, KeptSwatch } from '../api/types';

interface FromShelfProps {
  feet: readonly KeptFoot[];
  swatches: readonly KeptSwatch[];
  onFoot: (foot: KeptFoot) => void;
  onSwatch: (swatch: KeptSwatch) => void;
}

/** What was measured before and can be taken instead of measuring again. */
export function FromShelf({ feet, swatches, onFoot, onSwatch }: FromShelfProps) {
  if (feet.length + swatches.length === 0) {
    return null;
  }
  return (
    <Flex mt={4} columnGap={5} rowGap={1} wrap="wrap" align="center">
      {feet.length > 0 && <span>Measured before:</span>}
      {feet.map((foot) => (
        <Take key={foot.id} onClick={() => onFoot(foot)} words={foot.name} />
      ))}
      {swatches.length > 0 && <span>Counted before:</span>}
      {swatches.map((swatch) => (
        <Take key={swatch.id} onClick={() => onSwatch(swatch)} words={swatch.name} />
      ))}
    </Flex>
  );
}

function Take({ words, onClick }: { words: string; onClick: () => void }) {
  return (
    <chakra.button
      type="button"
      onClick={onClick}
      minH="44px"
      color="chosen"
      textDecoration="underline"
      textUnderlineOffset="4px"
      cursor="pointer"
    >
      {words}
    </chakra.button>
  );
}
