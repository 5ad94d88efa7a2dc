import { Box } from '@chakra-ui/react';
import { useWidth } from '../tape/useWidth';
import type { CutPlan, Cutting } from '../wire/types';
import { CutStrip } from './CutStrip';
import { useSaid } from '../units/useSaid';
import { Press } from '../form/Press';
import { texts } from './texts';

interface OtherCutsProps {
  cutting: Cutting;
  /** The way that is shown large; none while one is put by hand. */
  chosen: CutPlan | undefined;
  onChoose: (number: number) => void;
}

/** The ways to cut, small beside each other, each with what it gives and gives up. */
export function OtherCuts({ cutting, chosen, onChoose }: OtherCutsProps) {
  const say = useSaid();
  const [measure, width] = useWidth(320);
  return (
    <Box as="section" aria-labelledby="ways-title" ref={measure}>
      <Box as="h2" id="ways-title" fontSize="lg">
        {texts.waysToCut}
      </Box>
      {cutting.plans.map((plan, i) => {
        const now = plan === chosen;
        return (
          <Press
            key={plan.aim}
            look="row"
            py={2}
            px={2}
            mx={-2}
            borderTopWidth="1px"
            borderColor="line"
            bg={now ? 'sheet' : undefined}
            aria-pressed={now}
            onClick={() => onChoose(i)}
          >
            <Box fontWeight="600">{`${capital(plan.title)}${now ? texts.shownAbove : ''}`}</Box>
            <CutStrip cutting={cutting} plan={plan} widthPx={Math.max(160, width - 8)} />
            <Box fontSize="sm" color="quiet">
              {plan.gives.length > 0 ? say(plan.gives) : `${capital(plan.description)}.`}
            </Box>
          </Press>
        );
      })}
      {cutting.plans.length === 1 && (
        <Box fontSize="sm" color="quiet" mt={1}>
          {texts.noOtherWayGivesLonger}
        </Box>
      )}
    </Box>
  );
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
