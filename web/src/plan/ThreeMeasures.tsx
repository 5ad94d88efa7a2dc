import { Box, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import { LinkButton } from '../form/LinkButton';
import { NumberField } from '../form/NumberField';
import { ShoeSize } from '../form/ShoeSize';
import type { Lengths } from '../settings/settings';
import { shared } from '../texts/shared';
import { gaugeSpanMm, gaugeSpanText } from '../units/units';
import { MeasureDrawing, type What } from './MeasureDrawing';
import { texts } from './texts';
import type { First } from './useFirst';

export function ThreeMeasures({ first }: { first: First }) {
  const { lengths, measures, problemAt, set } = first;
  const [askedByShoe, setByShoe] = useState(false);
  const byShoe = askedByShoe || measures.shoe !== undefined;
  const begun = measures.stitches !== undefined || measures.rounds !== undefined;
  const spanText = gaugeSpanText(
    begun && measures.spanMm !== gaugeSpanMm(lengths) ? other(lengths) : lengths,
  );
  const how =
    measures.shoe && measures.lengthMm === undefined
      ? texts.withAShoeSizeYou
      : texts.theWidestPartBehindThe;
  return (
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
        <OneMeasure first={first} label={shared.footLength} measure="lengthMm" />
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
      <Measure what="girth" number="2" title={shared.aroundTheBall} how={how}>
        <OneMeasure first={first} label={shared.aroundTheBallOfThe} measure="ballGirthMm" />
      </Measure>
      <Measure
        what="swatch"
        number="3"
        title={texts.theSwatch}
        how={texts.washedCountedOver(spanText)}
      >
        <Flex gap={4}>
          <OneMeasure first={first} label={shared.stitches} measure="stitches" />
          <OneMeasure first={first} label={shared.rounds} measure="rounds" />
        </Flex>
      </Measure>
    </Grid>
  );
}

/** Where a measure stands in what is sent, and an example of it in centimetres and in inches. */
const MEASURES = {
  lengthMm: { path: 'foot.lengthMm', gauge: false, CM: '24.6', INCH: '9 5/8' },
  ballGirthMm: { path: 'foot.ballGirthMm', gauge: false, CM: '23.1', INCH: '9 1/8' },
  stitches: { path: 'swatch.stitches', gauge: true, CM: '31', INCH: '32' },
  rounds: { path: 'swatch.rounds', gauge: true, CM: '43', INCH: '44' },
} as const;

interface OneMeasureProps {
  first: First;
  label: string;
  measure: keyof typeof MEASURES;
}

function OneMeasure({ first, label, measure }: OneMeasureProps) {
  const { lengths, measures, taken, problemAt, set, setTaken } = first;
  const { path, gauge, [lengths]: example } = MEASURES[measure];
  const empty = measures.stitches === undefined && measures.rounds === undefined;
  return (
    <NumberField
      key={`${measure}.${lengths}`}
      mayBeEmpty
      id={`first-${measure}`}
      label={label}
      kind={gauge ? 'number' : 'length'}
      value={measures[measure]}
      problem={problemAt(path)}
      placeholder={example}
      onChange={(value) => {
        set({ [measure]: value, ...(gauge && empty && { spanMm: gaugeSpanMm(lengths) }) });
        if (gauge) {
          // Counted anew, so no longer what was taken; the yarn stays.
          setTaken({ ...taken, swatch: undefined, swatchSpec: undefined });
        }
      }}
    />
  );
}

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
    <Grid
      p={4}
      borderLeftWidth={{ md: number === '1' ? 0 : '1px' }}
      borderTopWidth={{ base: number === '1' ? 0 : '1px', md: 0 }}
      borderColor="line"
      columnGap={3}
      templateColumns={{ base: 'minmax(0, 1fr) 30%', md: 'minmax(0, 1fr)' }}
      templateRows={{ md: 'auto auto 1fr' }}
    >
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
      <Box gridColumn={{ base: '1 / -1', md: 'auto' }}>{children}</Box>
    </Grid>
  );
}
