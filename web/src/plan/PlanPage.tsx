import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useLessons, useProposals } from '../api/logQueries';
import { useCreatePair, usePair, usePreview, usePreviewAhead } from '../api/queries';
import type { Pair } from '../wire/types';
import { Notice, Waiting } from '../form/States';
import { NameField } from './NameField';
import { PlanView } from './PlanView';
import { Lessons } from './Lessons';
import { Proposals } from './Proposals';
import { writeOf, type Draft } from '../draft/draft';
import { ofSock, useShownSock } from '../draft/shownSock';
import { useKeptDraft, type Kept, type KeptDraft } from './useKeptDraft';
import { UndoRedo } from './UndoRedo';
import { WhichSock } from './WhichSock';
import { differenceWords } from './differences';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** The plan of a stored pair. */
export function PlanPage() {
  const { id = '' } = useParams();
  const pair = usePair(id);
  if (pair.data) {
    return <KeptPlan key={id} pair={pair.data} />;
  }
  return pair.error ? (
    <Notice title={shared.thisPairCannotBeShown} error={pair.error} />
  ) : (
    <Waiting what={shared.thePair} />
  );
}

function KeptPlan({ pair }: { pair: Pair }) {
  const kept = useKeptDraft(pair);
  const { draft, change } = kept;
  const { sock } = useShownSock(draft.spec);
  const keep = sock === 2 ? `${pair.id}/2` : pair.id;
  const preview = usePreview(ofSock(draft.spec, sock), keep);
  const ahead = usePreviewAhead(keep);
  const proposals = useProposals(pair.id, pair.version).data ?? [];
  const lessons = useLessons(pair.id, pair.version).data ?? [];
  const suggestions = proposals.length + lessons.length;
  const [asked, setAsked] = useState(false);
  // Several would push the figures out of the first view: they wait behind a word in the title's row.
  const several = suggestions > 1;
  const shown = !several || asked;
  const onChange = (next: Draft) => {
    ahead(ofSock(next.spec, sock));
    change(next);
  };
  return (
    <Box>
      <title>{texts.roundPocket(draft.name)}</title>
      <Flex align="center" gap={4} wrap="wrap" mb={1}>
        <NameField name={draft.name} onName={(name) => change({ ...draft, name })} />
        <Box fontSize="sm" color="quiet" role="status" data-testid="kept" className="no-print">
          {keptWords(kept.kept)}
        </Box>
        <UndoRedo undo={kept.undo} redo={kept.redo} />
        <WhichSock spec={draft.spec} />
        {several && <Suggestions number={suggestions} open={asked} onOpen={setAsked} />}
        <WaysOn id={pair.id} />
      </Flex>
      <Conflict kept={kept} />
      {kept.kept.state === 'gone' && <Gone draft={draft} />}
      <Moved words={pair.moved} />
      {shown && (
        <>
          <Proposals pairId={pair.id} version={pair.version} draft={draft} onChange={onChange} />
          <Lessons pairId={pair.id} version={pair.version} draft={draft} onChange={onChange} />
        </>
      )}
      {preview.plan ? (
        <PlanView
          draft={draft}
          plan={preview.plan}
          preview={preview}
          suggested={shown && suggestions > 0}
          onChange={onChange}
        />
      ) : preview.refused ? (
        <Notice title={shared.noPlanCanBeMade} error={preview.refused} />
      ) : (
        <Waiting what={shared.thePlan} />
      )}
    </Box>
  );
}

interface SuggestionsProps {
  number: number;
  open: boolean;
  onOpen: (open: boolean) => void;
}

function Suggestions({ number, open, onOpen }: SuggestionsProps) {
  return (
    <Press
      look="bare"
      className="no-print"
      aria-expanded={open}
      onClick={() => onOpen(!open)}
      px={3}
      bg="chosenGround"
      color="chosen"
      fontWeight="600"
      borderLeftWidth="4px"
      borderColor="chosen"
    >
      {texts.suggestionsFromEarlierPairs(number)}
    </Press>
  );
}

/** What an edition of the rules has moved in a plan made before it. */
function Moved({ words }: { words: string | undefined }) {
  return (
    words && (
      <Box
        role="status"
        px={4}
        py={2}
        mb={3}
        bg="chosenGround"
        borderLeftWidth="4px"
        borderColor="chosen"
      >
        {words}
      </Box>
    )
  );
}

/** From the plan to the needles and to its papers. */
function WaysOn({ id }: { id: string }) {
  return (
    <Flex gap={4} wrap="wrap" ml="auto" className="no-print">
      <Button asChild bg="ink" color="sheet" minH="44px">
        <Link to={`/pairs/${id}/lap`}>{shared.knit}</Link>
      </Button>
      <Button asChild variant="outline" borderColor="ink" color="ink" minH="44px">
        <Link to={`/pairs/${id}/card`}>{shared.print}</Link>
      </Button>
    </Flex>
  );
}

function keptWords(kept: Kept): string {
  switch (kept.state) {
    case 'stored':
      return texts.saved;
    case 'storing':
      return 'Saving …';
    case 'waiting':
      return texts.notSavedYetCantReach;
    case 'refused':
      return texts.notSavedFixTheHighlighted;
    case 'conflict':
    case 'gone':
      return texts.notSaved;
  }
}

/** The pair was deleted elsewhere: what is worked on here is kept as a new one, if wanted. */
function Gone({ draft }: { draft: Draft }) {
  const create = useCreatePair();
  const navigate = useNavigate();
  const keep = async () => {
    const pair = await create.mutateAsync(writeOf(draft));
    void navigate(`/pairs/${pair.id}`, { replace: true });
  };
  return (
    <Box
      role="alert"
      bg="amissGround"
      color="amiss"
      borderLeftWidth="4px"
      borderColor="amiss"
      px={4}
      py={3}
      mb={3}
    >
      <p>{create.error?.message ?? shared.deletedElsewhere}</p>
      <Press look="framed" onClick={() => void keep()} mt={2} px={3} borderColor="amiss">
        {shared.keepAsANewPair}
      </Press>
    </Box>
  );
}

function Conflict({ kept }: { kept: KeptDraft }) {
  if (kept.kept.state !== 'conflict') {
    return null;
  }
  const { differs, message } = kept.kept;
  return (
    <Box
      role="alert"
      bg="amissGround"
      color="amiss"
      borderLeftWidth="4px"
      borderColor="amiss"
      px={4}
      py={3}
      mb={3}
    >
      <p>{message}</p>
      {differs.length > 0 && (
        <p>{texts.whatDiffers([...new Set(differs.map(differenceWords))].join(', '))}</p>
      )}
      <Flex gap={3} mt={2} wrap="wrap">
        <Press look="framed" onClick={kept.takeStored} px={3} borderColor="amiss">
          {shared.useTheSavedVersion}
        </Press>
        <Press look="framed" onClick={kept.keepMine} px={3} borderColor="amiss">
          {shared.keepMine}
        </Press>
      </Flex>
    </Box>
  );
}
