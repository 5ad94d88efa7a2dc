import { Box } from '@chakra-ui/react';
import { useVariants } from '../api/queries';
import { ofSock, useShownSock } from '../draft/shownSock';
import type { Draft } from '../draft/draft';
import { useSettings } from '../settings/settings';
import { Choice } from './Choice';
import { effectWords } from './effects';
import { useSaid } from '../units/useSaid';
import { texts } from './texts';

/** Something that can be taken instead of what is. */
export interface Trial {
  key: string;
  title: string;
  chosen: boolean;
  /** Why people choose it. */
  why?: string | undefined;
  /** Why it cannot be taken as things are. */
  notNow?: string | undefined;
  draft: Draft;
}

/** Things that can be taken, each with what it does to this sock before it is taken. */
export function TryList({
  draft,
  trials,
  onChange,
}: {
  draft: Draft;
  trials: readonly Trial[];
  onChange: (draft: Draft) => void;
}) {
  const { lengths } = useSettings();
  const say = useSaid();
  const { sock } = useShownSock(draft.spec);
  const variants = useVariants(
    [draft, ...trials.map((trial) => trial.draft)].map(({ spec }) => ofSock(spec, sock)),
  );
  const now = variants.data?.[0]?.figures;
  return (
    <Box maxH="23rem" overflowY="auto" tabIndex={-1}>
      {trials.map((trial, i) => {
        const variant = variants.data?.[i + 1];
        const refused = trial.notNow ?? (variant && say(variant.refused));
        const effect = trial.chosen
          ? texts.asItIsNow
          : refused
            ? texts.notPossibleHere(refused)
            : variant?.figures && now
              ? effectWords(now, variant.figures, lengths)
              : '…';
        return (
          <Choice
            key={trial.key}
            chosen={trial.chosen}
            refused={Boolean(refused) && !trial.chosen}
            title={trial.title}
            note={effect}
            why={trial.why}
            onChoose={() => onChange(trial.draft)}
          />
        );
      })}
    </Box>
  );
}
