import { Box, Button, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { usePairs, useSwatches, useYarns } from '../api/queries';
import type { KeptYarn, Yarn } from '../api/types';
import { CsvFile } from '../layout/CsvFile';
import { ShelfItem } from '../layout/ShelfItem';
import { Notice, Waiting } from '../layout/States';
import { NumberField } from '../recipe/NumberField';
import { useSettings } from '../settings/settings';
import { decimal } from '../units/units';
import { SwatchItem } from './SwatchItem';

/** A yarn while it is typed. */
type Typed = Partial<Yarn> & { colour?: string };

/** Yarns with what is left of them, and the swatches that were knitted and counted. */
export function YarnPage() {
  const yarns = useYarns();
  const swatches = useSwatches();
  const [adding, setAdding] = useState<'yarn' | 'swatch' | undefined>();
  const error = yarns.error ?? swatches.error;
  if (error && !yarns.data) {
    return <Notice title="The yarn cannot be shown" error={error} />;
  }
  if (!yarns.data || !swatches.data) {
    return <Waiting what="the yarn" />;
  }
  const list = { listStyleType: 'none', borderTopWidth: '1px', borderColor: 'line' };
  return (
    <Box maxW="78rem">
      <title>Yarn · Round Pocket</title>
      <Flex align="baseline" gap={4} mb={2}>
        <Box as="h1" fontSize="2xl" flex="1">
          Yarn
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => setAdding('yarn')}>
          Add a yarn
        </Button>
      </Flex>
      <CsvFile shelf="yarns" />
      <Box as="ul" {...list}>
        {adding === 'yarn' && <YarnItem kept={undefined} onDone={() => setAdding(undefined)} />}
        {yarns.data.map((kept) => (
          <YarnItem key={kept.id} kept={kept} />
        ))}
      </Box>
      {yarns.data.length === 0 && adding !== 'yarn' && (
        <Box mt={3}>
          No yarn is here yet. A plan goes on with 420 m in 100 g until one is named.
        </Box>
      )}
      <Flex align="baseline" gap={4} mt={10} mb={2}>
        <Box as="h2" fontSize="2xl" flex="1">
          Swatches
        </Box>
        <Button
          variant="outline"
          borderColor="ink"
          color="ink"
          minH="44px"
          onClick={() => setAdding('swatch')}
        >
          Count a swatch
        </Button>
      </Flex>
      <Box as="ul" {...list}>
        {adding === 'swatch' && <SwatchItem kept={undefined} onDone={() => setAdding(undefined)} />}
        {swatches.data.map((kept) => (
          <SwatchItem key={kept.id} kept={kept} />
        ))}
      </Box>
    </Box>
  );
}

function YarnItem({ kept, onDone }: { kept: KeptYarn | undefined; onDone?: () => void }) {
  const { lengths } = useSettings();
  return (
    <ShelfItem<KeptYarn, Typed>
      shelf="yarns"
      kept={kept}
      nameLabel="Name of the yarn"
      value={kept ? { ...kept.yarn, colour: kept.colour } : {}}
      write={({ colour, ...yarn }) => ({ colour, yarn: { lengthM: 0, massG: 0, ...yarn } })}
      fields={(yarn, change, problemAt) => (
        <Flex gap={4} wrap="wrap" align="flex-start">
          {NUMBERS.map(([field, label, unit, kind]) => (
            <Box key={field} w="11rem">
              <NumberField
                label={label}
                kind={kind}
                unit={unit}
                lengths={lengths}
                mayBeEmpty
                value={yarn[field]}
                problem={problemAt(`yarn.${field}`)}
                onChange={(value) => change({ [field]: value })}
              />
            </Box>
          ))}
          <Box as="label" fontWeight="600">
            Colour
            <input
              type="color"
              value={yarn.colour ?? '#d9cdb8'}
              style={{ display: 'block', width: '5rem', height: '44px', cursor: 'pointer' }}
              onChange={(event) => change({ colour: event.target.value })}
            />
          </Box>
        </Flex>
      )}
      {...(onDone ? { onDone } : {})}
    >
      {kept && <YarnSummary kept={kept} />}
    </ShelfItem>
  );
}

const NUMBERS: readonly (readonly [keyof Yarn, string, string, 'number' | 'percent'])[] = [
  ['lengthM', 'Label says', 'm', 'number'],
  ['massG', 'in', 'g', 'number'],
  ['onHandG', 'At hand', 'g', 'number'],
  ['nylonShare', 'Nylon or the like', '%', 'percent'],
];

function YarnSummary({ kept }: { kept: KeptYarn }) {
  const pairs = usePairs();
  const { yarn } = kept;
  const facts = [
    `${decimal(yarn.lengthM, 0)} m in ${decimal(yarn.massG, 0)} g`,
    yarn.onHandG !== undefined ? `${decimal(yarn.onHandG, 0)} g at hand` : 'not weighed',
    yarn.nylonShare !== undefined && `${decimal(yarn.nylonShare * 100, 0)} % nylon or the like`,
  ].filter(Boolean);
  const mine = (pairs.data ?? []).filter((pair) => pair.yarn?.id === kept.id);
  return (
    <Flex gap={3} align="flex-start">
      <Box
        aria-hidden
        w="28px"
        h="28px"
        mt={1}
        borderWidth="1px"
        borderColor="ink"
        flexShrink={0}
        style={{ background: kept.colour }}
      />
      <Box>
        <Box className="figures">{facts.join(' · ')}</Box>
        <Box fontSize="sm" color="quiet">
          {mine.length === 0
            ? 'No pair is planned from it yet.'
            : mine.map((pair, i) => (
                <span key={pair.id}>
                  {i > 0 && ', '}
                  <Link asChild color="chosen" textDecoration="underline">
                    <RouteLink to={`/pairs/${pair.id}`}>{pair.name}</RouteLink>
                  </Link>
                  {pair.gist && ` takes about ${pair.gist.pairGrams.toFixed(0)} g`}
                </span>
              ))}
        </Box>
      </Box>
    </Flex>
  );
}
