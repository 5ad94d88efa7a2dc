import { OptionWord } from './OptionWord';
import type { WordsProps } from './props';
import { Why } from './Word';
import { YesNoWord } from './YesNoWord';

/** How the grafts begin; nothing where nothing is grafted. */
export function GraftWords(words: WordsProps) {
  const graft = words.plan.heel.graft ?? words.plan.toe.graft;
  if (!graft) {
    return null;
  }
  return (
    <>
      Graft in Kitchener stitch{' '}
      <YesNoWord {...words} id="graft-set-up" choice="finish.graftSetUp" />, the working yarn{' '}
      <OptionWord {...words} id="graft-yarn" choice="finish.yarnAt" after=".">
        <Why>{`This graft has ${graft.moves.value} moves.`}</Why>
      </OptionWord>
    </>
  );
}
