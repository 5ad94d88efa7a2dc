import { Flex, Link } from '@chakra-ui/react';
import { NavLink } from 'react-router';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** The papers of a pair; each is printed from its own page. */
const PAPERS = [
  ['card', shared.pocketCard],
  ['sole', texts.trueSizeSole],
  ['sizes', texts.sizeChart],
] as const;

/** From one paper of a pair to the others, to the measuring sheet for feet, and to the tubes with their cutting sheets. */
export function Papers({ id }: { id: string }) {
  return (
    <Flex
      as="nav"
      aria-label={texts.papers}
      className="no-print"
      columnGap={5}
      wrap="wrap"
      mb={3}
      borderBottomWidth="1px"
      borderColor="line"
    >
      {PAPERS.map(([path, words]) => (
        <Paper key={path} to={`/pairs/${id}/${path}`} words={words} />
      ))}
      <Paper to="/feet/sheet" words={texts.measuringSheet} />
      <Paper to="/tubes" words={texts.cuttingSheet} />
      <Paper to={`/pairs/${id}`} words={shared.plan} />
    </Flex>
  );
}

function Paper({ to, words }: { to: string; words: string }) {
  return (
    <Link
      asChild
      color="chosen"
      minH="44px"
      alignItems="center"
      borderBottomWidth="3px"
      borderColor="transparent"
      css={{ '&[aria-current=page]': { color: 'ink', fontWeight: 650, borderColor: 'ink' } }}
    >
      <NavLink to={to} end>
        {words}
      </NavLink>
    </Link>
  );
}
