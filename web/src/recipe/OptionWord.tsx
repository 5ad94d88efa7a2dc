import type { ReactNode } from 'react';
import { choiceOf, withChoices, type ChoicePath } from '../draft/draft';
import type { WordsProps } from './props';
import { TryList, type Trial } from './TryList';
import { Word } from './Word';
import { SmallButton } from '../form/SmallButton';
import { texts } from './texts';
import { prose } from '../units/units';

interface OptionWordProps extends WordsProps {
  id: string;
  choice: ChoicePath;
  /** What is taken, where the sentence needs other words than the core's. */
  text?: (phrase: string) => string;
  after?: string | undefined;
  /** Other choices that go with one of these; undefined gives a choice back to the usual. */
  along?: (value: string) => Partial<Record<ChoicePath, unknown>>;
  children?: ReactNode;
}

/** A word that stands for one of several schools or ways; nothing where this plan has no such choice. */
export function OptionWord(props: OptionWordProps) {
  const { id, text, choice, after, along, draft, plan, onChange, problemAt, children } = props;
  const handed = plan.recipe.options.find(({ path }) => path === choice);
  if (!handed) {
    return null;
  }
  const { title, taken, phrase, options } = handed;
  const value = possible(options, choiceOf(draft, choice) as string | undefined);
  // What can be taken stands first.
  const inTurn = options.toSorted((one, other) => Number(!!one.notNow) - Number(!!other.notNow));
  const trials = inTurn.map(({ id: key, title: name, description, goodFor, notNow }): Trial => ({
    key,
    title: name,
    chosen: key === (value ?? taken),
    notNow,
    why: [sentence(prose(description ?? '')), goodFor && texts.goodFor(prose(goodFor))]
      .filter(Boolean)
      .join(' '),
    draft: withChoices(draft, { [choice]: key, ...along?.(key) }),
  }));
  return (
    <Word
      id={id}
      title={title}
      text={text ? text(phrase) : phrase}
      after={after}
      state={value === undefined ? 'usual' : 'own'}
      problem={problemAt(`choices.${choice}`)}
    >
      <TryList draft={draft} trials={trials} onChange={onChange} />
      {children}
      {value !== undefined && (
        <SmallButton
          mt={2}
          onClick={() => onChange(withChoices(draft, { [choice]: undefined, ...along?.('') }))}
        >
          {texts.backToTheUsual}
        </SmallButton>
      )}
    </Word>
  );
}

type Options = WordsProps['plan']['recipe']['options'][number]['options'];

/** What was chosen, unless something else that was chosen leaves no room for it. */
function possible(options: Options, value: string | undefined): string | undefined {
  return options.some(({ id, notNow }) => id === value && notNow) ? undefined : value;
}

function sentence(text: string | undefined): string {
  return text ? `${text.charAt(0).toUpperCase()}${text.slice(1)}.` : '';
}
