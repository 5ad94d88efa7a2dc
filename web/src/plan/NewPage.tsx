import { Box, Button, Field, Flex, Input } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { Refused } from '../api/client';
import { useCreatePair, usePreview } from '../api/queries';
import { FirstMeasures } from './FirstMeasures';
import { FinishedBefore } from './FinishedBefore';
import { Waiting } from '../form/States';
import { keepDraft, loadDraft, writeOf, type Draft } from '../draft/draft';
import type { PairChange } from '../wire/types';
import { PlanView } from './PlanView';
import { UndoRedo } from './UndoRedo';
import { useSteps } from './useSteps';
import { ofSock, useShownSock } from '../draft/shownSock';
import { WhichSock } from './WhichSock';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** A pair that is not kept yet: three measurements, then its plan, then its name. */
export function NewPage() {
  const [draft, setDraft] = useState(loadDraft);
  const change = (next: Draft | undefined) => {
    keepDraft(next);
    setDraft(next);
  };
  return (
    <Box>
      <title>{texts.aNewPairRoundPocket}</title>
      {draft ? (
        <DraftPlan draft={draft} onChange={change} />
      ) : (
        <FirstMeasures heading={texts.aNewPair} instead={<FinishedBefore />} onMeasured={change} />
      )}
    </Box>
  );
}

function DraftPlan({
  draft,
  onChange,
}: {
  draft: Draft;
  onChange: (draft: Draft | undefined) => void;
}) {
  const { sock } = useShownSock(draft.spec);
  const preview = usePreview(ofSock(draft.spec, sock), sock === 2 ? 'new/2' : 'new');
  // Its name is typed beside it, and is no step.
  const nameless = { ...draft, name: '' };
  const steps = useSteps(nameless, NONE);
  const change = (next: Draft) => {
    steps.note(nameless);
    onChange(next);
  };
  const to = (step: Draft) => onChange({ ...step, name: draft.name });
  return (
    <Box>
      <Box as="h1" srOnly>
        {texts.aNewPair}
      </Box>
      <KeepIt draft={draft} onChange={onChange}>
        <WhichSock spec={draft.spec} />
        <UndoRedo
          undo={steps.back ? () => to(steps.takeBack(nameless)) : undefined}
          redo={steps.again ? () => to(steps.doAgain(nameless)) : undefined}
        />
      </KeepIt>
      {preview.plan ? (
        <PlanView draft={draft} plan={preview.plan} preview={preview} onChange={change} />
      ) : preview.refused ? (
        <Box role="alert" color="amiss">
          {preview.refused.message}
        </Box>
      ) : (
        <Waiting what={shared.thePlan} />
      )}
    </Box>
  );
}

const NONE: readonly PairChange[] = [];

interface KeepItProps {
  draft: Draft;
  /** What stands beside it. */
  children: ReactNode;
  onChange: (draft: Draft | undefined) => void;
}

function KeepIt({ draft, onChange, children }: KeepItProps) {
  const create = useCreatePair();
  const navigate = useNavigate();
  const error = create.error;
  const keep = () =>
    create.mutate(writeOf(draft), {
      onSuccess: (pair) => {
        keepDraft(undefined);
        void navigate(`/pairs/${pair.id}`, { replace: true });
      },
    });
  return (
    <Flex
      as="form"
      align="flex-end"
      gap={3}
      mb={4}
      wrap="wrap"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <Field.Root flex="1 1 16rem" maxW="26rem" invalid={error !== null}>
        <Field.Label fontWeight="600">{texts.nameThisPairToSave}</Field.Label>
        <Input
          value={draft.name}
          maxLength={80}
          placeholder={texts.eGWinterSocks}
          onChange={(event) => onChange({ ...draft, name: event.target.value })}
          size="lg"
          bg="sheet"
          borderColor="quiet"
        />
        {error && (
          <Field.ErrorText color="amiss">
            {error instanceof Refused ? (error.errors[0]?.message ?? error.message) : error.message}
          </Field.ErrorText>
        )}
      </Field.Root>
      <Button type="submit" bg="ink" color="sheet" size="lg" loading={create.isPending}>
        {texts.saveToBasket}
      </Button>
      <Button
        type="button"
        variant="ghost"
        color="ink"
        size="lg"
        onClick={() => onChange(undefined)}
      >
        {texts.startOver}
      </Button>
      {children}
    </Flex>
  );
}
