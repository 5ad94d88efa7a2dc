import { useAnswerProposal, useProposals } from '../api/logQueries';
import { Suggestion, Suggestions } from './Suggestion';
import type { Proposal } from '../wire/types';
import { dayText } from '../units/days';
import { withChoices, type ChoicePath, type Draft } from '../draft/draft';
import { texts } from './texts';

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
    <Suggestions label={texts.fromPairsWornOnThis}>
      {proposals.data.map((proposal) => (
        <Suggestion
          key={proposal.noteId}
          words={sentence(proposal.words)}
          reason={`${proposal.from}, ${dayText(proposal.on)}: ${proposal.said.replace(/\.$/, '')}. ${proposal.reason}`}
          onUse={proposal.changes.length > 0 ? () => take(proposal) : undefined}
          onLeave={() => answer.mutate({ noteId: proposal.noteId, taken: false })}
        />
      ))}
    </Suggestions>
  );
}

function sentence(words: string): string {
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}
