import { useLeaveProposal, useProposals } from '../api/logQueries';
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
  const take = (proposal: Proposal) => {
    const changes = proposal.changes.map(({ choice, number, name }) => [choice, number ?? name]);
    onChange(
      withChoices(draft, Object.fromEntries(changes) as Partial<Record<ChoicePath, unknown>>),
    );
    hide(proposal.noteId);
  };
  return (
    <Suggestions label={texts.fromPairsWornOnThis}>
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
