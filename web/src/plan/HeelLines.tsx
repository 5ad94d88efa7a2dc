import { Box, Flex } from '@chakra-ui/react';
import type { Plan, StripePlan } from '../wire/types';
import type { Draft } from '../draft/draft';
import { movedWords, placeWords, taken } from '../recipe/heelLine';
import { SmallButton } from '../form/SmallButton';
import type { Lengths } from '../settings/settings';
import { faceOf } from '../tape/colours';
import { figureText, lengthText } from '../units/units';
import { keptWords } from './keptWords';
import { texts } from './texts';

interface HeelLinesProps {
  draft: Draft;
  plan: Plan;
  stripes: StripePlan;
  lengths: Lengths;
  onChange: (draft: Draft) => void;
}

/** How many are offered at once. */
const OFFERED = 8;

/** Other places for the heel line, each drawn small, today’s first. */
export function HeelLines(props: HeelLinesProps) {
  const { plan, stripes, lengths } = props;
  const near = stripes.candidates.filter((one) => one.near);
  const offered = (near.length > 0 ? near : stripes.candidates).slice(0, OFFERED);
  const here = offered.find(({ moved }) => moved === 0);
  const lost = stripes.knots.some(({ sock, goesOnKnown }) => sock === 1 && !goesOnKnown);
  const guessed = lost && offered.length === 0;
  return (
    <Box mt={4} className="no-print">
      <Box as="h3" fontSize="md" mb={1}>
        {texts.theHeelLineAndThe}
      </Box>
      {offered.length === 0 && (
        <p>{guessed ? texts.whichColoursLieHere : texts.noChangeOfColourWithin}</p>
      )}
      <Flex as="ul" gap={3} wrap="wrap" listStyleType="none">
        {!here && !guessed && (
          <Box as="li" w="15rem" borderWidth="2px" borderColor="chosen" p={2}>
            <SmallTube plan={plan} stripes={stripes} moved={0} />
            <Box fontWeight="600">{texts.whereItIsNow}</Box>
            <Box fontSize="sm">
              {texts.footInsideABand(lengthText(plan.tube.lengths.foot.value, lengths))}
            </Box>
          </Box>
        )}
        {offered.map((one) => (
          <Candidate key={`${one.between} ${one.moved} ${one.band}`} {...props} one={one} />
        ))}
      </Flex>
    </Box>
  );
}

type CandidateProps = HeelLinesProps & { one: StripePlan['candidates'][number] };

function Candidate({ one, draft, plan, stripes, lengths, onChange }: CandidateProps) {
  return (
    <Box
      as="li"
      w="15rem"
      borderWidth={one.moved === 0 ? '2px' : '1px'}
      borderColor={one.moved === 0 ? 'chosen' : 'line'}
      p={2}
    >
      <SmallTube plan={plan} stripes={stripes} moved={one.moved} />
      <Box fontWeight="600">{placeWords(stripes, one)}</Box>
      <Box fontSize="sm" className="figures">
        {one.moved === 0 ? texts.whereItIsNow2 : movedWords(one)}
      </Box>
      {one.moved !== 0 &&
        one.kept.map((kept) => (
          <SmallButton
            key={kept.what}
            mt={1}
            w="100%"
            h="auto"
            py={1}
            whiteSpace="normal"
            textAlign="left"
            onClick={() => onChange(taken(draft, kept))}
          >
            {keptWords(kept, lengths)}
          </SmallButton>
        ))}
      {one.moved !== 0 && one.startFurther && (
        <Box fontSize="sm" color="quiet" mt={1}>
          {texts.orStartTheCakeFurther(figureText(one.startFurther, lengths))}
        </Box>
      )}
    </Box>
  );
}

const SMALL = { width: 216, height: 52, reach: 16 };

/** The tube around the heel line, with the line where it would be. */
function SmallTube({ plan, stripes, moved }: { plan: Plan; stripes: StripePlan; moved: number }) {
  const tube = stripes.socks[0]?.tube ?? [];
  const line = plan.tube.heelLine.round.value;
  const from = Math.max(0, line - SMALL.reach);
  const seen = tube.slice(from, line + SMALL.reach);
  const each = SMALL.width / seen.length;
  const down = plan.tube.way.id === 'CUFF_DOWN';
  const x = (line - from + (down ? -moved : moved)) * each;
  return (
    <svg
      viewBox={`0 0 ${SMALL.width} ${SMALL.height + 8}`}
      width="100%"
      shapeRendering="crispEdges"
      aria-hidden
    >
      {seen.flatMap((round, i) =>
        faceOf(round).map((part) => (
          <rect
            key={`${i} ${part.from}`}
            x={i * each}
            y={4 + part.from * SMALL.height}
            width={each + 0.4}
            height={(part.to - part.from) * SMALL.height}
            fill={stripes.bands[part.band]?.colour}
          />
        )),
      )}
      <line x1={x} x2={x} y1={0} y2={SMALL.height + 8} stroke="#ffffff" strokeWidth="5" />
      <line
        x1={x}
        x2={x}
        y1={0}
        y2={SMALL.height + 8}
        stroke="#0B7A66"
        strokeWidth="2.5"
        strokeDasharray="6 3"
      />
    </svg>
  );
}
