import { Box, Grid } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { usePreview } from '../api/queries';
import type { Plan, Spec } from '../wire/types';
import { NumberField } from '../form/NumberField';
import { Select } from '../form/Select';
import { useSettings, type Lengths } from '../settings/settings';
import { figureText, gaugeSpanMm, gaugeSpanText, plusMinusText } from '../units/units';

/** What the calculators reckon with where they ask for nothing else: a foot and a gauge in the middle of the range. */
const MIDDLE: Spec = {
  foot: { lengthMm: 240, ballGirthMm: 225 },
  swatch: { stitches: [{ count: 30, spanMm: 100 }], rounds: [{ count: 42, spanMm: 100 }] },
};

/** The small calculators: one question, one answer, reckoned by the same code as a plan. */
export function Calculators() {
  return (
    <Box>
      <Box as="h2" fontSize="lg" mb={2}>
        Small calculators
      </Box>
      <Grid gap={4} templateColumns="repeat(auto-fit, minmax(min(100%, 13.5rem), 1fr))">
        <GaugeCalculator />
        <StitchCalculator />
        <YarnCalculator />
        <ShoeCalculator />
        <GraftCalculator />
      </Grid>
    </Box>
  );
}

function Sheet({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      bg="sheet"
      borderWidth="1px"
      borderColor="line"
      p={4}
      display="grid"
      gap={2}
      alignContent="start"
    >
      <Box as="h3" fontSize="md">
        {title}
      </Box>
      {children}
    </Box>
  );
}

/** The answer of a calculator, or why there is none. */
function Result({
  spec,
  name,
  words,
}: {
  spec: Spec;
  name: string;
  words: (plan: Plan) => string;
}) {
  const preview = usePreview(spec, `calculator-${name}`);
  return (
    <Box role="status" mt={3} minH="3.2em" lineHeight="1.35">
      {preview.refused ? (
        <Box color="amiss" fontSize="sm">
          {preview.refused.message}
        </Box>
      ) : (
        <strong>{preview.plan && words(preview.plan)}</strong>
      )}
    </Box>
  );
}

function gaugeOf(stitches: number, lengths: Lengths): Spec['swatch'] {
  return { ...MIDDLE.swatch, stitches: [{ count: stitches, spanMm: gaugeSpanMm(lengths) }] };
}

function GaugeCalculator() {
  const { lengths } = useSettings();
  const [count, setCount] = useState(31);
  const [span, setSpan] = useState<number | undefined>();
  const spanMm = span ?? gaugeSpanMm(lengths);
  const spec: Spec = { ...MIDDLE, swatch: { ...MIDDLE.swatch, stitches: [{ count, spanMm }] } };
  return (
    <Sheet title="Gauge of a swatch">
      <NumberField
        label="Counted"
        kind="number"
        unit="stitches"
        lengths={lengths}
        value={count}
        onChange={(next) => next !== undefined && setCount(next)}
      />
      <NumberField
        key={lengths}
        label="over"
        kind="length"
        lengths={lengths}
        value={spanMm}
        onChange={(mm) => mm !== undefined && setSpan(mm)}
      />
      <Result
        spec={spec}
        name="gauge"
        words={({ gauge }) =>
          `${figureText(gauge.stitches, lengths)}, ${plusMinusText(gauge.stitches.plusMinus, gauge.stitches.unit, lengths)}`
        }
      />
    </Sheet>
  );
}

function StitchCalculator() {
  const { lengths } = useSettings();
  const [ball, setBall] = useState(225);
  const [stitches, setStitches] = useState(30);
  const [ease, setEase] = useState(0.1);
  const spec: Spec = {
    ...MIDDLE,
    foot: { lengthMm: Math.min(360, Math.max(110, ball)), ballGirthMm: ball },
    swatch: gaugeOf(stitches, lengths),
    choices: { size: { ease } },
  };
  return (
    <Sheet title="Stitches for a foot">
      <NumberField
        key={lengths}
        label="Around the ball"
        kind="length"
        lengths={lengths}
        value={ball}
        onChange={(mm) => mm !== undefined && setBall(mm)}
      />
      <NumberField
        label={`Gauge, in ${gaugeSpanText(lengths)}`}
        kind="number"
        unit="stitches"
        lengths={lengths}
        value={stitches}
        onChange={(count) => count !== undefined && setStitches(count)}
      />
      <NumberField
        label="Negative ease"
        kind="percent"
        unit="%"
        lengths={lengths}
        value={ease}
        onChange={(share) => share !== undefined && setEase(share)}
      />
      <Result
        spec={spec}
        name="stitches"
        words={({ stitchCount }) =>
          `${figureText(stitchCount.stitches, lengths)}, actually ${figureText(stitchCount.realEase, lengths)} smaller`
        }
      />
    </Sheet>
  );
}

function YarnCalculator() {
  const { lengths } = useSettings();
  const [metres, setMetres] = useState(420);
  const [stitches, setStitches] = useState(64);
  const [leg, setLeg] = useState(125);
  const spec: Spec = {
    ...MIDDLE,
    yarn: { lengthM: metres, massG: 100 },
    choices: { size: { stitches }, tube: { legMm: leg } },
  };
  return (
    <Sheet title="Yarn for a pair">
      <NumberField
        label="100 g have"
        kind="number"
        unit="m"
        lengths={lengths}
        value={metres}
        onChange={(length) => length !== undefined && setMetres(length)}
      />
      <NumberField
        label="Stitches in the tube"
        kind="whole"
        unit="stitches"
        lengths={lengths}
        value={stitches}
        onChange={(count) => count !== undefined && setStitches(count)}
      />
      <NumberField
        key={lengths}
        label="Leg above the heel line"
        kind="length"
        lengths={lengths}
        value={leg}
        onChange={(mm) => mm !== undefined && setLeg(mm)}
      />
      <Result
        spec={spec}
        name="yarn"
        words={({ yarn }) =>
          `about ${figureText(yarn.pairGrams, lengths)}, ${figureText(yarn.pairMetres, lengths)}`
        }
      />
    </Sheet>
  );
}

type System = NonNullable<NonNullable<Spec['foot']>['shoe']>['system'];

function ShoeCalculator() {
  const { lengths } = useSettings();
  const [system, setSystem] = useState<System>('EU');
  const [size, setSize] = useState(39);
  const spec: Spec = { ...MIDDLE, foot: { ballGirthMm: 225, shoe: { system, size } } };
  return (
    <Sheet title="Foot from a shoe size">
      <Select
        label="Sizing"
        value={system}
        schools="ShoeSystem"
        none=""
        onChange={(next) => next && setSystem(next as System)}
      />
      <NumberField
        label="Size"
        kind="number"
        unit=""
        lengths={lengths}
        value={size}
        onChange={(next) => next !== undefined && setSize(next)}
      />
      <Result
        spec={spec}
        name="shoe"
        words={({ foot }) => `about ${figureText(foot.length, lengths)}, good to half a centimetre`}
      />
    </Sheet>
  );
}

function GraftCalculator() {
  const { lengths } = useSettings();
  const [stitches, setStitches] = useState(64);
  const spec: Spec = { ...MIDDLE, choices: { size: { stitches } } };
  return (
    <Sheet title="Graft for a wedge heel">
      <NumberField
        label="Stitches in the tube"
        kind="whole"
        unit="stitches"
        lengths={lengths}
        value={stitches}
        onChange={(count) => count !== undefined && setStitches(count)}
      />
      <Result
        spec={spec}
        name="graft"
        words={({ heelGraft, yarn }) =>
          heelGraft
            ? `${heelGraft.loops.value} and ${heelGraft.loops.value} sts, ${heelGraft.moves.value} moves, a tail of ${figureText(yarn.heelTail, lengths)}`
            : ''
        }
      />
    </Sheet>
  );
}
