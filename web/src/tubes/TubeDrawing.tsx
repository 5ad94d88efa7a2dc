import { Box } from '@chakra-ui/react';
import { useHatching } from '../tape/Hatch';
import { LengthTicks, TAPE_HEIGHT } from '../tape/Measure';
import { Line, Rect, Text } from '../tape/svg';
import { useWidth } from '../tape/useWidth';
import { useSettings } from '../settings/settings';
import type { CutPlan, Cutting, PutPiece } from '../wire/types';
import { CutHandles } from './CutHandles';
import { StretchTable } from './StretchTable';
import { Stretches } from './Stretches';
import { TubeColours } from './TubeStrip';
import { texts } from './texts';

const MARGIN = 12;
const TUBE_TOP = 26;
const TUBE_HEIGHT = 72;
const TAPE_TOP = TUBE_TOP + TUBE_HEIGHT + 24;
const LEAST_PIXELS_BETWEEN_NUMBERS = 34;
const LEAST_WIDTH = 640;

interface TubeDrawingProps {
  cutting: Cutting;
  /** The way it is cut; none where there is none. */
  plan: CutPlan | undefined;
  /** The pieces as they are put by hand. */
  pieces?: readonly PutPiece[] | undefined;
  /** Takes a cut that was moved; without it cuts stay where they are. */
  onMove?: ((pieces: PutPiece[]) => void) | undefined;
  names: readonly string[];
  /** Whether there are two of it: each piece is then one of either. */
  two: boolean;
  /** Whether the same in words stands below, folded; usually it does. */
  folded?: boolean;
}

/** The tube to scale from end to end, the toes’ end at the left, with everything that becomes of it. */
export function TubeDrawing(props: TubeDrawingProps) {
  const { cutting, plan, pieces, onMove, names, two, folded = true } = props;
  const { hatch } = useSettings();
  const [measure, room] = useWidth(1200);
  // On a phone it is pushed along under the window.
  const width = Math.max(room, LEAST_WIDTH);
  const hatching = useHatching(cutting.colours.length);
  const mm = cutting.length.value;
  const perMm = (width - 2 * MARGIN) / mm;
  const scale = { perMm, x: (at: number) => MARGIN + at * perMm };
  const perRound = mm / cutting.rounds.value;
  const round = (at: number) => scale.x(at * perRound);
  return (
    <Box as="figure">
      <Box ref={measure} overflowX="auto" tabIndex={0} role="region" aria-label={texts.theTube}>
        <svg
          data-paper="wide"
          viewBox={`0 0 ${width} ${TAPE_TOP + TAPE_HEIGHT + 2}`}
          width={width}
          height={TAPE_TOP + TAPE_HEIGHT + 2}
          role="group"
          aria-label={texts.theTubeFromTheToes}
        >
          {hatching.defs}
          <TubeColours
            cutting={cutting}
            x={round}
            top={TUBE_TOP}
            height={TUBE_HEIGHT}
            {...(hatch && { hatch: hatching.fill })}
          />
          {plan ? (
            <Stretches {...{ plan, names, two }} x={round} top={TUBE_TOP} height={TUBE_HEIGHT} />
          ) : (
            <Rect
              x={round(0)}
              y={TUBE_TOP}
              width={mm * perMm}
              height={TUBE_HEIGHT}
              fill="none"
              stroke="ink"
            />
          )}
          <TubeTape cutting={cutting} scale={scale} />
          {plan && onMove && (
            <CutHandles
              plan={plan}
              pieces={pieces}
              x={round}
              perRound={perRound * perMm}
              top={TUBE_TOP - 8}
              height={TUBE_HEIGHT + 30}
              onMove={onMove}
            />
          )}
        </svg>
      </Box>
      {plan && folded && <StretchTable plan={plan} names={names} cutting={cutting} />}
    </Box>
  );
}

interface TubeTapeProps {
  cutting: Cutting;
  scale: { perMm: number; x: (mm: number) => number };
}

/** The tape beneath a tube: lengths along its upper edge, rounds along its lower one. */
function TubeTape({ cutting, scale }: TubeTapeProps) {
  const { lengths } = useSettings();
  const mm = cutting.length.value;
  const perRound = mm / cutting.rounds.value;
  return (
    <>
      <Rect
        x={MARGIN - 6}
        y={TAPE_TOP}
        width={mm * scale.perMm + 12}
        height={TAPE_HEIGHT}
        fill="tape"
      />
      <LengthTicks lengthMm={mm} scale={scale} top={TAPE_TOP} lengths={lengths} />
      <RoundNumbers
        rounds={cutting.rounds.value}
        perRound={perRound * scale.perMm}
        x={(at) => scale.x(at * perRound)}
        bottom={TAPE_TOP + TAPE_HEIGHT}
      />
    </>
  );
}

interface RoundNumbersProps {
  rounds: number;
  /** Pixels of a round. */
  perRound: number;
  x: (round: number) => number;
  bottom: number;
}

/** Rounds along the lower edge of the tape, counted from the toes’ end. */
function RoundNumbers({ rounds, perRound, x, bottom }: RoundNumbersProps) {
  const steps = [10, 20, 50, 100, 200, 500];
  const named = steps.find((step) => step * perRound >= LEAST_PIXELS_BETWEEN_NUMBERS) ?? 1000;
  const tens = Math.floor(rounds / 10);
  return (
    <g>
      {Array.from({ length: tens }, (_, i) => (i + 1) * 10)
        .filter((at) => perRound * 10 >= 3 || at % named === 0)
        .map((at) => (
          <g key={at}>
            <Line
              x1={x(at)}
              x2={x(at)}
              y1={bottom - (at % named === 0 ? 9 : 5)}
              y2={bottom}
              stroke="onTape"
              strokeWidth={at % named === 0 ? 1.4 : 0.7}
            />
            {at % named === 0 && (
              <Text
                x={x(at)}
                y={bottom - 12}
                textAnchor={at > rounds - named / 2 ? 'end' : 'middle'}
                fontSize="12px"
                fill="onTape"
              >
                {at}
              </Text>
            )}
          </g>
        ))}
    </g>
  );
}
