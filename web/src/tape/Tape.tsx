import { Box, Flex, Text as Words, useMediaQuery, VisuallyHidden } from '@chakra-ui/react';
import { memo, useState, type ReactNode } from 'react';
import type { Plan } from '../wire/types';
import { changeSettings, useSettings } from '../settings/settings';
import { LinkButton } from '../form/LinkButton';
import type { Place } from './figures';
import { layoutOf } from './layout';
import { reading } from './reading';
import { SectionTable } from './SectionTable';
import { Cursor, TapeDrawing } from './TapeDrawing';
import { texts } from './texts';
import { useCursor } from './useCursor';
import { useWidth } from './useWidth';

/** In a low window a sock that has bands above it is drawn smaller, so that its heel cup is seen with it. */
const LOW = '(min-width: 1000px) and (max-height: 900px)';

interface TapeProps {
  plan: Plan;
  colour?: string | undefined;
  /** What is lit up, here and among the figures. */
  lit?: Place | undefined;
  onLight?: (place: Place | undefined) => void;
  /** Whether something stands above it that pushes it down. */
  belowOthers?: boolean;
  /** What can be done at the round that the cursor points at; undefined while it rests. */
  along?: ((round: number | undefined) => ReactNode) | undefined;
}

/** The sock to scale along a tape, with a needle that reads it round by round. */
export const Tape = memo(function Tape(props: TapeProps) {
  const { plan, colour, lit, onLight, along, belowOthers = false } = props;
  const { lengths } = useSettings();
  const [measure, width] = useWidth(860);
  const [low] = useMediaQuery([LOW], { ssr: false });
  const [schools, setSchools] = useState(false);
  const [bothAsked, setBoth] = useState(false);
  const both = bothAsked && plan.stripes !== undefined;
  const layout = layoutOf(plan, { width, small: low === true && belowOthers, schools, both });
  const { round, at, pointedAt, handlers } = useCursor(plan, layout, onLight);
  const read = at ? reading(plan, round, at, lengths) : '';
  return (
    <Box ref={measure} className="figures" minW={0} overflowX="clip">
      <svg
        data-paper="wide"
        viewBox={`0 0 ${width} ${layout.height}`}
        width={width}
        height={layout.height}
        role="slider"
        tabIndex={0}
        aria-label={texts.cursorOnTheTapeArrow}
        aria-valuemin={1}
        aria-valuemax={plan.axis.length}
        aria-valuenow={round}
        aria-valuetext={read}
        {...handlers}
        style={{ display: 'block', touchAction: 'pan-y' }}
      >
        <TapeDrawing
          {...{ plan, layout, colour, lit, schools, both }}
          joins={along !== undefined}
        />
        {at && (
          <Cursor
            x={layout.scale.x(at.mmFromToe)}
            top={layout.tapeTop - 4}
            tapeTop={layout.tapeTop}
            bottom={layout.height}
          />
        )}
      </svg>
      <Flex mt={2} gap={2} align="baseline" minH="24px" wrap="wrap" data-testid="cursor-reading">
        <Words color="quiet" fontSize="sm" flexShrink={0}>
          {texts.cursor}
        </Words>
        <Words fontSize="sm" flex="1 1 16rem">
          {read}
        </Words>
        <Toggle on={schools} onClick={() => setSchools(!schools)}>
          {schools ? texts.hideOtherPlacements : texts.compareHeelPlacements}
        </Toggle>
        {plan.stripes && <StripesShown both={both} onBoth={setBoth} />}
      </Flex>
      {along?.(pointedAt)}
      <VisuallyHidden>
        <SectionTable plan={plan} />
      </VisuallyHidden>
    </Box>
  );
});

function StripesShown({ both, onBoth }: { both: boolean; onBoth: (both: boolean) => void }) {
  const { hatch } = useSettings();
  return (
    <>
      <Toggle on={both} onClick={() => onBoth(!both)}>
        {both ? texts.showOneSock : texts.showBothSocks}
      </Toggle>
      <Toggle on={hatch} onClick={() => changeSettings({ hatch: !hatch })}>
        {hatch ? texts.coloursOnly : texts.hatchTheColours}
      </Toggle>
    </>
  );
}

interface ToggleProps {
  on: boolean;
  onClick: () => void;
  children: string;
}

/** What the tape can show besides. */
function Toggle({ on, onClick, children }: ToggleProps) {
  return (
    <LinkButton
      aria-pressed={on}
      onClick={onClick}
      fontSize="sm"
      minH={{ base: '44px', md: '24px' }}
      className="no-print"
    >
      {children}
    </LinkButton>
  );
}
