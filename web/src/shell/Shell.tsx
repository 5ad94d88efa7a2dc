import { Box, Flex, Link } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Link as RouteLink, NavLink, Outlet, useLocation, useMatch } from 'react-router';
import { useHome } from '../api/homeQueries';
import { Deleted } from './Deleted';
import { Damaged } from '../home/Damaged';
import { changeSettings, useSettings } from '../settings/settings';
import { KeysAndSettings } from './KeysAndSettings';
import { LaidAside } from './LaidAside';
import { LightSwitch } from './LightSwitch';
import { SendElsewhere } from './SendElsewhere';
import { Silence } from './Silence';
import { Switch } from '../form/Switch';
import { Unstored } from './Unstored';
import { useHeadingFocus } from './useHeadingFocus';
import { shared } from '../texts/shared';
import { texts } from './texts';

const PLACES = [
  ['/', shared.basket],
  ['/feet', shared.feet],
  ['/yarn', shared.yarn],
  ['/tubes', shared.tubes],
  ['/practice', shared.practice],
  ['/log', shared.log],
  ['/almanac', shared.almanac],
] as const;

/** The frame of every place: the name, the basket, and the two switches that hold everywhere. */
export function Shell() {
  const home = useHome().data;
  // In the lap a phone has no room for anything but the work; its own line leads back.
  const inLap = useMatch('/pairs/:id/lap') !== null;
  const main = useRef<HTMLElement>(null);
  useHeadingFocus(main);
  return (
    <Flex direction="column" minH={{ base: '100vh', _print: 0 }}>
      <SkipToContent />
      <Flex
        as="header"
        className="no-print"
        hideBelow={inLap ? 'md' : undefined}
        align="center"
        columnGap={{ base: 1, md: 6 }}
        px={{ base: 2, md: 6 }}
        minH="52px"
        borderBottomWidth="1px"
        borderColor="line"
        wrap="wrap"
        py={1}
      >
        <Link
          asChild
          color="ink"
          fontFamily="heading"
          fontWeight="700"
          fontSize={{ base: 'md', md: 'lg' }}
          letterSpacing="-0.02em"
          minH="44px"
          mr={{ base: 'auto', xl: 0 }}
          alignItems="center"
        >
          <RouteLink to="/">{shared.roundPocket}</RouteLink>
        </Link>
        <Places />
        <Units />
        <Box hideBelow="md">
          <LightSwitch />
        </Box>
        <KeysAndSettings />
      </Flex>
      <Silence />
      {home && home.unsound.length > 0 && <Unsound faults={home.unsound} />}
      <Unstored />
      <LaidAside />
      <SendElsewhere />
      <Deleted />
      <Box
        as="main"
        id="main"
        ref={main}
        flex="1"
        px={{ base: 3, md: 6, _print: 0 }}
        py={{ base: 4, md: 5, _print: 0 }}
      >
        {home?.damage ? <Damaged home={home} /> : <Outlet />}
      </Box>
    </Flex>
  );
}

/** In what lengths are written everywhere. */
function Units() {
  const { lengths } = useSettings();
  const client = useQueryClient();
  return (
    <Switch
      label={texts.lengthsIn}
      value={lengths}
      options={[
        ['CM', 'cm', 'centimetres'],
        ['INCH', 'in', 'inches'],
      ]}
      onChange={(value) => {
        changeSettings({ lengths: value });
        // What was refused is said anew, in the other unit.
        void client.invalidateQueries();
      }}
    />
  );
}

function SkipToContent() {
  return (
    <Link
      href="#main"
      position="absolute"
      left="-999px"
      _focus={{ left: 2, top: 2 }}
      bg="sheet"
      p={3}
    >
      {texts.skipToContent}
    </Link>
  );
}

/** The ways to all places: a row of their own where there is not room for all of them; on a phone drawn along sideways. */
function Places() {
  const nav = useRef<HTMLDivElement>(null);
  const { pathname } = useLocation();
  useEffect(() => {
    const row = nav.current;
    const here = row?.querySelector('[aria-current=page]');
    if (row && here) {
      // Sideways only: the page itself stays where it is, or was.
      const [seen, at] = [row.getBoundingClientRect(), here.getBoundingClientRect()];
      row.scrollLeft += Math.max(0, at.right - seen.right) - Math.max(0, seen.left - at.left);
    }
  }, [pathname]);
  return (
    <Flex
      as="nav"
      ref={nav}
      aria-label={texts.places}
      order={{ base: 1, xl: 0 }}
      flex={{ base: '1 1 100%', xl: '1' }}
      minW={0}
      gap={{ base: 1, md: 3 }}
      justifyContent={{ base: 'space-between', sm: 'flex-start' }}
      overflowX="auto"
    >
      {PLACES.map(([to, name]) => (
        <NavLink key={to} to={to} end={to === '/'} className="place">
          {name}
        </NavLink>
      ))}
    </Flex>
  );
}

/** Something stored is no longer as it was written; starting again finds out how much. */
function Unsound({ faults }: { faults: readonly string[] }) {
  return (
    <Box role="alert" bg="amissGround" color="amiss" px={{ base: 2, md: 6 }} py={2}>
      {texts.someOfYourDataCant(faults.join('; '))}
    </Box>
  );
}

/** A path that leads nowhere. */
export function NotFoundPage() {
  return (
    <Box maxW="34rem">
      <title>{texts.nothingHereRoundPocket}</title>
      <Box as="h1" fontSize="2xl" mb={2}>
        {texts.pageNotFound}
      </Box>
      <p>
        {texts.checkTheAddressThePair}{' '}
        <Link asChild color="chosen" textDecoration="underline">
          <RouteLink to="/">{shared.backToTheBasket}</RouteLink>
        </Link>
      </p>
    </Box>
  );
}
