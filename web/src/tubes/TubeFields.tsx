import { Box, chakra, Flex } from '@chakra-ui/react';
import { NotesField } from '../form/NotesField';
import { NumberField } from '../form/NumberField';
import { PlainSelect } from '../form/PlainSelect';
import { useSettings } from '../settings/settings';
import { gaugeSpanMm, gaugeSpanText } from '../units/units';
import type { KeptYarn } from '../wire/types';
import { TubeBands } from './TubeBands';
import type { TypedTube } from './typed';
import { shared } from '../texts/shared';
import { texts } from './texts';

type Sized = 'rounds' | 'lengthMm' | 'massG';

const SIZES = [
  { value: 'rounds', text: texts.countedInRounds },
  { value: 'lengthMm', text: texts.measuredOnTheTape },
  { value: 'massG', text: 'weighed' },
] as const;

const ENDS = [
  ['toeEndHeld', texts.theEndWhereToesWill],
  ['cuffEndHeld', texts.theOtherEndIsOn],
  ['two', texts.thereAreTwoOfIt],
] as const;

interface TubeFieldsProps {
  tube: TypedTube;
  yarns: readonly KeptYarn[];
  /** What its yarn was called, where that was deleted. */
  goneYarn: string | undefined;
  change: (part: Partial<TypedTube>) => void;
  problemAt: (field: string) => string | undefined;
}

/** What is known of a tube: its size, its fabric measured on it, its stripes, its ends. */
export function TubeFields({ tube, yarns, goneYarn, change, problemAt }: TubeFieldsProps) {
  return (
    <>
      <Flex gap={4} wrap="wrap" align="flex-start">
        <Size tube={tube} change={change} problemAt={problemAt} />
        <Fabric tube={tube} change={change} problemAt={problemAt} />
      </Flex>
      <Flex gap={6} wrap="wrap" mt={3} align="flex-start">
        <Box w="18rem">
          <PlainSelect
            label={texts.yarnItIsOf}
            value={tube.yarnId ?? ''}
            options={[
              { value: '', text: texts.notOnTheShelf },
              ...(goneYarn && tube.yarnId
                ? [{ value: tube.yarnId, text: texts.noLongerOnTheShelf(goneYarn) }]
                : []),
              ...yarns.map(({ id, name }) => ({ value: id, text: name })),
            ]}
            onChange={(id) => change({ yarnId: id || undefined })}
          />
        </Box>
        <TubeBands tube={tube} change={change} problemAt={problemAt} />
        <Box role="group" aria-label={texts.ends} maxW="22rem">
          {ENDS.map(([field, words]) => (
            <chakra.label key={field} display="flex" gap={2} minH="32px" cursor="pointer">
              <input
                type="checkbox"
                checked={tube[field] ?? field !== 'two'}
                onChange={(event) => change({ [field]: event.target.checked })}
              />
              {words}
            </chakra.label>
          ))}
          <Box fontSize="sm" color="quiet">
            {texts.tryBothEnds}
          </Box>
        </Box>
        <More tube={tube} change={change} problemAt={problemAt} />
      </Flex>
      <Box mt={3}>
        <NotesField
          notes={tube.notes}
          problem={problemAt('notes')}
          onChange={(notes) => change({ notes })}
        />
      </Box>
    </>
  );
}

type PartProps = Omit<TubeFieldsProps, 'yarns' | 'goneYarn'>;

function Size({ tube, change, problemAt }: PartProps) {
  const sized: Sized =
    tube.lengthMm !== undefined ? 'lengthMm' : tube.massG !== undefined ? 'massG' : 'rounds';
  const set = (field: Sized, value: number | undefined) =>
    change({ rounds: undefined, lengthMm: undefined, massG: undefined, [field]: value });
  return (
    <>
      <NumberField
        w="9rem"
        label={shared.stitchesAround}
        kind="whole"
        unit={shared.sts}
        mayBeEmpty
        value={tube.stitches}
        problem={problemAt('stitches')}
        onChange={(stitches) => change({ stitches })}
      />
      <Box w="13rem">
        <PlainSelect
          label={texts.howLongItIs}
          value={sized}
          options={SIZES}
          onChange={(next) => set(next, next === 'rounds' ? 400 : next === 'lengthMm' ? 1000 : 100)}
        />
      </Box>
      <Box w="9rem">
        {sized === 'lengthMm' ? (
          <NumberField
            label={shared.length}
            kind="length"
            value={tube.lengthMm}
            problem={problemAt('lengthMm')}
            onChange={(mm) => set('lengthMm', mm)}
          />
        ) : (
          <NumberField
            label={sized === 'massG' ? texts.weight : shared.rounds}
            kind={sized === 'massG' ? 'number' : 'whole'}
            unit={sized === 'massG' ? 'g' : 'rounds'}
            mayBeEmpty={sized === 'rounds'}
            value={sized === 'massG' ? tube.massG : tube.rounds}
            problem={problemAt(sized)}
            onChange={(value) => set(sized, value)}
          />
        )}
      </Box>
    </>
  );
}

/** Its gauge, measured on it. */
function Fabric({ tube, change, problemAt }: PartProps) {
  const { lengths } = useSettings();
  const readings = [
    ['stitchReading', shared.stitches, 'sts', 'stitches'],
    ['roundReading', shared.rounds, 'rounds', 'rounds'],
  ] as const;
  return (
    <Flex gap={4} wrap="wrap" role="group" aria-label={texts.gaugeMeasuredOnIt}>
      {readings.map(([field, label, unit, at]) => (
        <Box key={field} w="11rem">
          <NumberField
            label={texts.in(label, gaugeSpanText(lengths))}
            kind="number"
            unit={unit}
            mayBeEmpty
            value={tube[field] && (tube[field].count * gaugeSpanMm(lengths)) / tube[field].spanMm}
            problem={problemAt(`${at}[0].count`) ?? problemAt(at)}
            onChange={(count) =>
              change({
                [field]: count === undefined ? undefined : { count, spanMm: gaugeSpanMm(lengths) },
              })
            }
          />
        </Box>
      ))}
    </Flex>
  );
}

function More({ tube, change, problemAt }: PartProps) {
  return (
    <Flex gap={4} wrap="wrap">
      <NumberField
        w="11rem"
        label={texts.spareRoundsAtACut}
        kind="whole"
        unit={shared.rounds2}
        mayBeEmpty
        placeholder="2"
        value={tube.spareRounds}
        problem={problemAt('spareRounds')}
        onChange={(spareRounds) => change({ spareRounds })}
      />
      <NumberField
        w="13rem"
        label={texts.cakeForHeelsToesCuffs}
        kind="number"
        unit="g"
        mayBeEmpty
        value={tube.contrastG}
        problem={problemAt('contrastG')}
        onChange={(contrastG) => change({ contrastG })}
      />
    </Flex>
  );
}
