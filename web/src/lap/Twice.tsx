import { Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Press } from '../form/Press';
import { texts } from './texts';

/** Two rounds take longer than this to knit: two taps within it may have been meant for one. */
const SOON_MS = 2000;

// Not the time of day: that can be set back.
const clock = () => performance.now();

/** When a round was pressed last, and after which position two were pressed almost at once. */
export function useTwice(position: number) {
  const [last, setLast] = useState<{ at: number; position: number }>();
  const [asked, setAsked] = useState<number>();
  return {
    asked: asked === position,
    pressed: (paced: boolean) => {
      const at = clock();
      const soon = paced && last && at - last.at < SOON_MS && last.position === position;
      setAsked(soon ? position + 1 : undefined);
      setLast(paced ? { at, position: position + 1 } : undefined);
    },
    settled: () => setAsked(undefined),
  };
}

interface TwiceProps {
  onOne: () => void;
  onTwo: () => void;
}

/** Both taps count; whether they were meant so is asked once, and nothing waits for the answer. */
export function Twice({ onOne, onTwo }: TwiceProps) {
  return (
    <Flex role="status" align="center" justify="center" gap={3} fontSize="sm" data-testid="twice">
      {texts.twoRoundsOrOne}
      <Press look="told" minH="44px" onClick={onTwo}>
        {texts.two}
      </Press>
      <Press look="told" minH="44px" onClick={onOne}>
        {texts.one}
      </Press>
    </Flex>
  );
}
