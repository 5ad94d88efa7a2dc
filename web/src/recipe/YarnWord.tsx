import { Box } from '@chakra-ui/react';
import { useYarns } from '../api/queries';
import type { Yarn } from '../wire/types';
import { useSettings } from '../settings/settings';
import { labelText } from '../units/units';
import { Choice } from './Choice';
import { LabelFields } from './LabelFields';
import type { WordsProps } from './props';
import { Why, Word } from './Word';
import { SmallButton } from '../form/SmallButton';
import { texts } from './texts';

/** What stands in while no yarn is named; the server takes the same. */
const USUAL: Yarn = { lengthM: 420, massG: 100 };

/** The yarn: from the shelf, or as its label says. */
export function YarnWord({ draft, onChange, problems, problemAt }: WordsProps) {
  const yarns = useYarns();
  const { lengths } = useSettings();
  const { yarn } = draft.spec;
  const problem = problems.find(({ field }) => field.startsWith('yarn'))?.message;
  const set = (change: Partial<Yarn>) =>
    onChange({ ...draft, spec: { ...draft.spec, yarn: { ...USUAL, ...yarn, ...change } } });
  const label = yarn ?? USUAL;
  const onShelf = yarns.data?.find(({ id }) => id === draft.yarn?.id);
  const newStripes =
    onShelf && JSON.stringify(onShelf.striping) !== JSON.stringify(draft.spec.striping);
  const text = draft.yarn?.name ?? texts.sockYarnOf(labelText(label, lengths));
  return (
    <Word
      id="yarn"
      title={texts.theYarn}
      text={text}
      state={yarn ? 'own' : 'usual'}
      problem={problem}
    >
      <FromShelf draft={draft} onChange={onChange} />
      {newStripes && (
        <SmallButton
          mb={3}
          onClick={() =>
            onChange({ ...draft, spec: { ...draft.spec, striping: onShelf.striping } })
          }
        >
          {onShelf.striping ? texts.useItsStripesAsThey : texts.planItWithoutStripes}
        </SmallButton>
      )}
      <LabelFields yarn={label} at="yarn" change={set} problemAt={problemAt} />
      {yarn && (
        <SmallButton
          mt={3}
          onClick={() =>
            onChange({
              ...draft,
              yarn: undefined,
              spec: { ...draft.spec, yarn: undefined, striping: undefined },
            })
          }
        >
          {texts.backToTheUsual3(labelText(USUAL, lengths))}
        </SmallButton>
      )}
      <Why>{texts.metresInGramsSayHow}</Why>
    </Word>
  );
}

/** The yarns on the shelf; one of them brings its stripes along. */
function FromShelf({ draft, onChange }: Pick<WordsProps, 'draft' | 'onChange'>) {
  const yarns = useYarns().data ?? [];
  const { lengths } = useSettings();
  return (
    yarns.length > 0 && (
      <Box mb={3} maxH="10rem" overflowY="auto">
        {yarns.map((kept) => (
          <Choice
            key={kept.id}
            chosen={kept.id === draft.yarn?.id}
            title={kept.name}
            note={labelText(kept.yarn, lengths)}
            onChoose={() =>
              onChange({
                ...draft,
                yarn: { id: kept.id, name: kept.name, colour: kept.colour },
                spec: { ...draft.spec, yarn: kept.yarn, striping: kept.striping },
              })
            }
          />
        ))}
      </Box>
    )
  );
}
