import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { useSettings } from '../settings/settings';
import type { Place } from './place';
import { seam, unitOf } from './place';
import { texts } from './texts';

/** Which way the last press went, in the corner of what is pressed: a key may have been meant for something else. */
export function Went({ position, place }: { position: number; place: Place | undefined }) {
  const { wholeStitches } = useSettings();
  const [seen, setSeen] = useState({ position, words: '' });
  if (seen.position !== position) {
    setSeen({ position, words: words(place, position < seen.position, wholeStitches) });
  }
  return (
    <Box
      role="status"
      position="absolute"
      top={2}
      right={3}
      fontSize="sm"
      color="quiet"
      pointerEvents="none"
      data-testid="went"
    >
      {seen.words}
    </Box>
  );
}

function words(place: Place | undefined, back: boolean, wholeStitches: boolean): string {
  if (!place) {
    return '';
  }
  const { step } = place;
  const done = (wholeStitches ? seam(place)?.sewn : undefined) ?? place.done;
  const counted = done > 0 && unitOf(step);
  if (back) {
    return counted ? texts.wentBack(done) : texts.aStepBack;
  }
  return counted ? texts.wentOn(done) : '';
}
