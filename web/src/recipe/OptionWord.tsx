import { Button } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { useAlmanac } from '../api/queries';
import { choiceOf, withChoices, type ChoicePath } from '../plan/draft';
import type { WordsProps } from './Recipe';
import { TryList, type Trial } from './TryList';
import { Word } from './Word';

interface OptionWordProps extends WordsProps {
  id: string;
  title: string;
  text: string;
  choice: ChoicePath;
  /** The name of the schools in the almanac. */
  schools: string;
  after?: string;
  /** Other choices that go with one of these; undefined gives a choice back to the usual. */
  along?: (value: string) => Partial<Record<ChoicePath, unknown>>;
  /** The school that is taken where nothing was chosen. */
  taken: string;
  /** Schools that do not apply here. */
  leaveOut?: readonly string[];
  children?: ReactNode;
}

/** A word that stands for one of several schools or ways, told in the almanac's words. */
export function OptionWord(props: OptionWordProps) {
  const { id, title, text, choice, schools, after, along, leaveOut, draft, onChange, children } =
    props;
  const almanac = useAlmanac();
  const value = choiceOf(draft, choice) as string | undefined;
  const problem = props.problems.find(({ field }) => field === `choices.${choice}`)?.message;
  const prefix = `school.${schools}.`;
  const trials = (almanac.data ?? [])
    .filter((entry) => entry.id.startsWith(prefix))
    .map((entry): Trial => {
      const name = entry.id.slice(prefix.length);
      return {
        key: name,
        title: entry.title,
        chosen: name === (value ?? props.taken),
        why: [sentence(entry.text), entry.goodFor && `Good for: ${entry.goodFor}.`]
          .filter(Boolean)
          .join(' '),
        draft: withChoices(draft, { [choice]: name, ...along?.(name) }),
      };
    })
    .filter((trial) => !leaveOut?.includes(trial.key));
  return (
    <Word
      id={id}
      title={title}
      text={text}
      after={after}
      state={value === undefined ? 'usual' : 'own'}
      problem={problem}
    >
      <TryList draft={draft} trials={trials} onChange={onChange} />
      {children}
      {value !== undefined && (
        <Button
          variant="outline"
          borderColor="line"
          color="ink"
          size="sm"
          minH="44px"
          mt={2}
          onClick={() => onChange(withChoices(draft, { [choice]: undefined, ...along?.('') }))}
        >
          Back to the usual
        </Button>
      )}
    </Word>
  );
}

function sentence(text: string): string {
  return text ? `${text.charAt(0).toUpperCase()}${text.slice(1)}.` : '';
}
