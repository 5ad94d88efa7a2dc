import { choiceOf, withChoices } from '../plan/draft';
import { TryList } from './TryList';
import type { WordsProps } from './Recipe';
import { Why, Word } from './Word';
import { YesNoWord } from './YesNoWord';

/** How the grafts begin; nothing where nothing is grafted. */
export function GraftWords(words: WordsProps) {
  const { draft, plan, onChange } = words;
  const graft = plan.heelGraft ?? plan.toeGraft;
  if (!graft) {
    return null;
  }
  const chosen = choiceOf(draft, 'finish.yarnAt');
  const at = chosen ?? 'BACK';
  const needles = [
    ['BACK', 'at the back needle'],
    ['FRONT', 'at the front needle'],
  ] as const;
  return (
    <>
      Grafts begin{' '}
      <YesNoWord
        {...words}
        id="graft-set-up"
        title="Set-up of the graft"
        choice="finish.graftSetUp"
        usual
        yes="with a set-up"
        no="without a set-up"
        why="A set-up pair of moves opens the graft so that its first stitch looks like the others. Without it the corner has no ear."
      />
      , the yarn waiting{' '}
      <Word
        id="graft-yarn"
        title="Where the yarn waits"
        text={at === 'BACK' ? 'at the back needle' : 'at the front needle'}
        state={chosen === undefined ? 'usual' : 'own'}
        after="."
      >
        <TryList
          draft={draft}
          onChange={onChange}
          trials={needles.map(([needle, title]) => ({
            key: needle,
            title,
            chosen: needle === at,
            draft: withChoices(draft, { 'finish.yarnAt': needle }),
          }))}
        />
        <Why>{`This graft has ${graft.moves.value} moves.`}</Why>
      </Word>
    </>
  );
}
