import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { LinkButton } from './LinkButton';
import { texts } from './texts';

const AT_ONCE = 12;

/** How much of a long list is shown. */
export function useMore() {
  const [most, setMost] = useState(AT_ONCE);
  return { most, onMore: () => setMost(most + AT_ONCE) };
}

interface MoreProps {
  most: number;
  onMore: () => void;
  /** How much there is. */
  inAll: number;
  /** What it is, in words: `pairs`. */
  what: string;
}

/** Shows more of a long list; nothing where all of it is shown. */
export function More({ most, onMore, inAll, what }: MoreProps) {
  if (inAll <= most) {
    return null;
  }
  return (
    <Box mt={3}>
      {texts.of(most, inAll, what)}
      <LinkButton onClick={onMore}>{texts.showMore(Math.min(AT_ONCE, inAll - most))}</LinkButton>
    </Box>
  );
}
