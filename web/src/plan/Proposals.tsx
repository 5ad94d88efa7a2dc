import { Box } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { askTogether, useLeaveProposal, useProposals } from '../api/logQueries';
import { SmallButton } from '../form/SmallButton';
import { Suggestion, Suggestions } from './Suggestion';
import type { Proposal } from '../wire/types';
import { dayText } from '../units/days';
import { withChoices, type ChoicePath, type Draft } from '../draft/draft';
import { useSaid } from '../units/useSaid';
import { useTaken } from './useTaken';
import { texts } from './texts';

interface ProposalsProps {
  pairId: string;
  /** Of the pair as it is kept: what is proposed is reckoned against that. */
  version: number;
  draft: Draft;
  onChange: (draft: Draft) => void;
}

/** What pairs that were worn on the same foot propose for this one; each is taken or left, never applied by itself. */
export function Proposals({ pairId, version, draft, onChange }: ProposalsProps) {
  const say = useSaid();
  const proposals = useProposals(pairId, version);
  const leave = useLeaveProposal(pairId);
  const { isTaken, take: hide } = useTaken(version, proposals.isPlaceholderData);
  const shown = (proposals.data ?? []).filter(({ noteId }) => !isTaken(noteId));
  if (shown.length === 0) {
    return null;
  }
  const change = (changes: Proposal['changes']) => {
    const made = changes.map(({ choice, number, name }) => [choice, number ?? name]);
    onChange(withChoices(draft, Object.fromEntries(made) as Partial<Record<ChoicePath, unknown>>));
  };
  const take = (proposal: Proposal) => {
    change(proposal.changes);
    hide(proposal.noteId);
  };
  const many = shown.filter(({ changes }) => changes.length > 0);
  return (
    <Suggestions label={texts.fromPairsWornOnThis}>
      {many.length > 1 && (
        <AllAtOnce
          pairId={pairId}
          number={many.length}
          onTake={(changes) => {
            change(changes);
            hide(...many.map(({ noteId }) => noteId));
          }}
        />
      )}
      {shown.map((proposal) => (
        <Suggestion
          key={proposal.noteId}
          words={say(proposal.words)}
          reason={`${proposal.from}, ${dayText(proposal.on)}: ${proposal.said.replace(/\.$/, '')}. ${proposal.reason}`}
          onUse={proposal.changes.length > 0 ? () => take(proposal) : undefined}
          onLeave={() => leave.mutate(proposal.noteId)}
        />
      ))}
    </Suggestions>
  );
}

interface AllAtOnceProps {
  pairId: string;
  /** How many suggestions change anything. */
  number: number;
  onTake: (changes: Proposal['changes']) => void;
}

/** Takes all of them, each reckoned with those before it taken. */
function AllAtOnce({ pairId, number, onTake }: AllAtOnceProps) {
  const all = useMutation({
    networkMode: 'always',
    mutationFn: () => askTogether(pairId),
    // The one of the latest drawing: what was typed meanwhile stays.
    onSuccess: onTake,
  });
  return (
    <>
      <SmallButton my={1} loading={all.isPending} onClick={() => all.mutate()}>
        {texts.useAllTogether(number)}
      </SmallButton>
      {all.error && (
        <Box role="alert" color="amiss">
          {all.error.message}
        </Box>
      )}
    </>
  );
}
