import { Box, chakra, Link } from '@chakra-ui/react';
import { Link as RouteLink } from 'react-router';
import { useYarnUses } from '../api/queries';
import type { YarnUse } from '../wire/types';
import { useSettings } from '../settings/settings';
import { roughMass } from '../units/units';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** What the pairs take of a yarn and what is left then; and for which others it would do. */
export function YarnUses({ id, name }: { id: string; name: string }) {
  const uses = useYarnUses(id);
  if (!uses.data) {
    return null;
  }
  const planned = uses.data.filter((use) => use.planned);
  const others = uses.data.filter((use) => !use.planned);
  const weighed = uses.data.some(({ leftG }) => leftG !== undefined);
  return (
    <Box fontSize="sm" mt={1}>
      {planned.length === 0 ? (
        <Box color="quiet">{texts.noPairPlannedFromIt}</Box>
      ) : (
        <UseTable
          uses={planned}
          weighed={weighed}
          caption={texts.plannedFrom(name)}
          last={texts.leftAfterItAndThose}
        />
      )}
      {others.length > 0 && (
        <details>
          <chakra.summary color="quiet" cursor="pointer" minH={{ base: '44px', md: '32px' }}>
            {texts.isItEnoughForAnother}
          </chakra.summary>
          <UseTable
            uses={others}
            weighed={weighed}
            caption={texts.notPlannedFrom(name)}
            last={texts.leftIfKnittedFirst}
          />
          {!weighed && <Box color="quiet">{texts.weighTheYarnToFind}</Box>}
        </details>
      )}
    </Box>
  );
}

/** Narrow on a phone, so that the last word, whether it is enough, is in sight. */
const GAP = { base: 2, md: 5 };

interface UseTableProps {
  uses: readonly YarnUse[];
  weighed: boolean;
  caption: string;
  last: string;
}

function UseTable({ uses, weighed, caption, last }: UseTableProps) {
  const { lengths } = useSettings();
  const titles = [shared.pair, texts.needs, ...(weighed ? [last, texts.enough] : [])];
  return (
    <chakra.div overflowX="auto" tabIndex={0} role="region" aria-label={caption}>
      <chakra.table className="figures" borderCollapse="collapse">
        <thead>
          <tr>
            {titles.map((title) => (
              <chakra.th
                key={title}
                scope="col"
                fontWeight="400"
                color="quiet"
                verticalAlign="bottom"
                pr={GAP}
                textAlign={title === texts.needs || title === last ? 'right' : 'left'}
              >
                {title}
              </chakra.th>
            ))}
          </tr>
        </thead>
        <tbody>
          {uses.map(({ pairId, name, neededG, plusMinusG, leftG, words }) => (
            <chakra.tr key={pairId} verticalAlign="top" lineHeight="24px">
              <chakra.td pr={GAP} maxW={{ base: '9rem', md: '24rem' }} overflowWrap="anywhere">
                <Link asChild color="chosen" textDecoration="underline">
                  <RouteLink to={`/pairs/${pairId}`}>{name}</RouteLink>
                </Link>
              </chakra.td>
              <chakra.td pr={GAP} textAlign="right" whiteSpace="nowrap">
                {`${roughMass(neededG, lengths)} ± ${roughMass(plusMinusG, lengths)}`}
              </chakra.td>
              {leftG !== undefined && (
                <>
                  <chakra.td pr={GAP} textAlign="right" whiteSpace="nowrap">
                    {leftG < 0
                      ? texts.short2(roughMass(-leftG, lengths))
                      : roughMass(leftG, lengths)}
                  </chakra.td>
                  <chakra.td>{words}</chakra.td>
                </>
              )}
            </chakra.tr>
          ))}
        </tbody>
      </chakra.table>
    </chakra.div>
  );
}
