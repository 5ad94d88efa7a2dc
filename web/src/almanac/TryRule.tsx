import { Box, Flex } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import { NumberField } from '../form/NumberField';
import { decimal } from '../units/units';
import { texts } from './texts';

/** A rule asked with numbers of one's own, beginning with the example that it was checked with. */
export function TryRule({ id }: { id: string }) {
  const [typed, setTyped] = useState<readonly (number | undefined)[] | undefined>();
  const asked = typed?.every((each) => each !== undefined) ? [...typed] : undefined;
  const answer = useQuery({
    queryKey: ['rule', id, asked],
    queryFn: () =>
      api.get('/api/almanac/rules/{id}', { path: { id }, query: asked ? { in: asked } : {} }),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
  const { data, error } = answer;
  return (
    <Box mt={2} role="group" aria-label={texts.tryIt}>
      <Flex gap={3} wrap="wrap">
        {data?.names.map((name, i) => (
          <Box key={name} w="9rem">
            <NumberField
              label={name}
              kind="number"
              value={typed ? typed[i] : data.in[i]}
              onChange={(value) => setTyped((typed ?? data.in).with(i, value))}
            />
          </Box>
        ))}
      </Flex>
      <Box role="status" mt={1} className="figures">
        {error ? (
          <Box as="span" color="amiss">
            {error.message}
          </Box>
        ) : (
          data && <strong>{`= ${decimal(data.result, PLACES)}`}</strong>
        )}
      </Box>
      <Box fontSize="xs" color="quiet">
        {texts.lengthsInMmWeightsIn}
      </Box>
    </Box>
  );
}

const PLACES = 4;
