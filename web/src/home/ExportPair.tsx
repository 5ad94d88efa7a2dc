import { Box, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { usePairs } from '../api/queries';
import { PlainSelect } from '../form/PlainSelect';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** One pair as a file, to give to a friend; and its plan alone. */
export function ExportPair() {
  const pairs = usePairs();
  const [chosen, setChosen] = useState('');
  const [feet, setFeet] = useState(false);
  const pair = pairs.data?.find(({ id }) => id === chosen) ?? pairs.data?.[0];
  if (!pair) {
    return null;
  }
  const link = { color: 'chosen', textDecoration: 'underline', minH: '44px', alignItems: 'center' };
  const plan = `data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(pair.spec, undefined, 2))}`;
  return (
    <Box mt={6}>
      <Box as="h2" fontSize="lg" mb={1}>
        {texts.giveAPairToA}
      </Box>
      <Flex gap={4} align="flex-end" wrap="wrap">
        <PlainSelect
          label={shared.pair}
          value={pair.id}
          options={(pairs.data ?? []).map(({ id, name }) => ({ value: id, text: name }))}
          onChange={setChosen}
        />
        <Box as="label" minH="44px" display="flex" gap={2} alignItems="center">
          <input type="checkbox" checked={feet} onChange={() => setFeet(!feet)} />
          {texts.withTheFeetsNameAnd}
        </Box>
      </Flex>
      <Flex gap={5} wrap="wrap">
        <Link {...link} href={`/api/home/pairs/${pair.id}?feet=${feet}`} download>
          {texts.exportThePair}
        </Link>
        <Link {...link} href={plan} download={`${pair.name}.json`}>
          {texts.exportOnlyItsPlan}
        </Link>
      </Flex>
      <Box color="quiet" fontSize="sm" maxW="40rem">
        {texts.theFileHoldsThePlan}
      </Box>
    </Box>
  );
}
