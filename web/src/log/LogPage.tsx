import { Box, Link } from '@chakra-ui/react';
import { useDeferredValue, useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { useLog, useTallies } from '../api/logQueries';
import { Find } from '../form/Find';
import { More, useMore } from '../form/More';
import { Notice, Waiting } from '../form/States';
import { LogItem } from './LogItem';
import { Together } from './Together';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** So many are seen at a glance. */
const FEW = 3;

/** Finished pairs: what was planned and what was knitted, how they fit, and what was learned. */
export function LogPage() {
  const shown = useMore();
  const [words, setWords] = useState('');
  const sought = useDeferredValue(words.trim());
  const log = useLog(shown.most, sought);
  const tallies = useTallies();
  const longest = Math.max(
    ...(log.data?.entries ?? []).map(({ gist }) => gist?.outline.lengthMm ?? 0),
  );
  return (
    <Box>
      <title>{texts.logRoundPocket}</title>
      <Box as="h1" fontSize="2xl" mb={2}>
        {shared.log}
      </Box>
      {log.data ? (
        log.data.inAll === 0 && sought === '' ? (
          <Box maxW="38rem">
            <p>{texts.noPairIsFinishedYet}</p>
            <Link asChild color="chosen" textDecoration="underline" minH="44px">
              <RouteLink to="/">{shared.toTheBasket}</RouteLink>
            </Link>
          </Box>
        ) : (
          <>
            {(log.data.inAll > FEW || words !== '') && (
              <Find
                label={shared.findAPairByIts}
                words={words}
                onWords={setWords}
                found={sought === '' ? undefined : log.data.inAll}
              />
            )}
            {tallies.data && sought === '' && <Together tallies={tallies.data} />}
            <Box as="ul" listStyleType="none">
              {log.data.entries.map((entry) => (
                <LogItem key={entry.pairId} entry={entry} longestMm={longest} />
              ))}
            </Box>
            <More {...shown} inAll={log.data.inAll} what={shared.finishedPairs} />
          </>
        )
      ) : log.error ? (
        <Notice title={texts.theLogCannotBeShown} error={log.error} />
      ) : (
        <Waiting what={texts.theLog} />
      )}
    </Box>
  );
}
