import { Box } from '@chakra-ui/react';
import { memo } from 'react';
import type { Plan } from '../wire/types';
import { capital } from '../texts/capital';
import { shared } from '../texts/shared';
import { useSaid } from '../units/useSaid';

/** What to have at hand for the pair: the thing itself, and how much of it or what for. */
export const Supplies = memo(function Supplies({ plan }: { plan: Plan }) {
  const say = useSaid();
  return (
    <Box data-paper="bring">
      <Box as="h2" id="bring" ref={shown} fontSize="lg" mt={6} mb={2}>
        {shared.whatToBring}
      </Box>
      <Box
        as="ul"
        bg="sheet"
        borderWidth="1px"
        borderColor="line"
        p={{ base: 3, md: 4 }}
        listStyleType="none"
        columnWidth="18rem"
        columnGap={6}
        data-testid="supplies"
      >
        {plan.supplies.map(({ kind, item, note }) => (
          <Box as="li" key={kind} pb={2} breakInside="avoid" lineHeight="1.35">
            <Box fontWeight="600">{capital(say(item))}</Box>
            <Box fontSize="sm" color="quiet" className="no-print">
              {say(note)}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
});

/** Who asked for the list from elsewhere comes to it. */
function shown(list: HTMLElement | null): void {
  if (list && location.hash === `#${list.id}`) {
    list.scrollIntoView();
  }
}
