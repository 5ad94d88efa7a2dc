import { Box, Flex, Grid, Input } from '@chakra-ui/react';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { useAlmanac } from '../api/queries';
import type { AlmanacEntry } from '../wire/types';
import { Notice, Waiting } from '../form/States';
import { Calculators } from './Calculators';
import { matches } from './matches';
import { Chapter, Contents, useBeginning, type Chapters } from './Chapters';
import type { Subject } from './ChapterDrawing';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

const KINDS: readonly (readonly [AlmanacEntry['kind'] | '', string])[] = [
  ['', 'everything'],
  ['RULE', 'rules'],
  ['SCHOOL', 'methods'],
  ['CONSTANT', 'constants'],
  ['MISHAP', texts.whenSomethingIsWrong],
  ['CAUTION', 'cautions'],
];

/** Every rule, method, constant and caution that plans are made by, with its source; and the small calculators. */
export function AlmanacPage() {
  const almanac = useAlmanac();
  const [search, setSearch] = useSearchParams();
  const beginning = useBeginning();
  const words = search.get('words') ?? '';
  const kind = search.get('kind') ?? '';
  const chapters = useMemo(
    () =>
      Map.groupBy(
        (almanac.data ?? []).filter((entry) => matches(entry, words, kind)),
        ({ chapter }) => chapter,
      ),
    [almanac.data, words, kind],
  );
  if (almanac.error && !almanac.data) {
    return <Notice title={texts.theAlmanacCannotBeOpened} error={almanac.error} />;
  }
  if (!almanac.data) {
    return <Waiting what={texts.theAlmanac} />;
  }
  const open = opened(search, chapters);
  const shown = [...chapters].filter(([chapter]) => open === 'all' || open === chapter);
  const change = (name: string, value: string) =>
    setSearch(changed(name, value), { replace: true });
  return (
    <Box maxW="78rem">
      <title>{texts.almanacRoundPocket}</title>
      <Box as="h1" fontSize="2xl">
        {shared.almanac}
      </Box>
      <Box color="quiet" mb={4}>
        {texts.everyRuleMethodAndConstant}
      </Box>
      <SearchLine
        words={words}
        kind={kind}
        onChange={change}
        found={
          open === 'calculators'
            ? ''
            : texts.of(shown.flatMap(([, entries]) => entries).length, almanac.data.length)
        }
      />
      <Grid templateColumns={{ base: '1fr', md: '14rem minmax(0, 1fr)' }} gap={{ base: 4, md: 8 }}>
        <Contents chapters={chapters} open={open} search={search} />
        <Box ref={beginning}>
          {chapters.size === 0 && <p>{texts.nothingInTheAlmanacHas}</p>}
          {open === 'calculators' && <Calculators />}
          {shown.map(([chapter, entries]) => (
            <Chapter key={chapter} chapter={chapter} entries={entries} />
          ))}
        </Box>
      </Grid>
    </Box>
  );
}

/** The address with another word or kind; what is searched for may stand in any chapter. */
function changed(name: string, value: string): URLSearchParams {
  // From the address itself: what was typed a moment ago may not have come round yet.
  const next = new URLSearchParams(window.location.search);
  next.set(name, value);
  if (!value) {
    next.delete(name);
  }
  if (name === 'words') {
    next.delete('chapter');
  }
  return next;
}

/** What stands beside the contents: the calculators until something is looked for, a chapter, or all that was found. */
function opened(search: URLSearchParams, chapters: Chapters): Subject | 'all' | 'calculators' {
  const asked = search.get('chapter');
  if (!asked && !search.get('words') && !search.get('kind')) {
    return 'calculators';
  }
  return chapters.has(asked as Subject) ? (asked as Subject) : 'all';
}

interface SearchLineProps {
  words: string;
  kind: string;
  found: string;
  onChange: (name: 'words' | 'kind', value: string) => void;
}

/** Words to look for, the kind of entry, and how many there are. */
function SearchLine({ words, kind, found, onChange }: SearchLineProps) {
  return (
    <Flex gap={4} mb={5} align="flex-end" wrap="wrap">
      <Box as="label" fontWeight="600" flex="1 1 16rem" maxW="28rem">
        {texts.search}
        <Input
          type="search"
          value={words}
          placeholder={texts.eGGraftGaugeMunden}
          size="lg"
          mt={1}
          bg="sheet"
          borderColor="quiet"
          fontWeight="400"
          onChange={(event) => onChange('words', event.target.value)}
        />
      </Box>
      <Flex role="group" aria-label={texts.kindOfEntry} wrap="wrap">
        {KINDS.map(([value, name]) => (
          <Press
            key={value}
            look="tab"
            aria-pressed={value === kind}
            onClick={() => onChange('kind', value)}
            px={3}
            fontWeight={value === kind ? '700' : '400'}
            borderColor={value === kind ? 'ink' : 'transparent'}
          >
            {name}
          </Press>
        ))}
      </Flex>
      <Box role="status" color="quiet" fontSize="sm" lineHeight="44px" data-testid="found">
        {found}
      </Box>
    </Flex>
  );
}
