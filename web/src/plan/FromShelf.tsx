import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { KeptFoot, KeptSwatch, KnownYarn } from '../wire/types';
import { LinkButton } from '../form/LinkButton';
import { texts } from './texts';

interface FromShelfProps {
  feet: readonly KeptFoot[];
  swatches: readonly KeptSwatch[];
  /** Yarns whose gauge is known from what was knitted in them. */
  known: readonly KnownYarn[];
  onFoot: (foot: KeptFoot) => void;
  onSwatch: (swatch: KeptSwatch) => void;
  onYarn: (yarn: KnownYarn) => void;
}

/** How many of a shelf are offered before all are asked for. */
const FEW = 4;

/** What was measured before and can be taken instead of measuring again. */
export function FromShelf({ feet, swatches, known, onFoot, onSwatch, onYarn }: FromShelfProps) {
  return (
    <Box mt={4}>
      <Shelf words={texts.savedFeet} kept={feet} onTake={onFoot} />
      <Shelf
        words={texts.yarnYouHaveKnittedBefore}
        kept={known.filter(({ swatch }) => swatch).map((yarn) => ({ ...yarn, id: yarn.yarnId }))}
        onTake={onYarn}
      />
      <Shelf words={texts.savedSwatches} kept={once(swatches)} onTake={onSwatch} />
    </Box>
  );
}

/** Swatches that say the same under the same name are offered once. */
function once(swatches: readonly KeptSwatch[]): readonly KeptSwatch[] {
  const says = ({ name, swatch }: KeptSwatch) => JSON.stringify([name, swatch]);
  return swatches.filter((each, i) => swatches.findIndex((one) => says(one) === says(each)) === i);
}

interface ShelfProps<K> {
  words: string;
  kept: readonly K[];
  onTake: (kept: K) => void;
}

function Shelf<K extends { id: string; name: string }>({ words, kept, onTake }: ShelfProps<K>) {
  const [all, setAll] = useState(false);
  if (kept.length === 0) {
    return null;
  }
  const few = all || kept.length <= FEW + 1;
  return (
    <Flex columnGap={5} wrap="wrap" align="center">
      <span>{words}</span>
      {(few ? kept : kept.slice(0, FEW)).map((each) => (
        <Take key={each.id} onClick={() => onTake(each)} words={each.name} />
      ))}
      {!few && <Take onClick={() => setAll(true)} words={texts.all(kept.length)} />}
    </Flex>
  );
}

function Take({ words, onClick }: { words: string; onClick: () => void }) {
  return (
    <LinkButton onClick={onClick} maxW="16rem" truncate title={words}>
      {words}
    </LinkButton>
  );
}
