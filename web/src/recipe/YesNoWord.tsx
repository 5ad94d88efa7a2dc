import { choiceOf, withChoices, type ChoicePath, type ChoiceValue } from '../draft/draft';
import { SmallButton } from '../form/SmallButton';
import type { WordsProps } from './props';
import { TryList } from './TryList';
import { Why, Word } from './Word';
import { texts } from './texts';

/** The choices that are yes or no. */
type YesNoChoice = {
  [T in ChoicePath]: ChoiceValue<T> extends boolean | undefined ? T : never;
}[ChoicePath];

interface YesNoWordProps extends WordsProps {
  id: string;
  choice: YesNoChoice;
  after?: string | undefined;
}

/** A word that is one of two; nothing where this plan has no such choice. */
export function YesNoWord(props: YesNoWordProps) {
  const { id, choice, after, draft, plan, onChange, problemAt } = props;
  const handed = plan.recipe.switches.find(({ path }) => path === choice);
  if (!handed) {
    return null;
  }
  const { title, why, usual, yes, no } = handed;
  const value = choiceOf(draft, choice);
  const taken = value ?? handed.taken;
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
        <SmallButton mt={2} onClick={() => onChange(withChoices(draft, { [choice]: undefined }))}>
          {texts.backToTheUsual2(usual ? yes : no)}
        </SmallButton>
      )}
      <Why>{why}</Why>
    </Word>
  );
}
