import { Box, chakra, Flex } from '@chakra-ui/react';
import { memo } from 'react';
import type { Doubt, Plan } from '../wire/types';
import { figureFor, openWord, wordFor } from './words';
import { LinkButton } from '../form/LinkButton';
import { useSaid } from '../units/useSaid';
import { texts } from './texts';

const WEIGHTS: Record<Doubt['weight'], { colour: string; sign: string }> = {
  STOPS: { colour: 'amiss', sign: '■' },
  MATTERS: { colour: 'amiss', sign: '▲' },
  WORTH_KNOWING: { colour: 'quiet', sign: '○' },
};

/** With more doubts than this, those that are only worth knowing are folded away. */
const MOST_UNFOLDED = 5;

/** What a careful friend would say of the plan, heaviest first, each with a press to the word that cures it. */
export const Doubts = memo(function Doubts({ plan }: { plan: Plan }) {
  const { doubts } = plan;
  const light = doubts.filter(({ weight }) => weight === 'WORTH_KNOWING');
  const folded = doubts.length > MOST_UNFOLDED && light.length < doubts.length;
  const shown = folded ? doubts.filter((doubt) => !light.includes(doubt)) : doubts;
  return (
    <Box data-testid="doubts">
      <Box as="h3" id="doubts" fontSize="md" mb={1}>
        {texts.checks}
      </Box>
      {doubts.length === 0 && <Box>{texts.allGood}</Box>}
      <DoubtList doubts={shown} />
      {folded && (
        <details>
          <chakra.summary
            cursor="pointer"
            color="quiet"
            fontSize="sm"
            minH={{ base: '44px', md: '32px' }}
          >
            {texts.moreGoodToKnow(light.length)}
          </chakra.summary>
          <DoubtList doubts={light} />
        </details>
      )}
    </Box>
  );
});

function DoubtList({ doubts }: { doubts: readonly Doubt[] }) {
  return (
    <Box as="ol" listStyleType="none">
      {doubts.map((doubt) => (
        <DoubtItem key={doubt.code + doubt.field} doubt={doubt} />
      ))}
    </Box>
  );
}

function DoubtItem({ doubt }: { doubt: Doubt }) {
  const say = useSaid();
  const { colour, sign } = WEIGHTS[doubt.weight];
  const word = wordFor(doubt.field);
  return (
    <Flex as="li" gap={2} py={2} data-doubt={doubt.code}>
      <Box aria-hidden color={colour} fontSize="xs" pt="4px" w="1em" flexShrink={0}>
        {sign}
      </Box>
      <Box minW={0}>
        <Box fontSize="xs" color={colour}>
          {doubt.weightWords}
        </Box>
        <Box lineHeight="1.4">{say(doubt.said)}</Box>
        {word && (
          <LinkButton
            className="no-print"
            onClick={() => openWord(word)}
            fontSize="sm"
            minH={{ base: '44px', md: '32px' }}
          >
            {texts.changeThis}
            <Box as="span" srOnly>{`: ${say(doubt.said)}`}</Box>
          </LinkButton>
        )}
      </Box>
    </Flex>
  );
}

/** The checks that matter and concern one of the large figures, to stand below it. */
export function ChecksAt({ plan, figure }: { plan: Plan; figure: string }) {
  const say = useSaid();
  const here = plan.doubts.filter(
    ({ weight, field }) => weight !== 'WORTH_KNOWING' && figureFor(field) === figure,
  );
  return here.map((doubt) => {
    const { colour, sign } = WEIGHTS[doubt.weight];
    const word = wordFor(doubt.field);
    return (
      <Box key={doubt.code} fontSize="xs" color={colour} pb={1} data-check={doubt.code}>
        <span aria-hidden>{`${sign} `}</span>
        {`${say(doubt.said)} `}
        {word && (
          <LinkButton
            className="no-print"
            onClick={() => openWord(word)}
            fontSize="xs"
            minH={{ base: '44px', md: '24px' }}
            color={colour}
          >
            {texts.changeThis}
            <Box as="span" srOnly>{`: ${say(doubt.said)}`}</Box>
          </LinkButton>
        )}
      </Box>
    );
  });
}

/** What a plan’s page says first of all: what stops it, or matters and stands at no figure. */
export function firstDoubt(plan: Plan) {
  return heavyOf(plan).find(({ weight, field }) => weight === 'STOPS' || !figureFor(field));
}

function heavyOf(plan: Plan) {
  return plan.doubts.filter(({ weight }) => weight !== 'WORTH_KNOWING');
}

/** What stops a plan, and what matters and stands at no figure, in a line below the recipe: nobody begins unwarned. */
export const HeavyDoubts = memo(function HeavyDoubts({ plan }: { plan: Plan }) {
  const say = useSaid();
  const heavy = heavyOf(plan);
  const first = firstDoubt(plan);
  if (!first) {
    return null;
  }
  return (
    <Flex
      mt={2}
      px={3}
      py={1}
      gap={3}
      fontSize="sm"
      align="baseline"
      wrap="wrap"
      bg="amissGround"
      borderLeftWidth="4px"
      borderColor="amiss"
      data-testid="heavy-doubts"
    >
      <Box flex="1 1 24rem" color="amiss">
        {say(first.said)}
      </Box>
      <chakra.a href="#doubts" color="amiss" textDecoration="underline" fontSize="sm">
        {heavy.length === 1 ? texts.seeAllChecks : texts.seeAllChecks2(heavy.length)}
      </chakra.a>
    </Flex>
  );
});
