import { OptionWord } from './OptionWord';
import type { WordsProps } from './props';
import { Sentence } from './Sentence';
import { Why } from './Word';
import { YesNoWord } from './YesNoWord';
import { texts } from './texts';

/** How the grafts begin; nothing where nothing is grafted. */
export function GraftWords(words: WordsProps) {
  const graft = words.plan.heel.graft ?? words.plan.toe.graft;
  if (!graft) {
    return null;
  }
  return (
    <Sentence name={texts.graft}>
      {texts.graftInKitchenerStitch}{' '}
      <YesNoWord {...words} id="graft-set-up" choice="finish.graftSetUp" />
      {texts.theWorkingYarn}{' '}
      <OptionWord {...words} id="graft-yarn" choice="finish.yarnAt" after=".">
        <Why>{texts.thisGraftHasMoves(graft.moves.value)}</Why>
      </OptionWord>
    </Sentence>
  );
}
