import { choiceOf } from '../draft/draft';
import { ChoiceWord } from './ChoiceWord';
import { OptionWord } from './OptionWord';
import { PhasesEditor } from './PhasesEditor';
import type { Plan } from '../wire/types';
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
      <PlainRounds {...props} none={texts.straightOn} />
    </>
  );
}

/** Plain rounds first, then decreases, or short rows; and how what is left is closed. */
function ToItsClose(props: ShapingWordsProps) {
  const { name, ...words } = props;
  const closed = words.plan[name].shaping.graftLoops;
  const rounds = inRounds(props);
  const straight = words.plan[name].shaping.plainRounds.value === 0;
  return (
    <>
      {': '}
      {!rounds && (
        <>
          <OptionWord {...words} id={`${name}-turning`} choice="technique.turning" after="," />{' '}
        </>
      )}
      <PlainRounds
        {...props}
        none={rounds ? texts.straightInto : shared.noPlainRounds}
        after={rounds ? (straight ? '' : ',') : closed && ';'}
      />
      {rounds && (
        <>
          {straight ? ' ' : texts.then2}
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
  none,
  after,
  ...words
}: ShapingWordsProps & { none: string; after?: string | undefined }) {
  return (
    <ChoiceWord
      {...words}
      id={`${name}-plain`}
      choice={`${name}.plainRounds`}
      kind="whole"
      unit={shared.rounds2}
      text={(rounds) => (rounds === 0 ? none : texts.plain(rounds))}
      tryTitle={(rounds) => texts.plain2(rounds)}
      after={after}
    />
  );
}

/** How often it is decreased or increased and how far, which way the stitches lean, and how far from the edge. */
function Shaped({ name, ...words }: ShapingWordsProps) {
  const { begun, closingSide, phases } = words.plan[name].shaping;
  const parity = handedOut(words, `${name}.parity`);
  // Decreases that wind round lie at no side.
  const atTheSides = handedOut(words, `${name}.leaning`);
  const side = texts.stsOnEachNeedle(closingSide.value);
  const last = begun ? ',' : ';';
  const after = atTheSides ? ',' : last;
  return (
    <>
      {begun ? texts.increases : texts.decreases}
      {begun ? texts.from : rhythm(phases)}
      {parity ? (
        <OptionWord
          {...words}
          id={`${name}-parity`}
          choice={`${name}.parity`}
          text={() => side}
          after={after}
        />
      ) : (
        `${side}${after}`
      )}{' '}
      {begun && `${rhythmFromTheTip(phases)}, `}
      {atTheSides && (
        <>
          <OptionWord {...words} id={`${name}-leaning`} choice={`${name}.leaning`} after="," />{' '}
          <YesNoWord
            {...words}
            id={`${name}-edge`}
            choice={`${name}.edgeStitch`}
            after={last}
          />{' '}
        </>
      )}
    </>
  );
}

type Phases = Plan['heel']['shaping']['phases'];

/** “every 3rd round twice, every 2nd round to 18, every round to ”: how far the last one goes is said after it. */
function rhythm(phases: Phases): string {
  return phases
    .map(({ every, target, decreases, side }, i) =>
      [
        texts.every(every.value),
        target ? '' : texts.times(decreases.value),
        i + 1 === phases.length ? texts.to('') : target ? texts.to(side.value) : '',
      ].join(''),
    )
    .join(', ');
}

/** The other way about: a phase ends where the one nearer to the tube begins. */
function rhythmFromTheTip(phases: Phases): string {
  return phases
    .map(({ every }, i) => {
      const nearer = phases[i - 1];
      return texts.every(every.value) + (nearer ? texts.to(nearer.side.value) : '');
    })
    .reverse()
    .join(', ');
}

const handedOut = ({ plan }: WordsProps, choice: string): boolean =>
  plan.recipe.options.some(({ path }) => path === choice);

/** Whether it is shaped by decreases or increases in rounds; short rows lean nowhere. */
const inRounds = ({ plan, name }: ShapingWordsProps): boolean =>
  plan[name].shaping.school.id !== 'SHORT_ROWS';

/** What a shaping of one's own starts from: the wedge to 8. */
const FIRST_PHASES = [{ every: 2, until: 8 }];
