import { Box } from '@chakra-ui/react';
import { Switch } from '../form/Switch';
import { choiceOf, withChoices, type ChoicePath } from '../draft/draft';
import { useSettings } from '../settings/settings';
import { NumberField } from '../form/NumberField';
import { PlainSelect } from '../form/PlainSelect';
import { movedWords, placeWords, taken } from './heelLine';
import type { WordsProps } from './props';
import { shared } from '../texts/shared';
import { texts } from './texts';

type From = 'TOE_TIP' | 'END_OF_TOE' | 'START_OF_LEG' | 'CUFF_EDGE';

const AT_THE_TOE: readonly (readonly [From, string, string])[] = [
  ['TOE_TIP', texts.theToeTip, texts.fromTheTipOfThe],
  ['END_OF_TOE', texts.whereTheToeEnds, texts.fromWhereTheToeEnds],
];
const AT_THE_CUFF: readonly (readonly [From, string, string])[] = [
  ['START_OF_LEG', texts.whereTheLegStarts, texts.fromWhereTheLegStarts],
  ['CUFF_EDGE', texts.theCuffEdge, texts.fromTheEdgeOfThe],
];

/** A placing of the knitter's own: what she measured or marked, and from where. */
export function PlacingFields(words: WordsProps) {
  const { plan, draft } = words;
  switch (plan.tube.heelLine.placing.school.id) {
    case 'OWN_DISTANCE':
      return (
        <Box mt={3}>
          <Length {...words} label={texts.fromThereToTheHeel} choice="placing.distanceMm" />
          <FromSwitch {...words} places={AT_THE_TOE} usual="TOE_TIP" />
        </Box>
      );
    case 'ON_THE_FOOT':
      return <Marked {...words} byTape={choiceOf(draft, 'placing.markedMm') !== undefined} />;
    case 'AT_COLOUR':
      return <AtColour {...words} />;
    default:
      return null;
  }
}

/** The changes of colour near the heel line; the leg stays as it is, or cuff-down the foot. */
function AtColour({ plan, draft, onChange }: WordsProps) {
  const { stripes } = plan;
  const offered = stripes?.candidates.filter(({ kept }) => kept.length > 0) ?? [];
  if (!stripes || offered.length === 0) {
    return null;
  }
  const here = offered.findIndex(({ moved }) => moved === 0);
  return (
    <Box mt={3}>
      <PlainSelect
        label={texts.theHeelLineIs}
        value={String(here)}
        options={[
          ...(here < 0 ? [{ value: '-1', text: texts.insideABandAsIt }] : []),
          ...offered.map((one, i) => ({
            value: String(i),
            text: `${placeWords(stripes, one)}, ${one.moved === 0 ? texts.asItIsNow : movedWords(one)}`,
          })),
        ]}
        onChange={(chosen) => {
          const kept = offered[Number(chosen)]?.kept[0];
          if (kept) {
            onChange(taken(draft, kept));
          }
        }}
      />
    </Box>
  );
}

/** The mark that was made with the tube on the foot, in rounds or by the tape. */
function Marked({ byTape, ...words }: WordsProps & { byTape: boolean }) {
  const { plan, draft, onChange, problemAt } = words;
  const { count } = plan.tube.heelLine;
  const change = (changes: Partial<Record<ChoicePath, unknown>>) =>
    onChange(withChoices(draft, changes));
  const usual = {
    TOE_UP: plan.toe.shaping.begun ? 'TOE_TIP' : 'END_OF_TOE',
    CUFF_DOWN: 'CUFF_EDGE',
    READY_TUBE: 'START_OF_LEG',
  }[plan.tube.way.id] as From;
  return (
    <Box mt={3}>
      <Switch
        labelled
        label={texts.marked}
        value={byTape ? 'tape' : 'rounds'}
        options={[
          ['rounds', texts.inRounds, texts.theMarkInRounds],
          ['tape', texts.byTheTape, texts.theMarkByTheTape],
        ]}
        onChange={(value) =>
          change(
            value === 'tape'
              ? {
                  'placing.markedMm': Math.round(count.length.value),
                  'placing.markedRound': undefined,
                }
              : { 'placing.markedMm': undefined, 'placing.markedRound': count.rounds.value },
          )
        }
      />
      {byTape ? (
        <Length {...words} label={texts.theTapeReadsAtThe} choice="placing.markedMm" />
      ) : (
        <NumberField
          label={texts.theMarkIsAfter}
          kind="whole"
          unit={shared.rounds2}
          value={choiceOf(draft, 'placing.markedRound')}
          problem={problemAt('choices.placing.markedRound')}
          onChange={(round) => round !== undefined && change({ 'placing.markedRound': round })}
        />
      )}
      <FromSwitch {...words} places={[...AT_THE_TOE, ...AT_THE_CUFF]} usual={usual} />
    </Box>
  );
}

function Length(
  props: WordsProps & { label: string; choice: 'placing.distanceMm' | 'placing.markedMm' },
) {
  const { label, choice, draft, onChange, problemAt } = props;
  const { lengths } = useSettings();
  return (
    <NumberField
      key={lengths}
      label={label}
      kind="length"
      value={choiceOf(draft, choice)}
      problem={problemAt(`choices.${choice}`)}
      onChange={(mm) => mm !== undefined && onChange(withChoices(draft, { [choice]: mm }))}
    />
  );
}

function FromSwitch(
  props: WordsProps & {
    places: readonly (readonly [From, string, string])[];
    usual: From;
  },
) {
  const { places, usual, draft, onChange } = props;
  return (
    <Switch
      labelled
      label={texts.countedFrom}
      value={choiceOf(draft, 'placing.from') ?? usual}
      options={places}
      onChange={(from) => onChange(withChoices(draft, { 'placing.from': from }))}
    />
  );
}
