import { useId, type ReactNode } from 'react';
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
import { WhatItMakes } from './WhatItMakes';

interface FirstMeasuresProps {
  heading: string;
  /** What can be done instead of measuring. */
  instead?: ReactNode;
  onMeasured: (draft: Draft) => void;
}

/** Three measurements, from which the first plan is made; all the rest can be changed in the plan. */
export function FirstMeasures({ heading, instead, onMeasured }: FirstMeasuresProps) {
  const first = useFirst();
  const { measures, taken, spec, plan, preview, whose } = first;
  const begin = () =>
    spec &&
    plan &&
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
      {!plan && <WhatItMakes />}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          begin();
        }}
      >
        <ThreeMeasures first={first} />
        <Shelves first={first} />
        {instead}
        <Box mt={5}>
          <Whose whose={whose} onName={first.name} />
        </Box>
        <Flex
          mt={4}
          columnGap={4}
          align="center"
          wrap="wrap"
          position={{ base: 'sticky', md: 'static' }}
          bottom={0}
          mx={{ base: -3, md: 0 }}
          px={{ base: 3, md: 0 }}
          py={2}
          bg="mist"
          borderTopWidth={{ base: '1px', md: 0 }}
          borderColor="line"
        >
          <OpenPlan measures={measures} preview={preview} plan={plan} begun={spec !== undefined} />
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
    <Field.Root w={{ base: '100%', md: '16rem' }}>
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

/** Fields that a plan cannot be made without, in their order, with what each is called. */
function missing({ lengthMm, shoe, ballGirthMm, stitches, rounds }: Measures) {
  return [
    { value: lengthMm ?? shoe, word: texts.footLength, field: 'lengthMm' },
    {
      value: ballGirthMm ?? (lengthMm === undefined ? shoe : undefined),
      word: texts.aroundTheBall,
      field: 'ballGirthMm',
    },
    { value: stitches, word: 'stitches', field: 'stitches' },
    { value: rounds, word: 'rounds', field: 'rounds' },
  ].filter(({ value }) => value === undefined);
}

interface OpenPlanProps {
  measures: Measures;
  preview: Preview;
  plan: Plan | undefined;
  begun: boolean;
}

/** The way on, and what comes of the measures, or what is still needed, or why no plan comes of them. */
function OpenPlan({ measures, preview, plan, begun }: OpenPlanProps) {
  const { lengths } = useSettings();
  const id = useId();
  const { refused } = preview;
  const needed = begun ? [] : missing(measures);
  const words =
    needed.length > 0
      ? texts.stillNeeded(needed.map(({ word }) => word).join(', '))
      : preview.unreachable
        ? texts.cantReachRoundPocketTrying
        : plan
          ? texts.heelLineAfter(
              figureText(plan.stitchCount.stitches, lengths),
              figureText(plan.tube.rounds.foot, lengths),
            )
          : refused
            ? texts.noPlanYet(refused.message)
            : texts.workingItOut;
  const ready = plan !== undefined && needed.length === 0;
  return (
    <>
      <Button
        type="submit"
        bg={ready ? 'ink' : 'sheet'}
        color={ready ? 'sheet' : 'quiet'}
        borderWidth="1px"
        borderColor={ready ? 'ink' : 'quiet'}
        size="lg"
        // It can be pressed all the same: then it goes to what is missing.
        _disabled={{ opacity: 1, cursor: 'default' }}
        aria-disabled={!ready}
        aria-describedby={id}
        onClick={(event) => {
          if (!ready) {
            event.preventDefault();
            document.getElementById(`first-${needed[0]?.field}`)?.focus();
          }
        }}
      >
        {texts.openThePlan}
      </Button>
      <Box
        id={id}
        maxW={{ base: '12rem', md: '34rem' }}
        flex="1"
        fontSize={{ base: 'sm', md: 'md' }}
        color={refused ? 'amiss' : 'quiet'}
        role="status"
      >
        {words}
      </Box>
    </>
  );
}
