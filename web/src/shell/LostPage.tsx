import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { useEffect } from 'react';
import { useRouteError } from 'react-router';
import { silent, useSilentSince } from '../api/connection';
import { Unfetched } from './Unfetched';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** A place that could not be shown: because its script did not come, or because of a fault in it. */
export function LostPage() {
  return useRouteError() instanceof Unfetched ? <Fetching /> : <Faulty />;
}

/** A fault on the page comes again with every try by itself: so nothing is tried until she says so. */
function Faulty() {
  return (
    <Box maxW="38rem" py={4} role="alert">
      <Box as="h1" fontSize="2xl" mb={2}>
        {texts.somethingWentWrongOnThis}
      </Box>
      <p>{texts.whatYouSavedIsSafe}</p>
      <Flex gap={3} mt={3} wrap="wrap">
        <TryAgain />
        <Link href="/" color="chosen" textDecoration="underline" minH="44px" alignItems="center">
          {shared.toTheBasket}
        </Link>
      </Flex>
    </Box>
  );
}

function TryAgain() {
  return (
    <Button
      variant="outline"
      borderColor="ink"
      color="ink"
      minH="44px"
      onClick={() => location.reload()}
    >
      {texts.tryAgain}
    </Button>
  );
}

/** A place that could not be fetched: the way there is kept, and gone again once the server answers. */
function Fetching() {
  const since = useSilentSince();
  useEffect(() => {
    silent(); // asks from now on, and says so above
  }, []);
  useEffect(() => {
    if (since === undefined) {
      const soon = setTimeout(() => location.reload(), 300);
      return () => clearTimeout(soon);
    }
    return undefined;
  }, [since]);
  return (
    <Box maxW="38rem" py={4} role="alert">
      <Box as="h1" fontSize="2xl" mb={2}>
        {texts.thisPageCouldntLoad}
      </Box>
      <p>{texts.roundPocketIsntRespondingThe}</p>
      <Box mt={3}>
        <TryAgain />
      </Box>
    </Box>
  );
}
