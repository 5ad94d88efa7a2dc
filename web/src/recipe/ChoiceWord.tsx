import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { choiceOf, withChoice, type ChoicePath, type ChoiceValue } from '../draft/draft';
import { useSettings } from '../settings/settings';
import { NumberField, type NumberKind } from '../form/NumberField';
import type { WordsProps } from './props';
import { TryList } from './TryList';
import { Why, Word } from './Word';
import { texts } from './texts';

/** The choices that are numbers. */
type NumberChoice = {
  [T in ChoicePath]: ChoiceValue<T> extends number | undefined ? T : never;
}[ChoicePath];

interface ChoiceWordProps extends WordsProps {
  id: string;
  choice: NumberChoice;
  kind: NumberKind;
  unit?: string;
  /** A value as the recipe says it. */
  text: (value: number) => string;
  /** The same beside others that could be taken; as the recipe says it where it is left out. */
  tryTitle?: (value: number) => string;
  after?: string | undefined;
  /** A choice that would overrule this one and is given up when this one is made. */
  overruledBy?: NumberChoice;
  /** Another way to say it. */
  children?: ReactNode;
}

/** A word that stands for one number which has a usual value; nothing where this plan has no such choice. */
export function ChoiceWord(props: ChoiceWordProps) {
  const { id, choice, kind, unit, text, after, overruledBy } = props;
  const { draft, plan, onChange, problemAt } = props;
  const { lengths } = useSettings();
  const handed = plan.recipe.numbers.find(({ path }) => path === choice);
  if (!handed) {
    return null;
  }
  const { title, why, whose, tries, usual } = handed;
  const value = choiceOf(draft, choice);
  const overruled = overruledBy !== undefined && choiceOf(draft, overruledBy) !== undefined;
  const problem = problemAt(`choices.${choice}`);
  const tryTitle = props.tryTitle ?? text;
  const made = (next: number | undefined) => {
    const chosen = withChoice(draft, choice, next);
    return overruledBy ? withChoice(chosen, overruledBy, undefined) : chosen;
  };
  return (
    <Word
      after={after}
      id={id}
      title={title}
      text={text(value ?? handed.taken)}
      state={value === undefined || overruled ? 'usual' : 'own'}
      problem={problem}
    >
      <NumberField
        key={lengths}
        label={title}
        kind={kind}
        unit={unit ?? ''}
        value={value}
        placeholder={tryTitle(usual)
          .replace(/[^\d./ ,]/g, '')
          .trim()}
        usual={whose === 'ADVISED' ? texts.forThisFoot(tryTitle(usual)) : tryTitle(usual)}
        autoFocus
        mayBeEmpty
        problem={problem}
        onChange={(next) => onChange(made(next))}
      />
      <Box mt={3}>
        <TryList
          draft={draft}
          onChange={onChange}
          trials={tries.map((each) => ({
            key: String(each),
            title: tryTitle(each),
            chosen: each === value,
            draft: made(each),
          }))}
        />
      </Box>
      {props.children}
      <Why>{why}</Why>
    </Word>
  );
}
