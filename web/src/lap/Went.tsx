import { Box, VisuallyHidden } from '@chakra-ui/react';
import { useState } from 'react';
import { useSettings, type Spoken } from '../settings/settings';
import type { Place } from './place';
import { seam, unitOf } from './place';
import { texts } from './texts';

/** Which way the last press went, in the corner of what is pressed: a key may have been meant for something else. */
export function Went({ position, place }: { position: number; place: Place | undefined }) {
  const { wholeStitches, spoken } = useSettings();
  const [seen, setSeen] = useState({ position, words: '', spoken: '' });
  if (seen.position !== position) {
    const back = position < seen.position;
    const all = words(place, back, wholeStitches);
    setSeen({ position, words: all, spoken: spokenOf(all, place, back, spoken) });
  }
  return (
    <>
      <Box
        position="absolute"
        top={2}
        right={3}
        fontSize="sm"
        color="quiet"
        pointerEvents="none"
        data-testid="went"
        aria-hidden
      >
        {seen.words}
      </Box>
      <VisuallyHidden role="status" data-testid="count-spoken">
        {seen.spoken}
      </VisuallyHidden>
    </>
  );
}

/** Every so many presses the count is said where it is not wanted each time. */
const TENTH = 10;

/** What a screen reader says of a press: what went back is always said. */
function spokenOf(all: string, place: Place | undefined, back: boolean, spoken: Spoken): string {
  const quiet = spoken === 'tenth' && !back && place && place.done > 0 && place.done % TENTH !== 0;
  return quiet ? '' : all;
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
