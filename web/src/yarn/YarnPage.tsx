import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useSwatches, useYarns } from '../api/queries';
import { Find } from '../form/Find';
import { CsvFile } from '../form/CsvFile';
import { Notice, Waiting } from '../form/States';
import { Stash } from './Stash';
import { SwatchItem } from './SwatchItem';
import type { KeptSwatch } from '../wire/types';
import { YarnItem } from './YarnItem';
import { shared } from '../texts/shared';
import { texts } from './texts';

const LIST = { listStyleType: 'none', borderTopWidth: '1px', borderColor: 'line' };

/** Yarns with what is left of them, and the swatches that were knitted and counted. */
export function YarnPage() {
  const yarns = useYarns();
  const swatches = useSwatches();
  const [adding, setAdding] = useState(false);
  const [asked, setAsked] = useState(false);
  const [words, setWords] = useState('');
  const error = yarns.error ?? swatches.error;
  if (error && !yarns.data) {
    return <Notice title={texts.theYarnCannotBeShown} error={error} />;
  }
  if (!yarns.data || !swatches.data) {
    return <Waiting what={shared.theYarn} />;
  }
  return (
    <Box maxW="78rem">
      <title>{texts.yarnRoundPocket}</title>
      <Flex align="baseline" gap={4} mb={2} wrap="wrap">
        <Box as="h1" fontSize="2xl" flex="1">
          {shared.yarn}
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => setAdding(true)}>
          {texts.addAYarn}
        </Button>
      </Flex>
      <CsvFile shelf="yarns" />
      {yarns.data.length + swatches.data.length > FEW && (
        <Find
          label={texts.findAYarn}
          words={words}
          onWords={setWords}
          found={
            words.trim() === ''
              ? undefined
              : having(yarns.data, words).length + having(swatches.data, words).length
          }
        />
      )}
      <Box as="ul" {...LIST}>
        {adding && <YarnItem kept={undefined} onDone={() => setAdding(false)} />}
        {having(yarns.data, words).map((kept) => (
          <YarnItem key={kept.id} kept={kept} />
        ))}
      </Box>
      {yarns.data.length > 0 && (
        <Box fontSize="sm" color="quiet" mt={3}>
          {texts.eachCakeIsAsLarge}
        </Box>
      )}
      {yarns.data.length === 0 && !adding && <Box mt={3}>{texts.noYarnSavedYetUntil}</Box>}
      {yarns.data.length > 0 && <Stash asked={asked} onAsk={() => setAsked(true)} />}
      <Swatches swatches={having(swatches.data, words)} />
    </Box>
  );
}

/** So many are seen at a glance. */
const FEW = 12;

/** Those that have the words, in whatever case, anywhere in their names. */
function having<T extends { name: string }>(all: readonly T[], words: string): readonly T[] {
  const sought = words.trim().toLowerCase();
  return sought === '' ? all : all.filter(({ name }) => name.toLowerCase().includes(sought));
}

/** What was counted, yarn by yarn or of nothing in particular. */
function Swatches({ swatches }: { swatches: readonly KeptSwatch[] }) {
  const [adding, setAdding] = useState(false);
  return (
    <>
      <Flex align="baseline" gap={4} mt={10} mb={2} wrap="wrap">
        <Box as="h2" fontSize="2xl" flex="1">
          {texts.swatches}
        </Box>
        <Button
          variant="outline"
          borderColor="ink"
          color="ink"
          minH="44px"
          onClick={() => setAdding(true)}
        >
          {texts.addASwatch}
        </Button>
      </Flex>
      <Box as="ul" {...LIST}>
        {adding && <SwatchItem kept={undefined} onDone={() => setAdding(false)} />}
        {swatches.map((kept) => (
          <SwatchItem key={kept.id} kept={kept} />
        ))}
      </Box>
    </>
  );
}
