import { Box } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Licence } from '../wire/types';
import { Notice, Waiting } from '../form/States';
import { texts } from './texts';

/** Whose work Round Pocket is built on, and under which licences. */
export function LicencesPage() {
  const licences = useQuery({
    queryKey: ['licences'],
    queryFn: () => api.get('/api/licences'),
    staleTime: Infinity,
  });
  return (
    <Box maxW="46rem">
      <title>{texts.licencesRoundPocket}</title>
      <Box as="h1" fontSize="2xl" mb={2}>
        {texts.licences}
      </Box>
      <Box mb={4}>{texts.roundPocketIsBuiltOn}</Box>
      {licences.data ? (
        <Box as="ul" listStyleType="none">
          {licences.data.map((each) => (
            <Row key={`${each.name} ${each.version}`} licence={each} />
          ))}
        </Box>
      ) : licences.error ? (
        <Notice title={texts.theLicencesCannotBeShown} error={licences.error} />
      ) : (
        <Waiting what={texts.theLicences} />
      )}
    </Box>
  );
}

function Row({ licence: { name, version, licence, text } }: { licence: Licence }) {
  const named = (
    <>
      <Box as="span" fontWeight="650">
        {name}
      </Box>{' '}
      {version}
      <Box as="span" color="quiet">
        {' '}
        · {licence}
      </Box>
    </>
  );
  return (
    <Box as="li" py={1} borderBottomWidth="1px" borderColor="line" overflowWrap="anywhere">
      {text ? (
        <details>
          <summary>{named}</summary>
          <Box whiteSpace="pre-line" fontSize="sm" py={2}>
            {text}
          </Box>
        </details>
      ) : (
        <Box pl="1.15rem">{named}</Box>
      )}
    </Box>
  );
}
