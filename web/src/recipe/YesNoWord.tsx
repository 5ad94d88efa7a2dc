import { Button } from '@chakra-ui/react';
import { choiceOf, withChoices, type ChoicePath, type ChoiceValue } from '../plan/draft';
import type { WordsProps } from './Recipe';
import { TryList } from './TryList';
import { Why, Word } from './Word';

/** The choices that are yes or no. */
type YesNoChoice = {
  [T in ChoicePath]: ChoiceValue<T> extends boolean | undefined ? T : never;
}[ChoicePath];

interface YesNoWordProps extends WordsProps {
  id: string;
  title: string;
  choice: YesNoChoice;
  usual: boolean;
  yes: string;
  no: string;
  why: string;
  after?: string | undefined;
}

/** A word that is one of two. */
export function YesNoWord(props: YesNoWordProps) {
  const { id, title, choice, usual, yes, no, why, after, draft, onChange, problemAt } = props;
  const value = choiceOf(draft, choice);
  const taken = value ?? usual;
  return (
    <Word
      id={id}
      title={title}
      text={taken ? yes : no}
      state={value === undefined ? 'usual' : 'own'}
      problem={problemAt(`choices.${choice}`)}
      after={after}
    >
      <TryList
        draft={draft}
        onChange={onChange}
        trials={[true, false].map((each) => ({
          key: String(each),
          title: each ? yes : no,
          chosen: each === taken,
          draft: withChoices(draft, { [choice]: each }),
        }))}
      />
      {value !== undefined && (
        <Button
          variant="outline"
          borderColor="line"
          color="ink"
          size="sm"
          minH="44px"
          mt={1}
          onClick={() => onChange(withChoices(draft, { [choice]: undefined }))}
        >
          {`Back to the usual: ${usual ? yes : no}`}
        </Button>
      )}
      <Why>{why}</Why>
    </Word>
  );
}
