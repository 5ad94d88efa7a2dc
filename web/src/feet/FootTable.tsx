import { chakra } from '@chakra-ui/react';
import type { Foot, KeptFoot } from '../wire/types';
import { useTitles } from '../api/titles';
import { useSettings, type Lengths } from '../settings/settings';
import { dayText } from '../units/days';
import { lengthText } from '../units/units';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface Line {
  key: string;
  day: string;
  side: string;
  foot: Foot;
  earlier: boolean;
}

/** What feet measure, and what they measured before: a line a foot and day, the numbers under one another. */
export function FootTable({ kept }: { kept: KeptFoot }) {
  const { lengths } = useSettings();
  const titles = useTitles();
  const lines = [kept, ...kept.earlier].flatMap(({ measuredOn, foot, otherFoot }, i): Line[] => {
    const line = (side: string, of: Foot) => ({
      key: `${i} ${side}`,
      day: dayText(measuredOn),
      side,
      foot: of,
      earlier: i > 0,
    });
    return otherFoot ? [line('left', foot), line('right', otherFoot)] : [line('both', foot)];
  });
  const columns = measures(lengths, titles);
  // On a phone, what nobody measured takes no room.
  const empty = new Set(
    columns.flatMap(([title, , value]) => (lines.every(({ foot }) => !value(foot)) ? [title] : [])),
  );
  return (
    <chakra.div
      overflowX="auto"
      tabIndex={0}
      role="region"
      aria-label={texts.measuresOf(kept.name)}
    >
      <chakra.table
        className="figures"
        borderCollapse="collapse"
        fontSize={{ base: 'sm', md: 'md' }}
      >
        <thead>
          <chakra.tr fontSize="sm" color="quiet" textAlign="left">
            {[...DAY_AND_SIDE, ...columns].map(([title, width]) => (
              <chakra.th
                key={title}
                scope="col"
                fontWeight="400"
                pr={{ base: 2, md: 4 }}
                minW={{ md: width }}
                hideBelow={empty.has(title) ? 'md' : undefined}
              >
                {title}
              </chakra.th>
            ))}
          </chakra.tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <Row key={line.key} line={line} columns={columns} empty={empty} />
          ))}
        </tbody>
      </chakra.table>
    </chakra.div>
  );
}

interface RowProps {
  line: Line;
  columns: readonly Measured[];
  /** Titles of what nobody measured. */
  empty: ReadonlySet<string>;
}

/** A foot on a day. */
function Row({ line: { day, side, foot, earlier }, columns, empty }: RowProps) {
  return (
    <chakra.tr color={earlier ? 'quiet' : 'ink'}>
      <chakra.td pr={{ base: 2, md: 4 }} whiteSpace="nowrap">
        {side === 'right' ? '' : day}
      </chakra.td>
      <chakra.td pr={{ base: 2, md: 4 }}>{side}</chakra.td>
      {columns.map(([title, , value]) => (
        <chakra.td
          key={title}
          pr={{ base: 2, md: 4 }}
          whiteSpace={title === SHOE ? 'normal' : 'nowrap'}
          hideBelow={empty.has(title) ? 'md' : undefined}
        >
          {value(foot) ?? '–'}
        </chakra.td>
      ))}
    </chakra.tr>
  );
}

/** Columns as wide for everybody, so that the numbers of all feet stand under one another. */
const DAY_AND_SIDE = [
  [texts.measured, '7.5rem'],
  [shared.foot, '3.5rem'],
] as const;

/** Its words may wrap; a number does not. */
const SHOE = texts.shoe;

/** Title, width, and what stands there. */
type Measured = readonly [string, string, (foot: Foot) => string | undefined];

function measures(lengths: Lengths, titles: ReturnType<typeof useTitles>): readonly Measured[] {
  const length = (mm: number | undefined) =>
    mm === undefined ? undefined : lengthText(mm, lengths);
  return [
    [
      shared.length,
      '8.5rem',
      ({ lengthMm, shoe }) => length(lengthMm) ?? (shoe && texts.fromShoeSize),
    ],
    [texts.ball, '5rem', ({ ballGirthMm }) => length(ballGirthMm) ?? 'estimated'],
    [shared.heel, '5rem', ({ heelDiagonalMm }) => length(heelDiagonalMm)],
    [shared.leg, '5rem', ({ legGirthMm }) => length(legGirthMm)],
    [texts.toes, '5rem', ({ toeForm }) => toeForm && titles('ToeForm', toeForm)],
    [SHOE, '6rem', ({ shoe }) => shoe && `${shoe.size} ${titles('ShoeSystem', shoe.system)}`],
  ];
}
