import { Box } from '@chakra-ui/react';
import { choiceOf, withChoices } from '../plan/draft';
import { useSettings } from '../settings/settings';
import { handWords } from '../settings/hands';
import { figureText, lengthText } from '../units/units';
import { ChoiceWord } from './ChoiceWord';
import { NumberField } from './NumberField';
import { OptionWord } from './OptionWord';
import { ReadyTubeWord } from './ReadyTubeWord';
import type { WordsProps } from './Recipe';
import { useTitles } from './titles';
import { Why } from './Word';

/** How one comes by the tube, where its heel opens and how. */
export function TubeWords(words: WordsProps) {
  const { plan, draft } = words;
  const { tube } = plan;
  const { lengths, hand } = useSettings();
  const titles = useTitles();
  return (
    <>
      <OptionWord
        {...words}
        id="direction"
        title="How you come by the tube"
        text={capital(titles('Way', tube.way))}
        choice="tube.way"
        schools="Way"
        taken="TOE_UP"
        along={(way) => ({
          'tube.readyTube':
            way === 'READY_TUBE'
              ? { stitches: plan.stitchCount.stitches.value, rounds: READY_ROUNDS }
              : undefined,
          'tube.toeStart': undefined,
          ...(way === 'READY_TUBE' ? { 'size.stitches': undefined, 'opening.way': undefined } : {}),
        })}
      />
      {tube.way === 'TOE_UP' && (
        <>
          {', begun with '}
          <OptionWord
            {...words}
            id="toe-start"
            title="How the tube begins"
            text={titles('ToeStart', tube.toeStart)}
            choice="tube.toeStart"
            schools="ToeStart"
            taken="WASTE_YARN"
            along={() => ({
              'toe.school': undefined,
              'toe.close': undefined,
              'toe.phases': undefined,
            })}
          />
        </>
      )}
      {tube.way === 'READY_TUBE' && (
        <>
          {' of '}
          <ReadyTubeWord {...words} />
        </>
      )}
      {'; the heel placed '}
      <OptionWord
        {...words}
        id="placing"
        title="Where the heel opens"
        text={titles('PlacingSchool', tube.placing.school)}
        choice="placing.school"
        schools="PlacingSchool"
        taken="OWN_HEEL"
        after=","
        along={(school) => ({
          'placing.markedRound':
            school === 'ON_THE_FOOT'
              ? (choiceOf(draft, 'placing.markedRound') ?? tube.openingRound.value)
              : undefined,
        })}
      >
        {tube.placing.school === 'ON_THE_FOOT' && (
          <Box mt={3}>
            <NumberField
              label="Marked after, from the toe tip"
              kind="whole"
              unit="rounds"
              lengths={lengths}
              value={choiceOf(draft, 'placing.markedRound')}
              problem={words.problemAt('choices.placing.markedRound')}
              onChange={(round) =>
                round !== undefined &&
                words.onChange(withChoices(draft, { 'placing.markedRound': round }))
              }
            />
          </Box>
        )}
      </OptionWord>
      {` ${figureText(tube.openingFromToe, lengths)} from the toe tip, opened by `}
      <OptionWord
        {...words}
        id="opening"
        title="How the opening is made"
        text={titles('OpeningWay', plan.opening.way)}
        choice="opening.way"
        schools="OpeningWay"
        taken={tube.way === 'READY_TUBE' ? 'SNIP' : 'WASTE_ONE_LINE'}
      >
        <Why>
          {`The line has ${figureText(plan.opening.line, lengths)}; ${figureText(plan.opening.comesOut, lengths)} of it come out again. Pick up the ${handWords(hand).leg} leg of every stitch, ${handWords(hand).way}, the same all along, and count both needles before anything is cut.`}
        </Why>
      </OptionWord>
      {' ('}
      <OptionWord
        {...words}
        id="corners"
        title="At the corners of the opening"
        text={cornerWords(words, titles)}
        choice="opening.corners"
        schools="Corners"
        taken="LEAVE_TWO"
        after=")"
        along={() => ({ 'opening.extraLoops': undefined, 'opening.keepFour': undefined })}
      />
      {plan.opening.corners === 'PICK_UP' && (
        <>
          {', '}
          <ChoiceWord
            {...words}
            id="extra-loops"
            title="Extra loops at each corner"
            text={`${choiceOf(draft, 'opening.extraLoops') ?? 2} at each`}
            choice="opening.extraLoops"
            kind="whole"
            unit="loops"
            usual="2 loops"
            tries={[1, 2, 4]}
            tryTitle={(loops) => `${loops} at each corner`}
            why="They close the hole at the corner and are decreased away again in the heel’s first rounds."
          />
        </>
      )}
    </>
  );
}

/** A ready tube of the usual length, to begin with: two socks from 100 g. */
const READY_ROUNDS = 400;

function cornerWords(
  { plan }: WordsProps,
  titles: (schools: string, name: string) => string,
): string {
  return `at the corners ${titles('Corners', plan.opening.corners)}`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** The leg and the cuff. */
export function LegWords(words: WordsProps) {
  const { plan, draft } = words;
  const { lengths } = useSettings();
  const titles = useTitles();
  const cuff = choiceOf(draft, 'finish.cuffRounds') ?? plan.choices.cuff.value;
  return (
    <>
      The leg goes{' '}
      <ChoiceWord
        {...words}
        id="leg"
        title="Leg, cuff included"
        text={lengthText(choiceOf(draft, 'tube.legMm') ?? plan.choices.leg.value, lengths)}
        choice="tube.legMm"
        kind="length"
        usual={lengthText(125, lengths)}
        tries={[75, 125, 180, 250]}
        tryTitle={(mm) => lengthText(mm, lengths)}
        why="Measured to the edge of the cuff."
      />{' '}
      <OptionWord
        {...words}
        id="leg-from"
        title="Where the leg is measured from"
        text={titles('LegFrom', choiceOf(draft, 'tube.legFrom') ?? 'OPENING')}
        choice="tube.legFrom"
        schools="LegFrom"
        taken="OPENING"
      />{' '}
      and ends in{' '}
      <ChoiceWord
        {...words}
        id="cuff"
        title="Rounds of the cuff"
        text={`${cuff} rounds`}
        choice="finish.cuffRounds"
        kind="whole"
        unit="rounds"
        usual="15 rounds"
        tries={[14, 15, 20, 30]}
        tryTitle={(rounds) => `${rounds} rounds`}
        why="14 to 20 rounds are usual. The bind-off has to stretch over the heel."
      />{' '}
      of{' '}
      <OptionWord
        {...words}
        id="rib"
        title="The ribbing"
        text={plan.cuff.ribTitle}
        choice="finish.rib"
        schools="Rib"
        taken="TWO_BY_TWO"
        after="."
      />
    </>
  );
}
