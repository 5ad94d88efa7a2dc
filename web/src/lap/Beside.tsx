import { Flex } from '@chakra-ui/react';
import { LinkButton } from '../form/LinkButton';
import { spoken } from '../form/spoken';
import type { ToolProps } from './Tool';
import { TOOLS, useBeside } from './useBeside';
import { texts } from './texts';

/** What lies beside the needles: the tape, the scale, a pencil, the calendar. */
export function Beside(props: Omit<ToolProps, 'onClose'>) {
  const { open, sheet } = useBeside(props);
  return (
    <>
      <Flex
        role="group"
        aria-label={texts.besideTheNeedles}
        wrap="wrap"
        columnGap={{ base: 0, md: 2 }}
      >
        {TOOLS.map(([tool, word, title]) => (
          <LinkButton
            key={tool}
            aria-label={spoken(word, title)}
            aria-haspopup="dialog"
            onClick={() => open(tool)}
            px={2}
            fontSize="sm"
          >
            {word}
          </LinkButton>
        ))}
      </Flex>
      {sheet}
    </>
  );
}
