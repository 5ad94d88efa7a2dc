import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useTakeStartBack } from '../api/lapQueries';
import { Sheet } from '../form/Sheet';
import { ToolButton, ToolProblem, type ToolProps } from './Tool';
import { TriedTable } from './Tried';
import { useTrial } from './useTrial';
import { LinkButton } from '../form/LinkButton';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** The plan was changed since the pair was started: taken over for what is still to knit, or kept for the next pair. */
export function PlanMoved(props: Omit<ToolProps, 'onClose'>) {
  const [open, setOpen] = useState(false);
  return (
    <Flex align="center" columnGap={3} wrap="wrap" fontSize="sm" data-testid="plan-moved">
      <Box color="quiet">{texts.youEditedThePlanAfter}</Box>
      <Small onPress={() => setOpen(true)}>{texts.seeWhatItWouldChange}</Small>
      <Sheet open={open} onOpen={setOpen} title={texts.theChangedPlan} closing={shared.close}>
        {open && <TakeOver {...props} onClose={() => setOpen(false)} />}
      </Sheet>
    </Flex>
  );
}

function TakeOver(props: ToolProps) {
  const { sock, onClose } = props;
  const { tried, problem, take } = useTrial(props, { sock, kind: 'REPLANNED' });
  return (
    <Box>
      <p>{texts.whatYouHaveKnittedStays}</p>
      {tried && <TriedTable tried={tried} sock={sock} />}
      <ToolProblem>{problem}</ToolProblem>
      <Flex gap={3} wrap="wrap">
        <ToolButton disabled={!tried} onPress={take}>
          {texts.followTheChangedPlan}
        </ToolButton>
        <ToolButton second onPress={onClose}>
          {texts.leaveItForTheNext}
        </ToolButton>
      </Flex>
    </Box>
  );
}

/** Nothing was knitted yet: the start can be taken back, and the order chosen anew. */
export function TakeStartBack({ id }: { id: string }) {
  const back = useTakeStartBack(id);
  return (
    <Box fontSize="sm">
      <Small onPress={() => back.mutate()}>{texts.notStartedAfterAll}</Small>
      {back.error && (
        <Box role="alert" color="amiss">
          {back.error.message}
        </Box>
      )}
    </Box>
  );
}

function Small({ children, onPress }: { children: string; onPress: () => void }) {
  return <LinkButton onClick={onPress}>{children}</LinkButton>;
}
