import { Box, Button, Flex, Grid, Table } from '@chakra-ui/react';
import { useState } from 'react';
import { usePreview, useVariants } from '../api/queries';
import { ofSock, useShownSock } from '../draft/shownSock';
import type { Plan } from '../wire/types';
import { differences } from '../recipe/effects';
import { useSettings } from '../settings/settings';
import { TwoSocks } from '../tape/TwoSocks';
import type { Draft } from '../draft/draft';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface CompareProps {
  draft: Draft;
  plan: Plan;
  onChange: (draft: Draft) => void;
}

/** Two variants of the same sock on one tape: one is held while the recipe goes on changing. */
export function Compare({ draft, plan, onChange }: CompareProps) {
  const [held, setHeld] = useState<Draft | undefined>();
  const button = {
    variant: 'outline' as const,
    borderColor: 'line',
    color: 'ink',
    size: 'sm' as const,
    minH: '44px',
  };
  if (!held) {
    return (
      <Button {...button} className="no-print" onClick={() => setHeld(draft)}>
        {texts.pinThisPlanToCompare}
      </Button>
    );
  }
  return (
    <Box
      as="section"
      aria-label={texts.twoPlansCompared}
      bg="sheet"
      borderWidth="1px"
      borderColor="line"
      p={4}
      data-testid="compare"
    >
      <Flex gap={3} align="center" wrap="wrap" mb={3}>
        <Box as="h2" fontSize="lg" flex="1">
          {texts.pinnedAndNow}
        </Box>
        <Button {...button} onClick={() => onChange(held)}>
          {texts.restorePinnedPlan}
        </Button>
        <Button {...button} onClick={() => setHeld(draft)}>
          {texts.pinThisInstead}
        </Button>
        <Button {...button} onClick={() => setHeld(undefined)}>
          {texts.stopComparing}
        </Button>
      </Flex>
      <Both held={held} draft={draft} plan={plan} />
    </Box>
  );
}

function Both({ held, draft, plan }: { held: Draft; draft: Draft; plan: Plan }) {
  const { lengths } = useSettings();
  const { sock } = useShownSock(draft.spec);
  const before = usePreview(ofSock(held.spec, sock), 'held');
  const variants = useVariants([ofSock(held.spec, sock), ofSock(draft.spec, sock)]);
  const [one, other] = variants.data ?? [];
  const rows =
    one?.figures && other?.figures ? differences(one.figures, other.figures, lengths) : [];
  return (
    <Grid templateColumns={{ base: '1fr', lg: '1fr 24rem' }} gap={5} alignItems="start">
      <Box>
        {before.plan && (
          <TwoSocks
            held={before.plan.outline}
            now={plan.outline}
            colour={draft.yarn?.colour}
            lengths={lengths}
          />
        )}
      </Box>
      {rows.length === 0 ? (
        <Box role="status">{texts.noFigureDiffersYetChange}</Box>
      ) : (
        <Table.Root size="sm" bg="transparent" className="figures">
          <Table.Header>
            <Table.Row bg="transparent">
              {[texts.differs, texts.pinned, shared.now].map((head) => (
                <Table.ColumnHeader key={head} color="quiet" borderColor="line">
                  {head}
                </Table.ColumnHeader>
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {rows.map(([name, was, is]) => (
              <Table.Row key={name} bg="transparent">
                <Table.Cell borderColor="line">{name}</Table.Cell>
                <Table.Cell borderColor="line">{was}</Table.Cell>
                <Table.Cell borderColor="line" fontWeight="700">
                  {is}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      )}
    </Grid>
  );
}
