import { Box, Button } from '@chakra-ui/react';
import { useEffect } from 'react';
import { silent, useSilentSince } from '../api/connection';

/** A place that could not be fetched: the way there is kept, and gone again once the server answers. */
export function LostPage() {
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
        This page couldn’t load
      </Box>
      <p>
        Round Pocket isn’t responding. The page opens when it’s back. What you saw before is still
        there.
      </p>
      <Button
        mt={3}
        variant="outline"
        borderColor="ink"
        color="ink"
        minH="44px"
        onClick={() => location.reload()}
      >
        Try again
      </Button>
    </Box>
  );
}
