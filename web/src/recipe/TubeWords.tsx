import { Box } from '@chakra-ui/react';
import type { Plan } from '../api/types';
import { choiceOf, withChoices } from '../plan/draft';
import { useSettings } from '../settings/settings';
import { handWords } from '../settings/hands';
import { figureText, lengthText } from '../units/units';
import { ChoiceWord } from './ChoiceWord';
import { NumberField } from './NumberField';
import { OptionWord } from './OptionWord';
import { PlacingFields } from './PlacingFields';
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
      {'; the heel line placed '}
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
          'placing.markedRound': school === 'ON_THE_FOOT' ? tube.count.rounds.value : undefined,
          'placing.markedMm': undefined,
          'placing.distanceMm':
            school === 'OWN_DISTANCE' ? Math.round(tube.openingFromToe.value) : undefined,
          'placing.from': undefined,
        })}
      >
        <PlacingFields {...words} />
      </OptionWord>
      {` ${figureText(tube.openingFromToe, lengths)} from the toe tip, `}
      <OptionWord
        {...words}
        id="opening"
        title="How the opening is made"
        text={OPENED[plan.opening.way]}
        choice="opening.way"
        schools="OpeningWay"
        taken={tube.way === 'READY_TUBE' ? 'SNIP' : 'WASTE_ONE_LINE'}
        leaveOut={tube.way === 'READY_TUBE' ? WASTE : []}
        along={() => NO_CORNERS}
      >
        <Why>
          {`The line has ${figureText(plan.opening.line, lengths)}; ${figureText(plan.opening.comesOut, lengths)} of it come out again. Pick up the ${handWords(hand).leg} leg of every stitch, ${handWords(hand).way}, the same all along, and count both needles before anything is cut.`}
        </Why>
      </OptionWord>
      {', '}
      <OptionWord
        {...words}
        id="corners"
        title="At the corners of the opening"
        text={CORNERED[plan.opening.corners]}
        choice="opening.corners"
        schools="Corners"
        taken={plan.opening.corners}
        leaveOut={plan.opening.way.startsWith('WASTE') ? CUT_CORNERS : []}
        along={() => ({ 'opening.extraLoops': undefined, 'opening.keepFour': undefined })}
      />
      {plan.opening.corners === 'PICK_UP' && (
        <>
          {': '}
          <ChoiceWord
            {...words}
            id="extra-loops"
            title="Extra stitches at each corner"
            text={`${choiceOf(draft, 'opening.extraLoops') ?? 2} at each`}
            choice="opening.extraLoops"
            kind="whole"
            unit="sts"
            usual="2 sts"
            tries={[1, 2, 4]}
            tryTitle={(loops) => `${loops} at each corner`}
            why="They close the gap at the corner and are decreased away again in the heel’s first round or rounds."
          />
        </>
      )}
    </>
  );
}

/** A ready tube of the usual length, to begin with: two socks from 100 g. */
const READY_ROUNDS = 400;

const OPENED: Record<Plan['opening']['way'], string> = {
  SNIP: 'opened by a snip',
  WASTE_ONE_LINE: 'marked with one line of waste yarn',
  WASTE_TWO_LINES: 'marked with two lines of waste yarn',
  LIFELINES: 'opened between two lifelines',
};
const CORNERED: Record<Plan['opening']['corners'], string> = {
  LEAVE_TWO: 'leaving 2 sts in at each corner',
  LEAVE_ONE_AND_A_HALF: 'leaving one and a half sts in at each corner',
  PICK_UP: 'picking up extra sts at the corners',
  CLOSE_LATER: 'the corners closed later with the tail',
};
const WASTE: readonly string[] = ['WASTE_ONE_LINE', 'WASTE_TWO_LINES'];
/** What leaves stitches of the line in the fabric goes only where a stitch is cut. */
const CUT_CORNERS: readonly string[] = ['LEAVE_TWO', 'LEAVE_ONE_AND_A_HALF'];
/** Corners belong to their opening: with another one they are as usual again. */
const NO_CORNERS = {
  'opening.corners': undefined,
  'opening.extraLoops': undefined,
  'opening.keepFour': undefined,
};

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** The leg and the cuff. */
export function LegWords(words: WordsProps) {
  const { plan, draft } = words;
  const { lengths } = useSettings();
  const titles = useTitles();
  const cuff = choiceOf(draft, 'finish.cuffRounds') ?? plan.choices.cuff.value;
  const inRounds = choiceOf(draft, 'tube.legRounds');
  const { tube } = plan;
  return (
    <>
      {tube.legIsResult ? (
        `The leg comes out ${figureText(tube.legAbove, lengths)} above the heel line: it is what the tube leaves. It `
      ) : (
        <>
          The leg is{' '}
          <ChoiceWord
            {...words}
            id="leg"
            title="Leg, cuff included"
            text={
              inRounds === undefined
                ? lengthText(choiceOf(draft, 'tube.legMm') ?? plan.choices.leg.value, lengths)
                : `${inRounds} rounds`
            }
            choice="tube.legMm"
            overruledBy="tube.legRounds"
            kind="length"
            usual={lengthText(plan.choices.leg.value, lengths)}
            tries={[75, 125, 180, 250]}
            tryTitle={(mm) => lengthText(mm, lengths)}
            why="Measured to the edge of the cuff. The usual leg goes by the foot."
          >
            <LegInRounds {...words} />
          </ChoiceWord>{' '}
          <OptionWord
            {...words}
            id="leg-from"
            title="Where the leg is measured from"
            text={titles('LegFrom', choiceOf(draft, 'tube.legFrom') ?? 'OPENING')}
            choice="tube.legFrom"
            schools="LegFrom"
            taken="OPENING"
          />{' '}
          and{' '}
        </>
      )}
      ends in{' '}
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

/** The leg in rounds instead: 20, 40 and 60 are common with ready tubes. */
function LegInRounds({ draft, onChange, problemAt }: WordsProps) {
  const { lengths } = useSettings();
  return (
    <Box mt={3}>
      <NumberField
        label="or in rounds, 20, 40 or 60"
        kind="whole"
        unit="rounds"
        lengths={lengths}
        mayBeEmpty
        value={choiceOf(draft, 'tube.legRounds')}
        problem={problemAt('choices.tube.legRounds')}
        onChange={(rounds) =>
          onChange(withChoices(draft, { 'tube.legRounds': rounds, 'tube.legMm': undefined }))
        }
      />
    </Box>
  );
}
