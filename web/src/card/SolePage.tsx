import { Box, Button, Flex } from '@chakra-ui/react';
import { useParams } from 'react-router';
import { usePair, usePreview } from '../api/queries';
import { PageStyle } from '../form/PageStyle';
import { Notice, Waiting } from '../form/States';
import { useSettings } from '../settings/settings';
import { figureText } from '../units/units';
import type { Pair, Plan } from '../wire/types';
import { pathOf, soleOf } from './sole';
import { Papers } from './Papers';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** What fits on A4 and on letter paper alike, in millimetres. */
const SHEET = { width: 190, height: 255 };
const MIDDLE = 95;
/** From the top of a sheet to the tip of the toe. */
const TOP = 4;
/** What both sheets show where they are joined. */
const OVERLAP = 20;
/** To hold a ruler to. */
const CHECK = { x: 154, y: 8, across: 30, down: 50 };
const INK = '#17232E';

/** Toe and sole of a planned sock, true to size, to lay on the traced foot. */
export function SolePage() {
  const { id = '' } = useParams();
  const pair = usePair(id);
  if (pair.data) {
    return <Sole pair={pair.data} />;
  }
  return pair.error ? (
    <Notice title={shared.thisPairCannotBeShown} error={pair.error} />
  ) : (
    <Waiting what={shared.thePair} />
  );
}

function Sole({ pair }: { pair: Pair }) {
  const { plan } = usePreview(pair.spec, pair.id);
  return (
    <Box>
      <title>{texts.toeAndSoleRoundPocket(pair.name)}</title>
      <PageStyle size="portrait" margin="8mm" />
      <Papers id={pair.id} />
      <Flex className="no-print" gap={3} align="center" wrap="wrap" mb={4}>
        <Box as="h1" fontSize="2xl" flex="1 1 16rem" overflowWrap="anywhere">
          {texts.toeAndSole(pair.name)}
        </Box>
        <Box color="quiet" fontSize="sm" maxW="28rem">
          {texts.printItAt100On}
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => window.print()}>
          {shared.print}
        </Button>
      </Flex>
      {plan && <Sheets plan={plan} name={pair.name} />}
    </Box>
  );
}

function Sheets({ plan, name }: { plan: Plan; name: string }) {
  const { lengths } = useSettings();
  const long = soleOf(plan.outline).at(-1)?.[0] ?? 0;
  const room = SHEET.height - 2 * TOP;
  const starts = long <= room ? [0] : [0, room - OVERLAP];
  const joint = room - OVERLAP / 2;
  return (
    <Flex direction="column" gap={6}>
      {starts.map((from, i) => (
        <Box
          key={from}
          className="light"
          bg="white"
          color={INK}
          w="fit-content"
          maxW="100%"
          overflowX="auto"
          tabIndex={0}
          breakAfter={i + 1 < starts.length ? 'page' : undefined}
        >
          <svg
            width={`${SHEET.width}mm`}
            height={`${SHEET.height}mm`}
            viewBox={`0 0 ${SHEET.width} ${SHEET.height}`}
            role="img"
            aria-label={texts.trueToSizeLong(name, i, figureText(plan.tube.lengths.foot, lengths))}
            fontFamily="inherit"
            fill={INK}
          >
            <Outlines plan={plan} up={TOP - from} joint={starts.length > 1 ? joint : undefined} />
            <Lettering
              heelLine={TOP - from + plan.outline.openingMm}
              words={`${name.slice(0, 40)}${starts.length > 1 ? texts.sheetOf2(i + 1) : ''}`}
            />
          </svg>
        </Box>
      ))}
    </Flex>
  );
}

interface OutlinesProps {
  plan: Plan;
  up: number;
  /** Where another sheet is joined to it. */
  joint: number | undefined;
}

/** The sole as it lies and as it is worn, and the heel line; so far up as the sheet begins within it. */
function Outlines({ plan, up, joint }: OutlinesProps) {
  const sole = soleOf(plan.outline);
  const worn = 1 + plan.fit.heelRoom.stretchAtBall.value;
  return (
    <g transform={`translate(0 ${up})`} fill="none" stroke={INK}>
      <path d={pathOf(sole, MIDDLE)} strokeWidth="0.5" data-testid="flat" />
      <path
        d={pathOf(sole, MIDDLE, worn)}
        strokeWidth="0.35"
        strokeDasharray="2 1.5"
        data-testid="worn"
      />
      <path
        d={`M${MIDDLE - plan.outline.widthMm / 2} ${plan.outline.openingMm}H${MIDDLE + plan.outline.widthMm / 2}`}
        strokeWidth="0.3"
        strokeDasharray="1 1"
      />
      {joint !== undefined && <Joint at={joint} />}
    </g>
  );
}

interface LetteringProps {
  /** Where the heel line lies on the sheet. */
  heelLine: number;
  words: string;
}

/** What is written on a sheet, and the measure to hold a ruler to. */
function Lettering({ heelLine, words }: LetteringProps) {
  return (
    <g style={{ fontSize: '3.6px' }}>
      <text x={MIDDLE} y={heelLine - 2} textAnchor="middle">
        {texts.heelLine}
      </text>
      <path
        d={`M${CHECK.x} ${CHECK.y}h${CHECK.across}v${CHECK.down}`}
        fill="none"
        stroke={INK}
        strokeWidth="0.3"
      />
      <text x={CHECK.x + CHECK.across - 2} y={CHECK.y + 6} textAnchor="end">
        {texts.scaleCheck}
      </text>
      <text x={4} y={SHEET.height - 7}>
        {words}
      </text>
    </g>
  );
}

/** Crosses that lie on each other where the two sheets are joined. */
function Joint({ at }: { at: number }) {
  return (
    <>
      {[20, 170].map((x) => (
        <path key={x} d={`M${x - 5} ${at}h10M${x} ${at - 5}v10`} strokeWidth="0.3" />
      ))}
    </>
  );
}
