import { Box, Flex, Input, Link } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useAlmanac } from '../api/queries';
import type { AlmanacEntry } from '../wire/types';
import { Notice, Waiting } from '../form/States';
import { LinkButton } from '../form/LinkButton';
import { Calculators } from './Calculators';
import { matches } from './matches';
import { ChapterDrawing, type Subject } from './ChapterDrawing';
import { TryRule } from './TryRule';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';
import { prose } from '../units/units';

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
  const words = search.get('words') ?? '';
  const kind = search.get('kind') ?? '';
  const found = useMemo(
    () => (almanac.data ?? []).filter((entry) => matches(entry, words, kind)),
    [almanac.data, words, kind],
  );
  if (almanac.error && !almanac.data) {
    return <Notice title={texts.theAlmanacCannotBeOpened} error={almanac.error} />;
  }
  if (!almanac.data) {
    return <Waiting what={texts.theAlmanac} />;
  }
  const change = (name: string, value: string) => {
    // From the address itself: what was typed a moment ago may not have come round yet.
    const next = new URLSearchParams(window.location.search);
    if (value) {
      next.set(name, value);
    } else {
      next.delete(name);
    }
    setSearch(next, { replace: true });
  };
  return (
    <Box maxW="78rem">
      <title>{texts.almanacRoundPocket}</title>
      <Box as="h1" fontSize="2xl">
        {shared.almanac}
      </Box>
      <Box color="quiet" mb={4}>
        {texts.everyRuleMethodAndConstant}
      </Box>
      <Calculators />
      <SearchLine
        words={words}
        kind={kind}
        onChange={change}
        found={texts.of(found.length, almanac.data.length)}
      />
      {found.length === 0 && <p>{texts.nothingInTheAlmanacHas}</p>}
      <Chapters entries={found} />
    </Box>
  );
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
    <Flex gap={4} mt={8} mb={3} align="flex-end" wrap="wrap">
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
      <Box role="status" color="quiet" fontSize="sm" minH="24px" data-testid="found">
        {found}
      </Box>
    </Flex>
  );
}

/** The entries found, under the headings of their chapters, with a way to each above them. */
function Chapters({ entries }: { entries: readonly AlmanacEntry[] }) {
  const chapters = Map.groupBy(entries, ({ chapter }) => chapter);
  const title = (chapter: Subject) => chapters.get(chapter)?.[0]?.chapterTitle;
  return (
    <>
      {chapters.size > 1 && (
        <Flex as="nav" aria-label={texts.chapters} wrap="wrap" columnGap={5} mb={2}>
          {[...chapters.keys()].map((chapter) => (
            <Link
              key={chapter}
              href={`#${chapter}`}
              color="chosen"
              textDecoration="underline"
              minH="32px"
              alignItems="center"
            >
              {title(chapter)}
            </Link>
          ))}
        </Flex>
      )}
      {[...chapters].map(([chapter, inIt]) => (
        <Box as="section" key={chapter} mt={8} aria-labelledby={chapter}>
          <Flex align="center" gap={4}>
            <ChapterDrawing of={chapter} />
            <Box as="h2" id={chapter} fontSize="xl" tabIndex={-1} scrollMarginTop="1rem">
              {title(chapter)}
            </Box>
          </Flex>
          <Box as="dl" borderTopWidth="1px" borderColor="line" mt={1}>
            {inIt.map((entry) => (
              <Entry key={entry.id} entry={entry} />
            ))}
          </Box>
        </Box>
      ))}
    </>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function Entry({ entry }: { entry: AlmanacEntry }) {
  const [tried, setTried] = useState(false);
  return (
    <Box
      id={entry.id}
      display="grid"
      gridTemplateColumns={{ base: '1fr', md: 'minmax(0, 17fr) minmax(0, 36fr) minmax(0, 20fr)' }}
      overflowWrap="anywhere"
      gap={{ base: 1, md: 5 }}
      py={2}
      borderBottomWidth="1px"
      borderColor="line"
    >
      <dt>
        <Box fontWeight="600" lineHeight="1.3">
          {prose(capital(entry.title))}
        </Box>
        <Box fontSize="xs" color="quiet">
          {entry.kindTitle}
        </Box>
      </dt>
      <dd>
        <Flex gap={3} justify="space-between" align="baseline">
          <Box fontStyle={entry.kind === 'RULE' ? 'italic' : undefined} lineHeight="1.4">
            {prose(entry.kind === 'RULE' ? entry.text.replaceAll('_', ' ') : capital(entry.text))}
          </Box>
          {entry.asked && (
            <LinkButton
              fontSize="sm"
              flexShrink={0}
              mt={-3}
              aria-expanded={tried}
              aria-label={texts.tryIt2(entry.title)}
              onClick={() => setTried(!tried)}
            >
              {tried ? shared.close : texts.tryIt}
            </LinkButton>
          )}
        </Flex>
        {entry.goodFor && (
          <Box fontSize="sm" color="quiet">
            {texts.goodFor(prose(entry.goodFor))}
          </Box>
        )}
        {tried && <TryRule id={entry.id} />}
      </dd>
      <Source entry={entry} />
    </Box>
  );
}

/** Where an entry comes from, and how far it can be trusted. */
function Source({ entry }: { entry: AlmanacEntry }) {
  return (
    <Box as="dd" fontSize="sm" color="quiet" lineHeight="1.35">
      <Box as="abbr" title={entry.markMeaning} fontWeight="700" mr={1} textDecoration="none">
        {entry.mark}
      </Box>
      {entry.source.includes(entry.text) ? (
        entry.markMeaning
      ) : (
        <>
          <Box as="span" srOnly>{`${entry.markMeaning}: `}</Box>
          {prose(entry.source)}
        </>
      )}
    </Box>
  );
}
