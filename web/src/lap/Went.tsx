import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { Place } from './place';
import { unitOf } from './place';
import { texts } from './texts';

/** Which way the last press went: said, since a key may have been meant for something else. */
export function Went({ position, place }: { position: number; place: Place | undefined }) {
  const [seen, setSeen] = useState({ position, words: '' });
  if (seen.position !== position) {
    setSeen({ position, words: words(place, position < seen.position) });
  }
  return (
    <Box
      role="status"
      fontSize="sm"
      color="quiet"
      textAlign="center"
      minH="1.5em"
      data-testid="went"
    >
      {seen.words}
    </Box>
  );
}

function words(place: Place | undefined, back: boolean): string {
  if (!place) {
    return '';
  }
  const { step, done } = place;
  if (done === 0 || !unitOf(step)) {
    return back ? texts.backAt(step.title) : texts.nowAt(step.title);
  }
  return back ? texts.wentBack(done) : texts.wentOn(done);
}
