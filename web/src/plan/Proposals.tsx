import { Box, chakra, Flex } from '@chakra-ui/react';
import { useAnswerProposal, useProposals } from '../api/logQueries';
import type { Proposal } from '../wire/types';
import { dayText } from '../units/days';
import { withChoices, type ChoicePath, type Draft } from '../draft/draft';

interface ProposalsProps {
  pairId: string;
  draft: Draft;
  onChange: (draft: Draft) => void;
}

/** What pairs that were worn on the same foot propose for this one; each is taken or left, never applied by itself. */
export function Proposals({ pairId, draft, onChange }: ProposalsProps) {
  const proposals = useProposals(pairId);
  const answer = useAnswerProposal(pairId);
  if (!proposals.data || proposals.data.length === 0) {
    return null;
  }
  const take = (proposal: Proposal) => {
    const changes = proposal.changes.map(({ choice, number, name }) => [choice, number ?? name]);
    onChange(
      withChoices(draft, Object.fromEntries(changes) as Partial<Record<ChoicePath, unknown>>),
    );
    answer.mutate({ noteId: proposal.noteId, taken: true });
  };
  return (
    <Box
      as="section"
      aria-label="From pairs worn on this foot"
      bg="chosenGround"
      px={4}
      py={2}
      mb={3}
      borderLeftWidth="4px"
      borderColor="chosen"
    >
      {proposals.data.map((proposal) => (
        <Flex key={proposal.noteId} gap={3} align="center" wrap="wrap" py={1}>
          <Box flex="1 1 24rem">
            <strong>{sentence(proposal.words)}</strong>
            <Box fontSize="sm">
              {`${proposal.from}, ${dayText(proposal.on)}: ${proposal.said.replace(/\.$/, '')}. ${proposal.reason}`}
            </Box>
          </Box>
          {proposal.changes.length > 0 && <Answer onPress={() => take(proposal)}>Use this</Answer>}
          <Answer onPress={() => answer.mutate({ noteId: proposal.noteId, taken: false })}>
            {proposal.changes.length > 0 ? 'Not for this pair' : 'OK'}
          </Answer>
        </Flex>
      ))}
    </Box>
  );
}

function Answer({ children, onPress }: { children: string; onPress: () => void }) {
  return (
    <chakra.button
      type="button"
      minH="44px"
      px={3}
      borderWidth="1px"
      borderColor="chosen"
      color="chosen"
      cursor="pointer"
      onClick={onPress}
    >
      {children}
    </chakra.button>
  );
}

function sentence(words: string): string {
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}
