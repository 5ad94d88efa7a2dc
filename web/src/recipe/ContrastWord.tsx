import { Box, Flex } from '@chakra-ui/react';
import { useYarns } from '../api/queries';
import type { KeptYarn, Spec, Yarn } from '../wire/types';
import { useSettings } from '../settings/settings';
import { labelText } from '../units/units';
import { Choice } from './Choice';
import { LabelFields } from './LabelFields';
import type { WordsProps } from './props';
import { Why, Word } from './Word';
import { SmallButton } from '../form/SmallButton';
import { texts } from './texts';

type Sections = NonNullable<Spec['contrastSections']>;

const PARTS: readonly (readonly [Sections[number], string])[] = [
  ['HEEL', 'heel'],
  ['TOE', 'toe'],
  ['CUFF', 'cuff'],
];
const USUAL: Yarn = { lengthM: 420, massG: 100 };

/** A second yarn for heel, toe or cuff. */
export function ContrastWord({ draft, onChange, problems, problemAt }: WordsProps) {
  const { contrast, contrastSections: sections = [] } = draft.spec;
  const set = (parts: Sections, yarn: Yarn | undefined) =>
    onChange({
      ...draft,
      spec: {
        ...draft.spec,
        contrast: parts.length > 0 ? (yarn ?? USUAL) : undefined,
        contrastSections: parts.length > 0 ? parts : undefined,
      },
    });
  const change = (part: Partial<Yarn>) =>
    set(sections.length > 0 ? sections : ['HEEL', 'TOE'], { ...USUAL, ...contrast, ...part });
  const named = PARTS.filter(([part]) => sections.includes(part)).map(([, word]) => word);
  return (
    <Word
      id="contrast"
      title={texts.aSecondYarn}
      text={named.length > 0 ? texts.inASecondYarn(list(named)) : texts.oneYarnThroughout}
      state={contrast ? 'own' : 'usual'}
      problem={problems.find(({ field }) => field.startsWith('contrast'))?.message}
    >
      <Flex gap={4} wrap="wrap">
        {PARTS.map(([part, word]) => (
          <Flex as="label" key={part} align="center" gap={2} minH="44px">
            <input
              type="checkbox"
              checked={sections.includes(part)}
              onChange={(event) =>
                set(
                  event.target.checked
                    ? [...sections, part]
                    : sections.filter((each) => each !== part),
                  contrast,
                )
              }
            />
            {word}
          </Flex>
        ))}
      </Flex>
      {contrast && (
        <>
          <FromShelf chosen={contrast} onChoose={(yarn) => set(sections, yarn)} />
          <LabelFields yarn={contrast} at="contrast" change={change} problemAt={problemAt} />
          <SmallButton mt={3} onClick={() => set([], undefined)}>
            {texts.backToTheUsualOne}
          </SmallButton>
        </>
      )}
      <Why>{texts.toesAndHeelsWearFirst}</Why>
    </Word>
  );
}

interface FromShelfProps {
  chosen: Yarn;
  onChoose: (yarn: Yarn) => void;
}

/** The yarns on the shelf. */
function FromShelf({ chosen, onChoose }: FromShelfProps) {
  const yarns = useYarns();
  const { lengths } = useSettings();
  return (
    <Box maxH="9rem" overflowY="auto" mb={2}>
      {yarns.data?.map((kept) => (
        <Choice
          key={kept.id}
          chosen={JSON.stringify(coloured(kept)) === JSON.stringify(chosen)}
          title={kept.name}
          note={labelText(kept.yarn, lengths)}
          onChoose={() => onChoose(coloured(kept))}
        />
      ))}
    </Box>
  );
}

function list(words: readonly string[]): string {
  return words.length < 2 ? words.join('') : texts.and(words.slice(0, -1).join(', '), words.at(-1));
}

/** A yarn of the shelf with its colour, for the drawings. */
function coloured({ yarn, colour }: KeptYarn): Yarn {
  return { ...yarn, colour };
}
