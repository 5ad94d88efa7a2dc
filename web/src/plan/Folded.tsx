import { Box } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { LinkButton } from '../form/LinkButton';
import { texts } from './texts';

/** The beginning of a long text, and all of it once it is asked for or something in it is gone to. */
export function Folded({ title, children }: { title: string; children: ReactNode }) {
  const [whole, setWhole] = useState(false);
  return (
    <Box mt={4} onFocusCapture={() => setWhole(true)}>
      <Box as="h2" fontSize="lg" mb={1}>
        {title}
      </Box>
      <Box lineClamp={whole ? undefined : LINES} className="folded">
        {children}
      </Box>
      {!whole && (
        <LinkButton className="no-print" aria-expanded={false} onClick={() => setWhole(true)}>
          {texts.wholeRecipe}
        </LinkButton>
      )}
    </Box>
  );
}

const LINES = 5;
