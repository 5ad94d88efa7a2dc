import { Flex } from '@chakra-ui/react';
import type { Work } from '../wire/types';
import { stateWords } from './place';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface SockTabsProps {
  works: readonly [Work, Work];
  positions: readonly [number, number];
  /** The sock that is shown, or 0 for both in their turn. */
  chosen: 0 | 1 | 2;
  /** Whether both are on the needles together. */
  together: boolean;
  onChoose: (sock: 0 | 1 | 2) => void;
}

/** Which sock is shown, and how far each is. */
export function SockTabs({ works, positions, chosen, together, onChoose }: SockTabsProps) {
  const tabs = together ? ([0, 1, 2] as const) : ([1, 2] as const);
  const alike = together && positions[0] === positions[1];
  const tabWords = (sock: 1 | 2) => {
    const at = (sock - 1) as 0 | 1;
    const which = sock === 1 ? texts.firstSock : texts.secondSock;
    return alike ? which : `${which}: ${stateWords(works[at], positions[at])}`;
  };
  return (
    <Flex role="group" aria-label={shared.whichSock}>
      {tabs.map((sock) => (
        <Press
          key={sock}
          look="tab"
          aria-pressed={chosen === sock}
          onClick={() => onChoose(sock)}
          px={{ base: 2, md: 3 }}
          fontSize="sm"
          borderColor={chosen === sock ? 'ink' : 'transparent'}
          color={chosen === sock ? 'ink' : 'quiet'}
        >
          {sock === 0 ? texts.bothSocks2 : tabWords(sock)}
        </Press>
      ))}
    </Flex>
  );
}
