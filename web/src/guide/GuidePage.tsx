import { Box, Link } from '@chakra-ui/react';
import Markdown, { type Components } from 'react-markdown';
import { Link as RouteLink, Navigate, useParams } from 'react-router';
import { addressOf, PAGES, pictureOf } from './pages';
import { texts } from './texts';

/** One page of the guide, as it stands in the sources. */
export function GuidePage() {
  const { page: name } = useParams();
  const page = PAGES.find((each) => each.name === name);
  if (!page) {
    return <Navigate to="/help" replace />;
  }
  return (
    <Box as="article" maxW="46rem" className="guide">
      <title>{texts.titleOfGuide(page.title)}</title>
      <Markdown components={PARTS}>{page.text}</Markdown>
      <Box as="nav" aria-label={texts.guide} mt={8} pt={3} borderTopWidth="1px" borderColor="line">
        <Pages />
      </Box>
    </Box>
  );
}

/** Every page of the guide. */
export function Pages({ pages = PAGES }: { pages?: typeof PAGES }) {
  return (
    <Box as="ul" listStyleType="none">
      {pages.map(({ name, title }) => (
        <li key={name}>
          <Leading to={`/help/${name}`}>{title}</Leading>
        </li>
      ))}
    </Box>
  );
}

function Leading({ to, children }: { to: string; children: React.ReactNode }) {
  return (
    <Link asChild color="chosen" textDecoration="underline" minH={{ base: '44px', md: '32px' }}>
      <RouteLink to={to}>{children}</RouteLink>
    </Link>
  );
}

/** How what is written is shown: headings and lists as everywhere else, pictures with what they show below them. */
const PARTS: Components = {
  h1: ({ children }) => (
    <Box as="h1" fontSize="2xl" mb={2}>
      {children}
    </Box>
  ),
  h2: ({ children }) => (
    <Box as="h2" fontSize="xl" mt={5} mb={2}>
      {children}
    </Box>
  ),
  p: ({ children }) => (
    <Box as="div" mb={3}>
      {children}
    </Box>
  ),
  ul: ({ children }) => (
    <Box as="ul" pl={5} mb={3} listStyleType="disc">
      {children}
    </Box>
  ),
  a: ({ href = '', children }) => {
    const to = addressOf(href);
    return to ? <Leading to={to}>{children}</Leading> : <>{children}</>;
  },
  img: ({ src, alt }) => {
    const picture = pictureOf(String(src));
    return picture ? (
      <Box as="figure" my={3}>
        <img src={picture} alt={alt ?? ''} loading="lazy" />
        <Box as="figcaption" fontSize="sm" color="quiet">
          {alt}
        </Box>
      </Box>
    ) : null;
  },
  code: ({ children }) => (
    <Box as="kbd" px={1} borderWidth="1px" borderColor="line" fontSize="sm">
      {children}
    </Box>
  ),
};
