import { choiceOf, withChoice, type ChoicePath, type ChoiceValue } from '../plan/draft';
import { useSettings } from '../settings/settings';
import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { NumberField, type NumberKind } from './NumberField';
import type { WordsProps } from './Recipe';
import { TryList } from './TryList';
import { Why, Word } from './Word';

/** The choices that are numbers. */
type NumberChoice = {
  [T in ChoicePath]: ChoiceValue<T> extends number | undefined ? T : never;
}[ChoicePath];

interface ChoiceWordProps extends WordsProps {
  id: string;
  title: string;
  text: string;
  choice: NumberChoice;
  kind: NumberKind;
  unit?: string;
  usual: string;
  why: string;
  after?: string | undefined;
  /** Values that are shown with what they would give. */
  tries?: readonly number[];
  tryTitle?: (value: number) => string;
  /** A choice that would overrule this one and is given up when this one is made. */
  overruledBy?: NumberChoice;
  /** Another way to say it. */
  children?: ReactNode;
}

/** A word that stands for one number which has a usual value. */
export function ChoiceWord(props: ChoiceWordProps) {
  const {
    after,
    overruledBy,
    tries,
    tryTitle,
    id,
    title,
    text,
    choice,
    kind,
    unit,
    usual,
    why,
    draft,
    onChange,
    problemAt,
  } = props;
  const { lengths } = useSettings();
  const value = choiceOf(draft, choice);
  const overruled = overruledBy !== undefined && choiceOf(draft, overruledBy) !== undefined;
  const problem = problemAt(`choices.${choice}`);
  const made = (next: number | undefined) => {
    const chosen = withChoice(draft, choice, next);
    return overruledBy ? withChoice(chosen, overruledBy, undefined) : chosen;
  };
  return (
    <Word
      after={after}
      id={id}
      title={title}
      text={text}
      state={value === undefined || overruled ? 'usual' : 'own'}
      problem={problem}
    >
      <NumberField
        key={lengths}
        label={title}
        kind={kind}
        unit={unit ?? ''}
        lengths={lengths}
        value={value}
        placeholder={usual.replace(/[^\d./ ,]/g, '').trim()}
        usual={usual}
        autoFocus
        mayBeEmpty
        problem={problem}
        onChange={(next) => onChange(made(next))}
      />
      {tries && (
        <Box mt={3}>
          <TryList
            draft={draft}
            onChange={onChange}
            trials={tries.map((each) => ({
              key: String(each),
              title: tryTitle?.(each) ?? String(each),
              chosen: each === value,
              draft: made(each),
            }))}
          />
        </Box>
      )}
      {props.children}
      <Why>{why}</Why>
    </Word>
  );
}
