import { Box, Flex, Link } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { Link as RouteLink, useLocation } from 'react-router';
import { LinkButton } from '../form/LinkButton';
import { shared } from '../texts/shared';
import { prose } from '../units/units';
import type { AlmanacEntry } from '../wire/types';
import { ChapterDrawing, type Subject } from './ChapterDrawing';
import { texts } from './texts';
import { TryRule } from './TryRule';

/** The entries found, chapter by chapter in the almanac's order. */
export type Chapters = ReadonlyMap<Subject, readonly AlmanacEntry[]>;

/** Marks a chapter that was chosen among the contents, and not found by a word. */
const CHOSEN = 'chosen';

/** Where what is shown begins; it is brought into sight when a chapter was chosen, if it is not. */
export function useBeginning() {
  const beginning = useRef<HTMLDivElement>(null);
  const { key, state } = useLocation();
  useEffect(() => {
    const top = beginning.current?.getBoundingClientRect().top ?? 0;
    if (state === CHOSEN && (top < 0 || top > window.innerHeight / 2)) {
      beginning.current?.scrollIntoView();
    }
  }, [key, state]);
  return beginning;
}

interface ContentsProps {
  chapters: Chapters;
  open: Subject | 'all' | 'calculators';
  search: URLSearchParams;
}

/** The way to the calculators and to every chapter that has something of what is looked for, with how much. */
export function Contents({ chapters, open, search }: ContentsProps) {
  const to = (chapter: string) => {
    const next = new URLSearchParams(search);
    next.set('chapter', chapter);
    return `?${next.toString()}`;
  };
  const all = [...chapters.values()].flat().length;
  return (
    <Box as="nav" aria-label={texts.chapters}>
      <Flex
        direction={{ base: 'row', md: 'column' }}
        wrap={{ base: 'wrap', md: 'nowrap' }}
        columnGap={5}
        position={{ md: 'sticky' }}
        top={4}
      >
        <Way to="/almanac" here={open === 'calculators'} title={texts.smallCalculators} />
        {[...chapters].map(([chapter, entries]) => (
          <Way
            key={chapter}
            to={to(chapter)}
            here={open === chapter}
            title={entries[0]?.chapterTitle ?? ''}
            count={entries.length}
          />
        ))}
        {chapters.size > 1 && (
          <Way to={to('all')} here={open === 'all'} title={texts.allChapters} count={all} />
        )}
      </Flex>
    </Box>
  );
}

interface WayProps {
  to: string;
  here: boolean;
  title: string;
  count?: number;
}

function Way({ to, here, title, count }: WayProps) {
  return (
    <Link
      asChild
      aria-current={here ? 'true' : undefined}
      justifyContent="space-between"
      gap={2}
      minH={{ base: '44px', md: '30px' }}
      alignItems="center"
      color={here ? 'ink' : 'chosen'}
      fontWeight={here ? '700' : '400'}
      textDecoration="none"
    >
      <RouteLink to={to} state={CHOSEN}>
        <Box as="span" textDecoration={here ? 'none' : 'underline'}>
          {title}
        </Box>
        {count !== undefined && (
          <Box as="span" color="quiet" fontWeight="400" fontSize="sm" className="figures">
            {count}
          </Box>
        )}
      </RouteLink>
    </Link>
  );
}

interface ChapterProps {
  chapter: Subject;
  entries: readonly AlmanacEntry[];
}

export function Chapter({ chapter, entries }: ChapterProps) {
  return (
    <Box as="section" mb={8} aria-labelledby={chapter}>
      <Flex align="center" gap={4}>
        <ChapterDrawing of={chapter} />
        <Box as="h2" id={chapter} fontSize="xl">
          {entries[0]?.chapterTitle}
        </Box>
      </Flex>
      <Box as="dl" borderTopWidth="1px" borderColor="line" mt={1}>
        {entries.map((entry) => (
          <Entry key={entry.id} entry={entry} />
        ))}
      </Box>
    </Box>
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
