import { Box } from '@chakra-ui/react';
import { choiceOf, withChoices } from '../draft/draft';
import { useSettings } from '../settings/settings';
import { handWords } from '../settings/hands';
import { figureText, lengthText } from '../units/units';
import { Choice } from './Choice';
import { ChoiceWord } from './ChoiceWord';
import { NumberField } from '../form/NumberField';
import { OptionWord } from './OptionWord';
import { PlacingFields } from './PlacingFields';
import { ReadyTubeWord } from './ReadyTubeWord';
import type { Plan } from '../wire/types';
import type { WordsProps } from './props';
import { Sentence } from './Sentence';
import { Why } from './Word';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** How one comes by the tube, where its heel opens and how. */
export function TubeWords(words: WordsProps) {
  return (
    <>
      <Sentence name={texts.tube}>
        <WayWords {...words} />
      </Sentence>
      <Sentence name={texts.heelLine}>
        <PlacingWords {...words} />
        <OpeningWords {...words} />
      </Sentence>
    </>
  );
}

/** Which way the tube comes about, and what belongs to that way. */
function WayWords(words: WordsProps) {
  const { plan } = words;
  const { tube } = plan;
  return (
    <>
      <OptionWord
        {...words}
        id="direction"
        choice="tube.way"
        text={capital}
        along={(way) => ({
          'tube.readyTube':
            way === 'READY_TUBE'
              ? { stitches: plan.stitchCount.stitches.value, rounds: READY_ROUNDS }
              : undefined,
          'tube.toeStart': undefined,
          ...(way === 'READY_TUBE'
            ? { 'size.stitches': undefined, 'opening.way': undefined, order: undefined }
            : {}),
        })}
      />
      {tube.way.id === 'TOE_UP' && (
        <>
          {' '}
          <OptionWord
            {...words}
            id="toe-start"
            choice="tube.toeStart"
            along={() => ({
              'toe.school': undefined,
              'toe.close': undefined,
              'toe.phases': undefined,
            })}
          >
            <LiveBeginning {...words} />
          </OptionWord>
        </>
      )}
      {tube.way.id !== 'READY_TUBE' && (
        <>
          {texts.eachRoundBegun}
          <OptionWord {...words} id="round-start" choice="technique.roundStart" />
        </>
      )}
      {tube.way.id === 'READY_TUBE' && (
        <>
          {texts.of}
          <ReadyTubeWord {...words} />
        </>
      )}
    </>
  );
}

/** Where the heel line is. */
function PlacingWords(words: WordsProps) {
  const { plan } = words;
  const { heelLine } = plan.tube;
  const fromTheCuff = heelLine.counts.find(({ from }) => from.id === 'CUFF_EDGE');
  const { lengths } = useSettings();
  return (
    <>
      {texts.heelLineStands}
      {fromTheCuff && plan.tube.way.id !== 'TOE_UP'
        ? texts.fromTheCuffEdge(figureText(fromTheCuff.length, lengths))
        : texts.fromTheToeTip(figureText(heelLine.fromToe, lengths))}
      <OptionWord
        {...words}
        id="placing"
        choice="placing.school"
        after=","
        along={(school) => ({
          'placing.markedRound': markedRound(plan, school),
          'placing.markedMm': undefined,
          'placing.distanceMm':
            school === 'OWN_DISTANCE' ? Math.round(heelLine.fromToe.value) : undefined,
          'placing.from':
            school === 'AT_COLOUR'
              ? 'TOE_TIP'
              : school === 'ON_THE_FOOT'
                ? heelLine.count.from.id
                : undefined,
        })}
      >
        <PlacingFields {...words} />
      </OptionWord>{' '}
    </>
  );
}

/** How the heel is opened, and what is done at the corners. */
function OpeningWords(words: WordsProps) {
  const { plan } = words;
  const { lengths, hand } = useSettings();
  return (
    <>
      <OptionWord {...words} id="opening" choice="opening.way" along={() => NO_CORNERS}>
        <Why>
          {texts.theHeelLineHasCome(
            figureText(plan.opening.line, lengths),
            figureText(plan.opening.comesOut, lengths),
            handWords(hand).leg,
            handWords(hand).way,
          )}
        </Why>
      </OptionWord>
      {', '}
      <OptionWord
        {...words}
        id="corners"
        choice="opening.corners"
        along={() => ({ 'opening.extraLoops': undefined, 'opening.keepFour': undefined })}
      />
      {plan.opening.corners.id === 'PICK_UP' && (
        <>
          {': '}
          <ChoiceWord
            {...words}
            id="extra-loops"
            choice="opening.extraLoops"
            kind="whole"
            unit={shared.sts}
            text={(extra) => texts.atEach(extra)}
            tryTitle={(extra) => texts.atEachCorner(extra)}
          />
        </>
      )}
    </>
  );
}

/** How stitches begin that are to be live again; nothing where none are. */
function LiveBeginning({ draft, plan, onChange }: WordsProps) {
  const handed = plan.recipe.options.find(({ path }) => path === 'technique.provisional');
  if (!handed) {
    return null;
  }
  return (
    <Box mt={3} role="group" aria-label={handed.title}>
      <Box fontWeight="600" mb={1}>
        {handed.title}
      </Box>
      {handed.options.map(({ id, title, description, goodFor }) => (
        <Choice
          key={id}
          chosen={id === handed.taken}
          title={title}
          note={`${description ?? ''}.`}
          why={goodFor && texts.goodFor(goodFor)}
          onChoose={() => onChange(withChoices(draft, { 'technique.provisional': id }))}
        />
      ))}
    </Box>
  );
}

/** A ready tube of the usual length, to begin with: two socks from 100 g. */
const READY_ROUNDS = 400;

/** Corners belong to their opening: with another one they are as usual again. */
const NO_CORNERS = {
  'opening.corners': undefined,
  'opening.extraLoops': undefined,
  'opening.keepFour': undefined,
};

/** The round that a marked heel line begins with: where it is now, or at the nearest change of colour. */
function markedRound({ tube, stripes }: Plan, school: string): number | undefined {
  switch (school) {
    case 'ON_THE_FOOT':
      return tube.heelLine.count.rounds.value;
    case 'AT_COLOUR':
      return stripes?.candidates[0]?.kept[0]?.openingRound ?? tube.heelLine.round.value;
    default:
      return undefined;
  }
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** The leg and the cuff. */
export function LegWords(words: WordsProps) {
  const { plan, draft } = words;
  const { lengths } = useSettings();
  const inRounds = choiceOf(draft, 'tube.legRounds');
  const { tube } = plan;
  return (
    <>
      {tube.wanted.legIsResult ? (
        texts.theLegComesOutAbove(figureText(tube.wanted.legAbove, lengths))
      ) : (
        <>
          {texts.theLegIs}{' '}
          <ChoiceWord
            {...words}
            id="leg"
            choice="tube.legMm"
            overruledBy="tube.legRounds"
            kind="length"
            text={(mm) =>
              inRounds === undefined ? lengthText(mm, lengths) : texts.rounds5(inRounds)
            }
            tryTitle={(mm) => lengthText(mm, lengths)}
          >
            <LegInRounds {...words} />
          </ChoiceWord>{' '}
          <OptionWord {...words} id="leg-from" choice="tube.legFrom" />
          {texts.andEndsIn}{' '}
        </>
      )}
      {texts.endsIn}{' '}
      <ChoiceWord
        {...words}
        id="cuff"
        choice="finish.cuffRounds"
        kind="whole"
        unit={shared.rounds2}
        text={(rounds) => texts.rounds4(rounds)}
      />{' '}
      {texts.of2}
      <OptionWord {...words} id="rib" choice="finish.rib" after="." />
    </>
  );
}

/** The leg in rounds instead: 20, 40 and 60 are common with ready tubes. */
function LegInRounds({ draft, onChange, problemAt }: WordsProps) {
  return (
    <NumberField
      mt={3}
      label={texts.orInRounds2040}
      kind="whole"
      unit={shared.rounds2}
      mayBeEmpty
      value={choiceOf(draft, 'tube.legRounds')}
      problem={problemAt('choices.tube.legRounds')}
      onChange={(rounds) =>
        onChange(withChoices(draft, { 'tube.legRounds': rounds, 'tube.legMm': undefined }))
      }
    />
  );
}
