import { Box, Grid } from '@chakra-ui/react';
import type { KeptYarn, Stripe } from '../wire/types';
import { ShelfItem } from '../form/ShelfItem';
import { useSettings, type Lengths } from '../settings/settings';
import { CakeDrawing } from '../tape/CakeDrawing';
import { amountText } from '../units/said';
import { decimal, figureText, labelText, roughMass, valueText } from '../units/units';
import { FORMS, YarnFields, type TypedYarn } from './YarnFields';
import { useKnownYarns, useTallies } from '../api/logQueries';
import { YarnUses } from './YarnUses';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** A yarn: what the label says, what lies there, and what becomes of it. */
export function YarnItem({ kept, onDone }: { kept: KeptYarn | undefined; onDone?: () => void }) {
  return (
    <ShelfItem<KeptYarn, TypedYarn>
      shelf="yarns"
      kept={kept}
      nameLabel={texts.nameOfTheYarn}
      value={kept ? { ...kept.yarn, ...kept.cake, colour: kept.colour } : {}}
      write={({ colour, form, fibre, stripes, startM, knots, notes, ...yarn }) => ({
        colour: stripes?.[0]?.colour ?? colour,
        yarn: { lengthM: 0, massG: 0, ...yarn },
        cake: { form, fibre, stripes, startM, knots, notes },
      })}
      fields={(yarn, change, problemAt) => (
        <YarnFields yarn={yarn} change={change} problemAt={problemAt} />
      )}
      {...(onDone ? { onDone } : {})}
    >
      {kept && <YarnSummary kept={kept} />}
    </ShelfItem>
  );
}

function YarnSummary({ kept }: { kept: KeptYarn }) {
  const { lengths } = useSettings();
  const { yarn, cake } = kept;
  const facts = [
    FORMS.find(([form]) => form === cake?.form)?.[1],
    labelText(yarn, lengths),
    yarn.onHandG !== undefined ? texts.left2(roughMass(yarn.onHandG, lengths)) : shared.notWeighed,
    cake?.fibre,
    !cake?.fibre &&
      yarn.nylonShare !== undefined &&
      texts.nylonOrSimilar(decimal(yarn.nylonShare * 100, 0)),
    cake?.stripes && stripeWords(cake.stripes, lengths),
    cake?.knots &&
      knotWords(
        cake.knots.map(({ atM }) => atM),
        lengths,
      ),
  ].filter(Boolean);
  return (
    <Grid templateColumns="auto minmax(0, 1fr)" columnGap={3} alignItems="start">
      <Box gridRow={{ md: 'span 2' }}>
        <CakeDrawing
          massG={yarn.massG}
          leftG={yarn.onHandG}
          bands={cake?.stripes ?? [{ colour: kept.colour }]}
        />
      </Box>
      <Box>
        <Box className="figures">{facts.join(' · ')}</Box>
        {cake?.notes && (
          <Box maxW="46rem" whiteSpace="pre-line" overflowWrap="anywhere">
            {cake.notes}
          </Box>
        )}
        <Known id={kept.id} />
      </Box>
      {/* Under the cake where the window is too narrow for both. */}
      <Box gridColumn={{ base: '1 / -1', md: '2' }}>
        <YarnUses id={kept.id} name={kept.name} />
      </Box>
    </Grid>
  );
}

/** What the pairs knitted in a yarn say of it. */
function Known({ id }: { id: string }) {
  const { lengths } = useSettings();
  const known = useKnownYarns().data?.find(({ yarnId }) => yarnId === id);
  const tally = useTallies().data?.yarns.find(({ yarnId }) => yarnId === id)?.tally;
  const gauge = [known?.stitches, known?.rounds].flatMap((each) =>
    each ? [figureText(each, lengths)] : [],
  );
  const facts = [
    gauge.length > 0 &&
      `${gauge.join(', ')}${known && known.measured > 0 ? shared.measuredOnTheTube : ''}`,
    tally && tally.weighed > 0 && texts.aPairByTheScale(roughMass(tally.grams, lengths)),
  ].filter(Boolean);
  return facts.length === 0 ? null : (
    <Box fontSize="sm" className="figures">
      {texts.asKnitted(facts.join(' · '))}
    </Box>
  );
}

function stripeWords(stripes: readonly Stripe[], lengths: Lengths): string {
  if (stripes.some(({ name }) => !name)) {
    return stripes.length === 1 ? texts.oneBandOfColour : texts.bandsOfColour(stripes.length);
  }
  const each = stripes.map(({ name, lengthM, rounds, stitches }) => {
    const long = [
      lengthM !== undefined && valueText(lengthM, 'METRES', lengths),
      rounds !== undefined &&
        stitches !== undefined &&
        texts.on(valueText(rounds, 'ROUNDS', lengths), valueText(stitches, 'STITCHES', lengths)),
    ]
      .filter(Boolean)
      .join(' or ');
    return [name, long].filter(Boolean).join(' ');
  });
  return texts.stripes(each.join(', '));
}

function knotWords(knots: readonly number[], lengths: Lengths): string {
  const places = knots.map((value) => amountText({ value, unit: 'METRES' }, lengths)).join(', ');
  return texts.fromTheOuterEnd(knots.length, places);
}
