import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { Link as RouteLink } from 'react-router';
import { useFeet } from '../api/queries';
import { useSettings } from '../settings/settings';
import { lengthText } from '../units/units';
import { PageStyle } from '../form/PageStyle';
import { shared } from '../texts/shared';
import { texts } from './texts';

const INCH = 25.4;

/** A sheet to stand on: rulers true to size, and a square that shows whether the printer kept to it. */
export function SheetPage() {
  const { lengths } = useSettings();
  const inches = lengths === 'INCH';
  const feet = useFeet();
  const longest = Math.max(
    0,
    ...(feet.data ?? []).flatMap(({ foot, otherFoot }) => [
      foot.lengthMm ?? 0,
      otherFoot?.lengthMm ?? 0,
    ]),
  );
  const { joins, unit, up } = inches ? IN_INCHES : IN_CENTIMETRES;
  // The pencil goes around the toes too: a foot that ends just at the end of the first sheet gets a second one.
  const starts = longest + AROUND > up * unit ? [0, joins] : [0];
  return (
    <Box>
      <title>{texts.measuringSheetRoundPocket}</title>
      <PageStyle size="portrait" margin="8mm" />
      <Flex className="no-print" gap={3} align="center" wrap="wrap" mb={4}>
        <Box as="h1" fontSize="2xl" flex="1 1 16rem">
          {texts.measuringSheet}
        </Box>
        <Box color="quiet" fontSize="sm" maxW="28rem">
          {texts.printItAt100On}
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => window.print()}>
          {shared.print}
        </Button>
        <Button asChild variant="outline" borderColor="ink" color="ink" minH="44px">
          <RouteLink to="/feet">{shared.feet}</RouteLink>
        </Button>
      </Flex>
      <Flex direction="column" gap={6}>
        {starts.map((start) => (
          <Sheet key={start} from={start} sheets={starts.length} inches={inches} />
        ))}
      </Flex>
      <Box className="no-print" mt={3} maxW="40rem">
        {texts.ifTheSquareIsNot}
        {checkWords(inches)}
        {texts.thePrinterHasChangedThe}
        {starts.length > 1
          ? texts.theLongestFootOnThe(lengthText(longest, lengths))
          : texts.theSheetGrowsByA}
        <Link asChild color="chosen" textDecoration="underline">
          <RouteLink to="/feet">{texts.backToTheFeet}</RouteLink>
        </Link>
      </Box>
    </Box>
  );
}

/** What the pencil needs in front of the toes, in millimetres. */
const AROUND = 8;

/** Where the second sheet begins, and how far either reaches, in the unit of the ruler. */
const IN_CENTIMETRES = { unit: 10, joins: 22, up: 24, across: 14 };
const IN_INCHES = { unit: INCH, joins: 8, up: 9, across: 5 };

const checkWords = (inches: boolean): string => (inches ? '2 in' : '5 cm');

interface SheetProps {
  /** Where its ruler begins. */
  from: number;
  sheets: number;
  inches: boolean;
}

function Sheet({ from, sheets, inches }: SheetProps) {
  const { unit, joins, up, across } = inches ? IN_INCHES : IN_CENTIMETRES;
  const check = inches ? 2 * INCH : 50;
  const first = from === 0;
  const words = checkWords(inches);
  const reach = inches ? texts.inches(up) : texts.centimetres(up);
  return (
    <Box
      className="light"
      bg="white"
      color="#17232E"
      w="fit-content"
      maxW="100%"
      overflowX="auto"
      tabIndex={0}
      role="region"
      aria-label={sheets > 1 ? texts.sheetOf(first ? 1 : 2, sheets) : texts.measuringSheet}
      breakAfter={sheets > 1 && first ? 'page' : undefined}
    >
      <svg
        width="190mm"
        height="255mm"
        viewBox="0 0 190 255"
        role="img"
        aria-label={
          first
            ? texts.twoRulersFromOneCorner(reach, across, words)
            : texts.theRulerGoesOnFrom(from, from + up)
        }
        fontFamily="inherit"
        fill="#17232E"
      >
        <g transform="translate(12 248)" stroke="#17232E" strokeWidth="0.25">
          <path
            d={`M0 ${-up * unit}V0${first ? `H${across * unit}` : ''}`}
            fill="none"
            strokeWidth="0.5"
          />
          {inches ? (
            <InchTicks up={up} across={first ? across : 0} from={from} />
          ) : (
            <CentimetreTicks up={up} across={first ? across : 0} from={from} />
          )}
          {sheets > 1 && <Crosses at={first ? -joins * unit : 0} />}
        </g>
        <Lettering first={first} check={check} words={words} />
      </svg>
    </Box>
  );
}

interface LetteringProps {
  first: boolean;
  /** How wide the square is, in millimetres and in words. */
  check: number;
  words: string;
}

/** What to do with the sheet, and the square that shows whether it came out true. */
function Lettering({ first, check, words }: LetteringProps) {
  return (
    <g style={{ fontSize: '4px' }}>
      {first ? (
        <>
          <text x="30" y="239">
            {texts.heelAgainstThisLineThe}
          </text>
          {STEPS.map((step, i) => (
            <text key={step} x="30" y={16 + i * 7}>{`${i + 1}. ${step}`}</text>
          ))}
        </>
      ) : (
        <text x="30" y="16">
          {texts.layTheCrossesOfThis}
        </text>
      )}
      <g transform={`translate(${182 - check} ${first ? 10 : 24})`}>
        <rect width={check} height={check} fill="none" stroke="#17232E" strokeWidth="0.3" />
        <text x={check / 2} y={check / 2 - 3} textAnchor="middle">
          {texts.eachWay(words)}
        </text>
        <text x={check / 2} y={check / 2 + 3} textAnchor="middle" style={{ fontSize: '3.2px' }}>
          {texts.holdARulerToIt}
        </text>
      </g>
    </g>
  );
}

/** Where two sheets lie on each other. */
function Crosses({ at }: { at: number }) {
  return (
    <g data-testid="crosses">
      {[30, 150].map((x) => (
        <path key={x} d={`M${x - 6} ${at}h12M${x} ${at - 6}v12`} strokeWidth="0.35" />
      ))}
    </g>
  );
}

const STEPS = [
  texts.checkTheSquareWithA,
  texts.standOnTheSheetWeight,
  texts.drawAroundItPencilUpright,
  texts.readTheLengthAtThe,
  texts.measureAroundTheBallWith,
];

interface TicksProps {
  up: number;
  across: number;
  /** What the ruler begins with. */
  from: number;
}

/** A tick each millimetre, longer ones at five and ten. */
function CentimetreTicks(props: TicksProps) {
  const tick = (mm: number) => (mm % 10 === 0 ? 8 : mm % 5 === 0 ? 5 : 3);
  return <Ticks {...props} step={1} each={10} tick={tick} />;
}

/** A tick each eighth of an inch, longer ones at halves and inches. */
function InchTicks(props: TicksProps) {
  const tick = (eighth: number) => (eighth % 8 === 0 ? 8 : eighth % 4 === 0 ? 5 : 3);
  return <Ticks {...props} step={INCH / 8} each={8} tick={tick} />;
}

interface EachProps extends TicksProps {
  /** Millimetres from tick to tick. */
  step: number;
  /** Ticks from number to number. */
  each: number;
  tick: (index: number) => number;
}

function Ticks({ up, across, from, step, each, tick }: EachProps) {
  const along = (count: number) => Array.from({ length: count * each + 1 }, (_, i) => i);
  const number = { stroke: 'none', style: { fontSize: '4px' } };
  return (
    <>
      {along(up).map((i) => (
        <g key={`up ${i}`} transform={`translate(0 ${-i * step})`}>
          <path d={`M0 0H${tick(i)}`} />
          {i % each === 0 && i + from > 0 && (
            <text x="9" y="1.4" {...number}>
              {from + i / each}
            </text>
          )}
        </g>
      ))}
      {(across > 0 ? along(across) : []).map((i) => (
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
