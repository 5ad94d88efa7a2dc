import { choiceOf } from '../plan/draft';
import { ChoiceWord } from './ChoiceWord';
import { OptionWord } from './OptionWord';
import { PhasesEditor } from './PhasesEditor';
import type { WordsProps } from './Recipe';
import { useTitles } from './titles';
import { YesNoWord } from './YesNoWord';

interface ShapingWordsProps extends WordsProps {
  name: 'heel' | 'toe';
}

/** How a heel or a toe is shaped: its school, plain rounds, leaning, edge, parity and close. */
export function ShapingWords(props: ShapingWordsProps) {
  const { name, ...words } = props;
  const { plan, draft } = words;
  const shaping = plan[name];
  const titles = useTitles();
  const own = choiceOf(draft, `${name}.school`) === 'OWN';
  const inRounds = shaping.school !== 'SHORT_ROWS';
  const last = shaping.phases.at(-1);
  const plain = choiceOf(draft, `${name}.plainRounds`) ?? shaping.plainRounds.value;
  const mayDraw = shaping.school === 'THREE_SPEED' || own;
  return (
    <>
      <OptionWord
        {...words}
        id={`${name}-school`}
        title={`${name === 'heel' ? 'Heel' : 'Toe'}: how it is shaped`}
        text={titles('ShapingSchool', shaping.school)}
        choice={`${name}.school`}
        schools="ShapingSchool"
        taken={shaping.school}
        along={(school) => ({
          [`${name}.phases`]: school === 'OWN' ? FIRST_PHASES : undefined,
          [`${name}.plainBeforeClose`]: undefined,
          [`${name}.close`]: undefined,
        })}
      >
        {own && <PhasesEditor {...words} name={name} />}
      </OptionWord>
      {inRounds || plain > 0 ? ' after ' : ', with '}
      <ChoiceWord
        {...words}
        id={`${name}-plain`}
        title={`Plain rounds at the ${name}`}
        text={
          plain === 0 ? 'no plain rounds' : `${plain} plain ${plain === 1 ? 'round' : 'rounds'}`
        }
        choice={`${name}.plainRounds`}
        kind="whole"
        unit="rounds"
        usual={name === 'heel' ? 'by the foot' : inRounds ? '4 rounds' : 'none'}
        tries={name === 'heel' ? [0, 2, 4, 6, 8, 10, 12] : [0, 2, 4, 6]}
        tryTitle={(rounds) => `${rounds} plain`}
        why={name === 'heel' ? HEEL_PLAIN : TOE_PLAIN}
        after={inRounds || shaping.graftLoops ? ',' : undefined}
      />{' '}
      {inRounds && (
        <>
          decreases{' '}
          <OptionWord
            {...words}
            id={`${name}-leaning`}
            title={`Leaning of the ${name}’s decreases`}
            text={titles('Leaning', shaping.leaning)}
            choice={`${name}.leaning`}
            schools="Leaning"
            taken="TOWARDS_MIDDLE"
            after=","
          />{' '}
          <YesNoWord
            {...words}
            id={`${name}-edge`}
            title={`Edge stitch at the ${name}`}
            choice={`${name}.edgeStitch`}
            usual
            yes="inside an edge stitch"
            no="right at the edge"
            why="One stitch knitted outside each decrease makes a clean line and is easy to pick up along; some work straight on the last two stitches."
            after={last?.otherSide === undefined ? ',' : undefined}
          />
          {last?.otherSide !== undefined && (
            <>
              {' '}
              to{' '}
              <OptionWord
                {...words}
                id={`${name}-parity`}
                title="Where twos do not reach the wanted count"
                text={`${shaping.closingSide.value} a side`}
                choice={`${name}.parity`}
                schools="Parity"
                taken="BELOW"
                after=","
              />
            </>
          )}{' '}
        </>
      )}
      {shaping.graftLoops &&
        (mayDraw ? (
          <>
            closed by{' '}
            <OptionWord
              {...words}
              id={`${name}-close`}
              title={`How the ${name} is closed`}
              text={titles('Close', shaping.close)}
              choice={`${name}.close`}
              schools="Close"
              taken="GRAFT"
            />
          </>
        ) : (
          'closed by a graft'
        ))}
      {!shaping.graftLoops && 'worked from its tip'}
    </>
  );
}

/** What a shaping of one's own starts from: the wedge to 8. */
const FIRST_PHASES = [{ every: 2, until: 8 }];

const HEEL_PLAIN =
  'More plain rounds make the heel deeper: for a high instep. Fewer, for a low one. Usual are as many as this foot needs to stand easily in the heel.';
const TOE_PLAIN =
  'A few plain rounds keep the first part of the toe straight: for broad toes. None makes it shorter and more pointed.';
