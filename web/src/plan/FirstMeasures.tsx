import { Box, Button, Flex, Field, Grid, Input } from '@chakra-ui/react';
import { useState } from 'react';
import { useKnownYarns } from '../api/logQueries';
import { useFeet, usePreviewWhen, useSwatches, useYarns, type Preview } from '../api/queries';
import type { Plan, Spec } from '../wire/types';
import type { Draft } from '../draft/draft';
import { NumberField } from '../form/NumberField';
import { ShoeSize } from '../form/ShoeSize';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText, gaugeSpanMm, gaugeSpanText } from '../units/units';
import { Tape } from '../tape/Tape';
import { overSpan, specOf, withoutFoot, type Measures, type Taken } from './measures';
import { FromShelf } from './FromShelf';
import { MeasureDrawing, type What } from './MeasureDrawing';
import { LinkButton } from '../form/LinkButton';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface FirstMeasuresProps {
  heading: string;
  onMeasured: (draft: Draft) => void;
}

/** Three measurements, from which the first plan is made; all the rest can be changed in the plan. */
export function FirstMeasures({ heading, onMeasured }: FirstMeasuresProps) {
  const { lengths } = useSettings();
  const feet = useFeet();
  const swatches = useSwatches();
  const yarns = useYarns();
  const known = useKnownYarns();
  const [whose, setWhose] = useState('');
  const [measures, setMeasures] = useState<Measures>({ spanMm: gaugeSpanMm(lengths) });
  const [taken, setTaken] = useState<Taken>({});
  const [askedByShoe, setByShoe] = useState(false);
  const byShoe = askedByShoe || measures.shoe !== undefined;
  const set = (change: Partial<Measures>) => setMeasures({ ...measures, ...change });
  const counted = ({ stitches, rounds }: Spec['swatch']) => {
    const span = gaugeSpanMm(lengths);
    set({ spanMm: span, stitches: overSpan(stitches, span), rounds: overSpan(rounds, span) });
  };
  const spec = specOf(measures, taken);
  const preview = usePreviewWhen(spec, 'measures');
  const problemAt = (field: string) =>
    preview.refused?.errors.find((problem) => problem.field.startsWith(field))?.message;
  const plan = preview.behind || !spec ? undefined : preview.plan;
  const begun = measures.stitches !== undefined || measures.rounds !== undefined;
  const spanText = gaugeSpanText(
    begun && measures.spanMm !== gaugeSpanMm(lengths) ? other(lengths) : lengths,
  );
  const placeholder =
    lengths === 'INCH' ? ['9 5/8', '9 1/8', '32', '44'] : ['24.6', '23.1', '31', '43'];
  const field = (label: string, measure: Measured, path: string, example: number) => (
    <NumberField
      key={`${measure}.${lengths}`}
      mayBeEmpty
      label={label}
      kind={measure.endsWith('Mm') ? 'length' : 'number'}
      lengths={lengths}
      value={measures[measure]}
      problem={problemAt(path)}
      placeholder={placeholder[example] ?? ''}
      onChange={(value) => {
        const gauge = example > 1;
        const empty = measures.stitches === undefined && measures.rounds === undefined;
        set({
          [measure]: value,
          ...(gauge && empty ? { spanMm: gaugeSpanMm(lengths) } : {}),
        });
        if (gauge) {
          // Counted anew, so no longer what was taken; the yarn stays.
          setTaken({ ...taken, swatch: undefined, swatchSpec: undefined });
        }
      }}
    />
  );
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
          if (spec) {
            onMeasured({
              name: '',
              spec,
              foot: taken.foot,
              swatch: taken.swatch,
              yarn: taken.yarn,
              footName: taken.foot ? undefined : whose.trim() || undefined,
            });
          }
        }}
      >
        <Grid
          templateColumns={{ base: '1fr', md: 'repeat(3, minmax(0, 1fr))' }}
          gap={0}
          borderWidth="1px"
          borderColor="line"
          bg="sheet"
        >
          <Measure
            what="length"
            number="1"
            title={shared.footLength}
            how={texts.standingLongestToeToHeel}
          >
            {field(shared.footLength, 'lengthMm', 'foot.lengthMm', 0)}
            {byShoe ? (
              <ShoeSize
                shoe={measures.shoe}
                problem={problemAt('foot.shoe')}
                onChange={(shoe) => set({ shoe })}
              />
            ) : (
              <LinkButton onClick={() => setByShoe(true)}>{texts.iOnlyKnowAShoe}</LinkButton>
            )}
          </Measure>
          <Measure
            what="girth"
            number="2"
            title={shared.aroundTheBall}
            how={
              measures.shoe && measures.lengthMm === undefined
                ? texts.withAShoeSizeYou
                : texts.theWidestPartBehindThe
            }
          >
            {field(shared.aroundTheBallOfThe, 'ballGirthMm', 'foot.ballGirthMm', 1)}
          </Measure>
          <Measure
            what="swatch"
            number="3"
            title={texts.theSwatch}
            how={texts.washedCountedOver(spanText)}
          >
            <Flex gap={4}>
              {field(shared.stitches, 'stitches', 'swatch.stitches', 2)}
              {field(shared.rounds, 'rounds', 'swatch.rounds', 3)}
            </Flex>
          </Measure>
        </Grid>
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
        <Flex mt={5} gap={4} align="flex-end" wrap="wrap">
          <Field.Root w="16rem">
            <Field.Label fontWeight="600">{texts.whoseFeetOptional}</Field.Label>
            <Input
              value={whose}
              maxLength={80}
              onChange={(event) => {
                setWhose(event.target.value);
                setTaken(withoutFoot(taken));
              }}
              size="lg"
              bg="sheet"
              borderColor="quiet"
              autoComplete="off"
            />
          </Field.Root>
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

type Measured = 'lengthMm' | 'ballGirthMm' | 'stitches' | 'rounds';

const other = (lengths: Lengths): Lengths => (lengths === 'INCH' ? 'CM' : 'INCH');

interface MeasureProps {
  what: What;
  number: string;
  title: string;
  how: string;
  children: React.ReactNode;
}

function Measure({ what, number, title, how, children }: MeasureProps) {
  return (
    <Box p={4} borderLeftWidth={{ md: number === '1' ? 0 : '1px' }} borderColor="line">
      <Flex gap={3} align="baseline">
        <Box fontFamily="heading" fontSize="2xl" fontWeight="700" aria-hidden>
          {number}
        </Box>
        <Box>
          <Box as="h2" fontSize="lg">
            {title}
          </Box>
          <Box color="quiet" fontSize="sm" mb={3}>
            {how}
          </Box>
        </Box>
      </Flex>
      <Box mb={3}>
        <MeasureDrawing what={what} />
      </Box>
      {children}
    </Box>
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
