import { Box, Button, Field, Flex, Input } from '@chakra-ui/react';
import { useKnownYarns } from '../api/logQueries';
import { useFeet, useSwatches, useYarns, type Preview } from '../api/queries';
import type { Plan } from '../wire/types';
import type { Draft } from '../draft/draft';
import { useSettings } from '../settings/settings';
import { figureText } from '../units/units';
import { Tape } from '../tape/Tape';
import { FromShelf } from './FromShelf';
import type { Measures } from './measures';
import { texts } from './texts';
import { ThreeMeasures } from './ThreeMeasures';
import { useFirst, type First } from './useFirst';

interface FirstMeasuresProps {
  heading: string;
  onMeasured: (draft: Draft) => void;
}

/** Three measurements, from which the first plan is made; all the rest can be changed in the plan. */
export function FirstMeasures({ heading, onMeasured }: FirstMeasuresProps) {
  const first = useFirst();
  const { measures, taken, spec, plan, preview, whose } = first;
  const begin = () =>
    spec &&
    onMeasured({
      name: '',
      spec,
      foot: taken.foot,
      swatch: taken.swatch,
      yarn: taken.yarn,
      footName: taken.foot ? undefined : whose.trim() || undefined,
    });
  return (
    <Box maxW="62rem">
      <Box as="h1" fontSize="3xl" lineHeight="1.2" mb={1}>
        {heading}
      </Box>
      <Box fontSize="lg" color="quiet" mb={5}>
        {texts.threeMeasurementsAreEnoughFor}
      </Box>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          begin();
        }}
      >
        <ThreeMeasures first={first} />
        <Shelves first={first} />
        <Flex mt={5} gap={4} align="flex-end" wrap="wrap">
          <Whose whose={whose} onName={first.name} />
          {spec ? <Ready preview={preview} plan={plan} /> : <Missing measures={measures} />}
        </Flex>
      </form>
      {plan && (
        <Box mt={6} bg="sheet" borderWidth="1px" borderColor="line" p={4}>
          <Tape plan={plan} />
        </Box>
      )}
    </Box>
  );
}

/** Feet, known yarns and swatches that can be taken from the shelves. */
function Shelves({ first }: { first: First }) {
  const { taken, set, setTaken, setWhose, counted } = first;
  const feet = useFeet();
  const swatches = useSwatches();
  const yarns = useYarns();
  const known = useKnownYarns();
  return (
    <FromShelf
      feet={feet.data ?? []}
      swatches={swatches.data ?? []}
      onFoot={(kept) => {
        const { lengthMm, shoe, ballGirthMm } = kept.foot;
        set({ lengthMm, shoe, ballGirthMm });
        setWhose(kept.name);
        setTaken({
          ...taken,
          foot: { id: kept.id, name: kept.name },
          feet: { foot: kept.foot, otherFoot: kept.otherFoot },
        });
      }}
      known={known.data ?? []}
      onYarn={({ yarnId, swatch, weighIns }) => {
        const kept = yarns.data?.find(({ id }) => id === yarnId);
        if (!kept || !swatch) {
          return;
        }
        counted(swatch);
        setTaken({
          ...taken,
          swatch: undefined,
          swatchSpec: swatch,
          yarn: { id: yarnId, name: kept.name, colour: kept.colour },
          yarnSpec: { yarn: kept.yarn, striping: kept.striping, weighIns },
        });
      }}
      onSwatch={(kept) => {
        counted(kept.swatch);
        setTaken({
          ...taken,
          swatch: { id: kept.id, name: kept.name },
          swatchSpec: kept.swatch,
        });
      }}
    />
  );
}

function Whose({ whose, onName }: { whose: string; onName: (name: string) => void }) {
  return (
    <Field.Root w="16rem">
      <Field.Label fontWeight="600">{texts.whoseFeetOptional}</Field.Label>
      <Input
        value={whose}
        maxLength={80}
        onChange={(event) => onName(event.target.value)}
        size="lg"
        bg="sheet"
        borderColor="quiet"
        autoComplete="off"
      />
    </Field.Root>
  );
}

function Missing({ measures }: { measures: Measures }) {
  const { lengthMm, shoe, ballGirthMm, stitches, rounds } = measures;
  const missing = [
    [lengthMm ?? shoe, texts.footLengthOrAShoe],
    [ballGirthMm ?? (lengthMm === undefined ? shoe : undefined), texts.aroundTheBall],
    [stitches, 'stitches'],
    [rounds, 'rounds'],
  ].flatMap(([value, word]) => (value === undefined ? [word] : []));
  return (
    <Box color="quiet" pb={3}>
      {texts.stillNeeded(missing.join(', '))}
    </Box>
  );
}

/** What comes of the measures, before the plan is opened; or why nothing does. */
function Ready({ preview, plan }: { preview: Preview; plan: Plan | undefined }) {
  const { lengths } = useSettings();
  const { refused } = preview;
  const words = preview.unreachable
    ? texts.cantReachRoundPocketTrying
    : plan
      ? texts.heelLineAfter(
          figureText(plan.stitchCount.stitches, lengths),
          figureText(plan.tube.rounds.foot, lengths),
        )
      : refused
        ? texts.noPlanYet(refused.message)
        : texts.workingItOut;
  return (
    <>
      <Button type="submit" bg="ink" color="sheet" size="lg" disabled={!plan}>
        {texts.openThePlan}
      </Button>
      <Box pb={2} maxW="34rem" color={refused ? 'amiss' : 'quiet'} role="status">
        {words}
      </Box>
    </>
  );
}
