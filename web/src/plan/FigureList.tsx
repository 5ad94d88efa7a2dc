import { Box, Flex } from '@chakra-ui/react';
import { memo } from 'react';
import type { Plan } from '../wire/types';
import { useSettings } from '../settings/settings';
import { figureNumber } from '../units/units';
import { entries, type Entry, type Place } from '../tape/figures';
import { ChecksAt } from './Doubts';
import { Press } from '../form/Press';
import { texts } from './texts';

interface FigureListProps {
  plan: Plan;
  /** What is lit up, here and on the tape. */
  lit: Place | undefined;
  onLight: (place: Place | undefined) => void;
  onWorking: (entry: Entry) => void;
}

/** The figures that matter while knitting, large; a press opens how one came about. */
export const FigureList = memo(function FigureList({
  plan,
  lit,
  onLight,
  onWorking,
}: FigureListProps) {
  const { lengths } = useSettings();
  return (
    <Box as="ol" className="figures" aria-label={texts.theFiguresInTheOrder} listStyleType="none">
      {entries(plan, lengths).map((entry) => (
        <Box
          as="li"
          key={entry.id}
          borderTopWidth="1px"
          borderColor="line"
          _first={{ borderTopWidth: 0 }}
        >
          <Press
            data-figure={entry.id}
            data-lit={entry.place === lit || undefined}
            onClick={() => onWorking(entry)}
            onKeyDown={(event) => event.key === 'e' && onWorking(entry)}
            onPointerEnter={() => onLight(entry.place)}
            onPointerLeave={() => onLight(undefined)}
            onFocus={() => onLight(entry.place)}
            onBlur={() => onLight(undefined)}
            bg={entry.place === lit ? 'chosenGround' : undefined}
            aria-label={texts.showHowItsWorkedOut(
              entry.label,
              entry.figures.map((f) => figureNumber(f, lengths)).join(' + '),
              entry.unit,
              entry.note,
            )}
            w="100%"
            textAlign="left"
            py="4px"
            _hover={{ bg: 'chosenGround' }}
          >
            <Flex align="baseline" gap={2}>
              <Box flex="1" fontSize="sm" fontWeight="600">
                {entry.label}
              </Box>
              <Box fontSize="xl" fontWeight="700" lineHeight="1.15">
                {entry.figures.map((figure) => figureNumber(figure, lengths)).join(' + ')}
              </Box>
              <Box fontSize="sm" minW="4.2em">
                {entry.unit}
              </Box>
            </Flex>
            <Box fontSize="xs" color="quiet">
              {entry.note}
            </Box>
          </Press>
          <ChecksAt plan={plan} figure={entry.id} />
        </Box>
      ))}
    </Box>
  );
});
