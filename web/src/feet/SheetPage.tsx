import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { Link as RouteLink } from 'react-router';
import { useSettings } from '../settings/settings';
import { PageStyle } from '../form/PageStyle';

const INCH = 25.4;

/** A sheet to stand on: rulers true to size, and a square that shows whether the printer kept to it. */
export function SheetPage() {
  const { lengths } = useSettings();
  const inches = lengths === 'INCH';
  const check = inches ? 2 * INCH : 50;
  const checkWords = inches ? '2 in' : '5 cm';
  return (
    <Box>
      <title>Measuring sheet · Round Pocket</title>
      <PageStyle size="portrait" margin="8mm" />
      <Flex className="no-print" gap={3} align="center" wrap="wrap" mb={4}>
        <Box as="h1" fontSize="2xl" flex="1 1 16rem">
          Measuring sheet
        </Box>
        <Box color="quiet" fontSize="sm" maxW="28rem">
          Print it at 100 %, on A4 or letter paper, without fitting it to the page.
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => window.print()}>
          Print
        </Button>
        <Button asChild variant="outline" borderColor="ink" color="ink" minH="44px">
          <RouteLink to="/feet">Feet</RouteLink>
        </Button>
      </Flex>
      <Box
        className="light"
        bg="white"
        color="#17232E"
        w="fit-content"
        maxW="100%"
        overflowX="auto"
        tabIndex={0}
      >
        <svg
          width="190mm"
          height="255mm"
          viewBox="0 0 190 255"
          role="img"
          aria-label={`Two rulers from one corner, 24 centimetres up and 14 across, and a square of ${checkWords} to check the printer`}
          fontFamily="inherit"
          fill="#17232E"
        >
          <g transform="translate(12 248)" stroke="#17232E" strokeWidth="0.25">
            <path d="M0 -240V0H140" fill="none" strokeWidth="0.5" />
            {inches ? <InchTicks up={9} across={5} /> : <CentimetreTicks up={24} across={14} />}
          </g>
          <g style={{ fontSize: '4px' }}>
            <text x="30" y="239">
              Heel against this line, the foot’s inner edge along the ruler.
            </text>
            <g transform={`translate(${182 - check} 10)`}>
              <rect width={check} height={check} fill="none" stroke="#17232E" strokeWidth="0.3" />
              <text x={check / 2} y={check / 2 - 3} textAnchor="middle">
                {`${checkWords} each way`}
              </text>
              <text
                x={check / 2}
                y={check / 2 + 3}
                textAnchor="middle"
                style={{ fontSize: '3.2px' }}
              >
                Hold a ruler to it.
              </text>
            </g>
            {STEPS.map((step, i) => (
              <text key={step} x="30" y={16 + i * 7}>{`${i + 1}. ${step}`}</text>
            ))}
          </g>
        </svg>
      </Box>
      <Box className="no-print" mt={3} maxW="40rem">
        If the square is not {checkWords}, the printer has changed the size: print again at 100 %.
        For a foot longer than the ruler, draw around it on two sheets and measure with the tape.{' '}
        <Link asChild color="chosen" textDecoration="underline">
          <RouteLink to="/feet">Back to the feet</RouteLink>
        </Link>
      </Box>
    </Box>
  );
}

const STEPS = [
  'Check the square with a ruler.',
  'Stand on the sheet, weight on the foot.',
  'Draw around it, pencil upright.',
  'Read the length at the longest toe.',
  'Measure around the ball with a tape.',
];

interface TicksProps {
  up: number;
  across: number;
}

/** A tick each millimetre, longer ones at five and ten. */
function CentimetreTicks({ up, across }: TicksProps) {
  const tick = (mm: number) => (mm % 10 === 0 ? 8 : mm % 5 === 0 ? 5 : 3);
  return <Ticks up={up} across={across} step={1} each={10} tick={tick} />;
}

/** A tick each eighth of an inch, longer ones at halves and inches. */
function InchTicks({ up, across }: TicksProps) {
  const tick = (eighth: number) => (eighth % 8 === 0 ? 8 : eighth % 4 === 0 ? 5 : 3);
  return <Ticks up={up} across={across} step={INCH / 8} each={8} tick={tick} />;
}

interface EachProps extends TicksProps {
  /** Millimetres from tick to tick. */
  step: number;
  /** Ticks from number to number. */
  each: number;
  tick: (index: number) => number;
}

function Ticks({ up, across, step, each, tick }: EachProps) {
  const along = (count: number) => Array.from({ length: count * each + 1 }, (_, i) => i);
  const number = { stroke: 'none', style: { fontSize: '4px' } };
  return (
    <>
      {along(up).map((i) => (
        <g key={`up ${i}`} transform={`translate(0 ${-i * step})`}>
          <path d={`M0 0H${tick(i)}`} />
          {i % each === 0 && i > 0 && (
            <text x="9" y="1.4" {...number}>
              {i / each}
            </text>
          )}
        </g>
      ))}
      {along(across).map((i) => (
        <g key={`across ${i}`} transform={`translate(${i * step} 0)`}>
          <path d={`M0 0V${tick(i) * 0.75}`} />
          {i % each === 0 && i > 0 && (
            <text x="0" y="-1.2" textAnchor="middle" {...number}>
              {i / each}
            </text>
          )}
        </g>
      ))}
    </>
  );
}
