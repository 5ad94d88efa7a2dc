import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { useAlmanac, useFeet, usePairs } from '../api/queries';
import type { Foot, KeptFoot } from '../api/types';
import { CsvFile } from '../layout/CsvFile';
import { ShelfItem } from '../layout/ShelfItem';
import { Notice, Waiting } from '../layout/States';
import { NumberField } from '../recipe/NumberField';
import { ToeAndShoe } from '../recipe/ToeAndShoe';
import { useSettings } from '../settings/settings';
import { lengthText } from '../units/units';

/** A foot while it is typed: the ball may still be missing. */
type Typed = Partial<Foot>;

/** Everybody's feet, how to measure them, and what is being knitted for them. */
export function FeetPage() {
  const feet = useFeet();
  const [adding, setAdding] = useState(false);
  if (feet.error && !feet.data) {
    return <Notice title="The feet cannot be shown" error={feet.error} />;
  }
  if (!feet.data) {
    return <Waiting what="the feet" />;
  }
  return (
    <Box maxW="78rem">
      <title>Feet · Round Pocket</title>
      <Flex align="baseline" gap={4} mb={2}>
        <Box as="h1" fontSize="2xl" flex="1">
          Feet
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => setAdding(true)}>
          Measure a foot
        </Button>
      </Flex>
      <HowToMeasure />
      <CsvFile shelf="feet" />
      <Box as="ul" listStyleType="none" borderTopWidth="1px" borderColor="line" mt={4}>
        {adding && <FootItem kept={undefined} onDone={() => setAdding(false)} />}
        {feet.data.map((kept) => (
          <FootItem key={kept.id} kept={kept} />
        ))}
      </Box>
      {feet.data.length === 0 && !adding && (
        <Box mt={4}>No feet are here yet. Measure one, or name one with your first pair.</Box>
      )}
    </Box>
  );
}

function HowToMeasure() {
  return (
    <Box as="details" maxW="46rem">
      <Box as="summary" cursor="pointer" fontWeight="600" minH="32px">
        How to measure
      </Box>
      <Box as="ol" pl={5} lineHeight="1.5" listStyleType="decimal">
        <li>Barefoot and standing, the weight on the foot, on a sheet of paper.</li>
        <li>Draw round it with the pencil upright. The outline is measured once and kept.</li>
        <li>Length: from the longest toe to the heel, along the outline.</li>
        <li>
          Round the ball: the tape round the widest part, behind the toes, snug and not tight.
        </li>
        <li>Heel: the tape under the heel and over the front of the ankle.</li>
        <li>Leg: round it where the cuff’s top edge will sit.</li>
        <li>Both feet, where they differ: keep each under its own name.</li>
      </Box>
      <Box mt={2} fontSize="sm" color="quiet">
        With diabetes, numbness, poor circulation, swelling or wounds, ask the treating professional
        before anything is worn. This application gives no medical advice.
      </Box>
    </Box>
  );
}

function FootItem({ kept, onDone }: { kept: KeptFoot | undefined; onDone?: () => void }) {
  return (
    <ShelfItem<KeptFoot, Typed>
      shelf="feet"
      kept={kept}
      nameLabel="Whose foot"
      value={kept?.foot ?? {}}
      write={(foot) => ({ foot: { ballGirthMm: 0, ...foot } })}
      fields={(foot, change, problemAt) => (
        <FootFields foot={foot} change={change} problemAt={problemAt} />
      )}
      {...(onDone ? { onDone } : {})}
    >
      {kept && <FootSummary kept={kept} />}
    </ShelfItem>
  );
}

interface FootFieldsProps {
  foot: Typed;
  change: (part: Typed) => void;
  problemAt: (field: string) => string | undefined;
}

const LENGTHS: readonly (readonly [
  'lengthMm' | 'ballGirthMm' | 'heelDiagonalMm' | 'legGirthMm',
  string,
])[] = [
  ['lengthMm', 'Longest toe to heel'],
  ['ballGirthMm', 'Round the ball'],
  ['heelDiagonalMm', 'Under the heel, over the ankle'],
  ['legGirthMm', 'Round the leg at the cuff'],
];

function FootFields({ foot, change, problemAt }: FootFieldsProps) {
  const { lengths } = useSettings();
  return (
    <Flex gap={4} wrap="wrap">
      {LENGTHS.map(([field, label]) => (
        <Box key={field} w="12rem">
          <NumberField
            key={lengths}
            label={label}
            kind="length"
            lengths={lengths}
            mayBeEmpty
            value={foot[field]}
            problem={problemAt(`foot.${field}`)}
            onChange={(mm) => change({ [field]: mm })}
          />
        </Box>
      ))}
      <Box w="14rem" mt={-2}>
        <ToeAndShoe foot={foot} change={change} problemAt={problemAt} />
      </Box>
    </Flex>
  );
}

function FootSummary({ kept }: { kept: KeptFoot }) {
  const { lengths } = useSettings();
  const almanac = useAlmanac();
  const pairs = usePairs();
  const { foot } = kept;
  const title = (id: string) => almanac.data?.find((entry) => entry.id === id)?.title;
  const facts = [
    foot.lengthMm === undefined
      ? foot.shoe &&
        `shoe ${foot.shoe.size}, ${title(`school.ShoeSystem.${foot.shoe.system}`)}: the length is only estimated`
      : `${lengthText(foot.lengthMm, lengths)} long`,
    `${lengthText(foot.ballGirthMm, lengths)} round the ball`,
    foot.heelDiagonalMm !== undefined &&
      `${lengthText(foot.heelDiagonalMm, lengths)} over the heel`,
    foot.legGirthMm !== undefined && `${lengthText(foot.legGirthMm, lengths)} round the leg`,
    foot.toeForm && `${title(`school.ToeForm.${foot.toeForm}`)} toes`,
  ].filter(Boolean);
  const mine = (pairs.data ?? []).filter((pair) => pair.foot?.id === kept.id);
  return (
    <Box>
      <Box className="figures">{facts.join(' · ')}</Box>
      <Box fontSize="sm" color="quiet">
        {mine.length === 0 ? (
          'No pair is planned for it yet.'
        ) : (
          <>
            Planned for it:{' '}
            {mine.map((pair, i) => (
              <span key={pair.id}>
                {i > 0 && ', '}
                <Link asChild color="chosen" textDecoration="underline">
                  <RouteLink to={`/pairs/${pair.id}`}>{pair.name}</RouteLink>
                </Link>
              </span>
            ))}
          </>
        )}
      </Box>
    </Box>
  );
}
