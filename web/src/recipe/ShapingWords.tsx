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
  const own = choiceOf(draft, `${name}.school`) === 'OWN';
  const fromItsTip = plan[name].shaping.begun && inRounds(props);
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
      {fromItsTip ? <FromItsTip {...props} /> : <ToItsClose {...props} />}
    </>
  );
}

/** Begun at the tip: increases first, plain rounds last. */
function FromItsTip(props: ShapingWordsProps) {
  return (
    <>
      {texts.workedFromItsTip}
      <Shaped {...props} />
      {texts.then}
      <PlainRounds {...props} />
    </>
  );
}

/** Plain rounds first, then decreases, or short rows; and how what is left is closed. */
function ToItsClose(props: ShapingWordsProps) {
  const { name, ...words } = props;
  const closed = words.plan[name].shaping.graftLoops;
  const rounds = inRounds(props);
  return (
    <>
      {': '}
      {!rounds && (
        <>
          <OptionWord {...words} id={`${name}-turning`} choice="technique.turning" after="," />{' '}
        </>
      )}
      <PlainRounds {...props} after={rounds ? ',' : closed && ';'} />
      {rounds && (
        <>
          {texts.then2}
          <Shaped {...props} />
        </>
      )}
      {closed && (
        <>
          {rounds ? '' : ' '}
          <OptionWord {...words} id={`${name}-close`} choice={`${name}.close`} />
        </>
      )}
    </>
  );
}

/** A mark that follows a word stays on its line. */
function PlainRounds({
  name,
  after,
  ...words
}: ShapingWordsProps & { after?: string | undefined }) {
  return (
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
}

/** Which way decreases or increases lean, how far from the edge, and how far they go. */
function Shaped({ name, ...words }: ShapingWordsProps) {
  const { begun, closingSide } = words.plan[name].shaping;
  const parity = handedOut(words, `${name}.parity`);
  const last = begun ? ',' : ';';
  return (
    <>
      {begun ? texts.increases : texts.decreases}
      <OptionWord {...words} id={`${name}-leaning`} choice={`${name}.leaning`} after="," />{' '}
      <YesNoWord
        {...words}
        id={`${name}-edge`}
        choice={`${name}.edgeStitch`}
        after={parity ? ',' : last}
      />
      {parity && (
        <>
          {begun ? texts.upFrom : texts.downTo2}
          <OptionWord
            {...words}
            id={`${name}-parity`}
            choice={`${name}.parity`}
            text={() => texts.stsOnEachNeedle(closingSide.value)}
            after={last}
          />
        </>
      )}{' '}
    </>
  );
}

const handedOut = ({ plan }: WordsProps, choice: string): boolean =>
  plan.recipe.options.some(({ path }) => path === choice);

/** Whether it is shaped by decreases or increases in rounds; short rows lean nowhere. */
const inRounds = (props: ShapingWordsProps): boolean => handedOut(props, `${props.name}.leaning`);

/** What a shaping of one's own starts from: the wedge to 8. */
const FIRST_PHASES = [{ every: 2, until: 8 }];
