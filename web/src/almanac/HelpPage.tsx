import { Box, Flex, Input, Link, SimpleGrid } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { useAlmanac } from '../api/queries';
import { Pages } from '../guide/GuidePage';
import { PAGES } from '../guide/pages';
import { ChapterDrawing } from './ChapterDrawing';
import { FIRST, PLACES, WORDS, type Topic } from './helpTopics';
import { hasWords, matches } from './matches';
import { texts } from './texts';

/** From so many letters on, the almanac is searched as well. */
const ENOUGH = 3;
const MOST = 8;

/** What to do first, what each place is for, and what the words mean; searched together with the almanac. */
export function HelpPage() {
  const [words, setWords] = useState('');
  const found = (topics: readonly Topic[]) =>
    topics.filter(({ title, text }) => hasWords(`${title} ${text}`, words));
  const [first, places, terms] = [found(FIRST), found(PLACES), found(WORDS)];
  return (
    <Box maxW="72rem">
      <title>{texts.helpRoundPocket}</title>
      <Box as="h1" fontSize="2xl">
        {texts.help}
      </Box>
      <Box as="label" display="block" fontWeight="600" maxW="28rem" mt={2}>
        {texts.searchHelpAndAlmanac}
        <Input
          type="search"
          value={words}
          placeholder={texts.eGGraftNegativeEase}
          size="lg"
          mt={1}
          bg="sheet"
          borderColor="quiet"
          fontWeight="400"
          onChange={(event) => setWords(event.target.value)}
        />
      </Box>
      <Box role="status" color="quiet" fontSize="sm" minH="24px" mt={1}>
        {first.length + places.length + terms.length === 0 && texts.nothingInHelpHasThese}
      </Box>
      <Steps topics={first} numbered={words === ''} />
      <Guide words={words} />
      <Terms title={texts.whatEachPlaceIsFor} topics={places} />
      <Terms title={texts.words} topics={terms} />
      <InAlmanac words={words} />
    </Box>
  );
}

function Steps({ topics, numbered }: { topics: readonly Topic[]; numbered: boolean }) {
  if (topics.length === 0) {
    return null;
  }
  return (
    <Box as="section" mt={4}>
      <Box as="h2" fontSize="xl" mb={2}>
        {texts.whatToDoFirst}
      </Box>
      <Box as="ol" listStyleType="none">
        {topics.map(({ title, text, drawing, to, go }, i) => (
          <Flex
            as="li"
            key={title}
            gap={{ base: 3, md: 6 }}
            py={3}
            borderTopWidth="1px"
            borderColor="line"
            align="center"
            wrap="wrap"
          >
            {drawing && <ChapterDrawing of={drawing} />}
            <Box flex="1 1 18rem" minW={0}>
              <Box as="h3" fontSize="md">
                {numbered ? `${i + 1}. ${title}` : title}
              </Box>
              <Box maxW="44rem">{text}</Box>
            </Box>
            {to && (
              <Link
                asChild
                color="chosen"
                textDecoration="underline"
                minH="44px"
                alignItems="center"
              >
                <RouteLink to={to}>{go}</RouteLink>
              </Link>
            )}
          </Flex>
        ))}
      </Box>
    </Box>
  );
}

/** The pages of the guide that have these words. */
function Guide({ words }: { words: string }) {
  const found = PAGES.filter(({ text }) => hasWords(text, words));
  return found.length === 0 ? null : (
    <Box as="section" mt={6}>
      <Box as="h2" fontSize="xl" mb={2}>
        {texts.theGuide}
      </Box>
      <Pages pages={found} />
    </Box>
  );
}

function Terms({ title, topics }: { title: string; topics: readonly Topic[] }) {
  if (topics.length === 0) {
    return null;
  }
  return (
    <Box as="section" mt={6}>
      <Box as="h2" fontSize="xl" mb={2}>
        {title}
      </Box>
      <SimpleGrid as="dl" columns={{ base: 1, md: 2 }} columnGap={8} rowGap={3}>
        {topics.map(({ title: name, text, to }) => (
          <Box key={name}>
            <Box as="dt" fontWeight="600">
              {to ? (
                <Link asChild color="chosen" textDecoration="underline">
                  <RouteLink to={to}>{name}</RouteLink>
                </Link>
              ) : (
                name
              )}
            </Box>
            <dd>{text}</dd>
          </Box>
        ))}
      </SimpleGrid>
    </Box>
  );
}

/** What the almanac has for the same words. */
function InAlmanac({ words }: { words: string }) {
  const almanac = useAlmanac();
  if (words.trim().length < ENOUGH) {
    return null;
  }
  const found = (almanac.data ?? []).filter((entry) => matches(entry, words, ''));
  return (
    <Box as="section" mt={6}>
      <Box as="h2" fontSize="xl" mb={2}>
        {texts.inTheAlmanac}
      </Box>
      {found.length === 0 && <Box color="quiet">{texts.nothingThereHasTheseWords}</Box>}
      <Box as="ul" listStyleType="none">
        {found.slice(0, MOST).map((entry) => (
          <Box as="li" key={entry.id} py={1}>
            <strong>{entry.title}</strong>
            {`: ${entry.text.replaceAll('_', ' ')}`}
          </Box>
        ))}
      </Box>
      {found.length > 0 && (
        <Link asChild color="chosen" textDecoration="underline" minH="44px" alignItems="center">
          <RouteLink to={`/almanac?words=${encodeURIComponent(words)}`}>
            {texts.seeAllInTheAlmanac(found.length)}
          </RouteLink>
        </Link>
      )}
    </Box>
  );
}
