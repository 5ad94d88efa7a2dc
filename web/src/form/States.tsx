import { Box, Link } from '@chakra-ui/react';
import { Link as RouteLink } from 'react-router';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** While something is fetched. */
export function Waiting({ what }: { what: string }) {
  return (
    <Box role="status" color="quiet" py={6}>
      {texts.loading(what)}
    </Box>
  );
}

/** When something cannot be had: what is wrong, and the way back. */
export function Notice({ title, error }: { title: string; error: Error }) {
  return (
    <Box maxW="38rem" py={4} role="alert">
      <Box as="h1" fontSize="2xl" mb={2}>
        {title}
      </Box>
      <p>{error.message}</p>
      <Link asChild color="chosen" textDecoration="underline" mt={3} minH="44px">
        <RouteLink to="/">{shared.backToTheBasket}</RouteLink>
      </Link>
    </Box>
  );
}
