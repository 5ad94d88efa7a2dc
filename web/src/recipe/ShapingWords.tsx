import { choiceOf } from '../draft/draft';
import { ChoiceWord } from './ChoiceWord';
import { OptionWord } from './OptionWord';
import { PhasesEditor } from './PhasesEditor';
import type { WordsProps } from './props';
import { YesNoWord } from './YesNoWord';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface ShapingWordsProps extends WordsProps {
  name: 'heel' | 'toe';
}

/** How a heel or a toe is shaped: its school, plain rounds, leaning, edge, parity and close. */
export function ShapingWords(props: ShapingWordsProps) {
  const { name, ...words } = props;
  const { plan, draft } = words;
  const shaping = plan[name];
  const own = choiceOf(draft, `${name}.school`) === 'OWN';
  const has = (choice: string) => plan.recipe.options.some(({ path }) => path === choice);
  const inRounds = has(`${name}.leaning`);
  const parity = has(`${name}.parity`);
  // A mark that follows a word stays on its line.
  const plain = (after?: string) => (
    <ChoiceWord
      {...words}
      id={`${name}-plain`}
      choice={`${name}.plainRounds`}
      kind="whole"
      unit={shared.rounds2}
      text={(rounds) => (rounds === 0 ? texts.noPlainRounds : texts.plain(rounds))}
      tryTitle={(rounds) => texts.plain2(rounds)}
      after={after}
    />
  );
  const last = shaping.shaping.begun ? ',' : ';';
  const shaped = (
    <>
      {shaping.shaping.begun ? texts.increases : texts.decreases}
      <OptionWord {...words} id={`${name}-leaning`} choice={`${name}.leaning`} after="," />{' '}
      <YesNoWord
        {...words}
        id={`${name}-edge`}
        choice={`${name}.edgeStitch`}
        after={parity ? ',' : last}
      />
      {parity && (
        <>
          {shaping.shaping.begun ? texts.upFrom : texts.downTo2}
          <OptionWord
            {...words}
            id={`${name}-parity`}
            choice={`${name}.parity`}
            text={() => texts.stsOnEachNeedle(shaping.shaping.closingSide.value)}
            after={last}
          />
        </>
      )}{' '}
    </>
  );
  return (
    <>
      <OptionWord
        {...words}
        id={`${name}-school`}
        choice={`${name}.school`}
        along={(school) => ({
          [`${name}.phases`]: school === 'OWN' ? FIRST_PHASES : undefined,
          [`${name}.plainBeforeClose`]: undefined,
          [`${name}.close`]: undefined,
        })}
      >
        {own && <PhasesEditor {...words} name={name} />}
      </OptionWord>
      {shaping.shaping.begun && inRounds ? (
        <>
          {texts.workedFromItsTip}
          {shaped}
          {texts.then}
          {plain()}
        </>
      ) : (
        <>
          {': '}
          {!inRounds && (
            <>
              <OptionWord
                {...words}
                id={`${name}-turning`}
                choice="technique.turning"
                after=","
              />{' '}
            </>
          )}
          {plain(inRounds ? ',' : shaping.shaping.graftLoops && ';')}
          {inRounds && (
            <>
              {texts.then2}
              {shaped}
            </>
          )}
          {shaping.shaping.graftLoops && (
            <>
              {inRounds ? '' : ' '}
              <OptionWord {...words} id={`${name}-close`} choice={`${name}.close`} />
            </>
          )}
        </>
      )}
    </>
  );
}

/** What a shaping of one's own starts from: the wedge to 8. */
const FIRST_PHASES = [{ every: 2, until: 8 }];
