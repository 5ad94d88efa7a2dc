import { Box } from '@chakra-ui/react';
import { useSettings } from '../settings/settings';
import { lengthText } from '../units/units';
import type { Along, CutPlan, Cutting } from '../wire/types';
import { cutNumber } from './pieces';

interface StretchTableProps {
  plan: CutPlan;
  names: readonly string[];
  cutting: Cutting;
  /** Whether it stands open and cannot be folded, as on paper. */
  open?: boolean;
}

/** The tube in words, for the table and for who does not see the drawing. */
export function StretchTable({ plan, names, cutting, open }: StretchTableProps) {
  const table = <Rows plan={plan} names={names} cutting={cutting} />;
  return open ? (
    table
  ) : (
    <details>
      <Box as="summary" cursor="pointer" minH="32px" color="chosen">
        Every stretch by round and tape
      </Box>
      {table}
    </details>
  );
}

function Rows({ plan, names, cutting }: Omit<StretchTableProps, 'open'>) {
  const { lengths } = useSettings();
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="Every stretch of the tube">
      <Box as="table" className="figures rows" maxW="46rem" w="100%">
        <thead>
          <tr>
            {['From the toes’ end', 'Rounds', 'On the tape', 'Begins with'].map((head) => (
              <Box as="th" key={head} textAlign="left" pr={4} fontWeight="600">
                {head}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {plan.along.map((along, i) => {
            const { stretch } = along;
            const rounds =
              stretch.to - stretch.from === 1
                ? `${stretch.to}`
                : `${stretch.from + 1} to ${stretch.to}`;
            return (
              <Box
                as="tr"
                key={stretch.from}
                borderTopWidth="1px"
                borderColor="line"
                color={stretch.kind.id === 'CUT' ? 'cut' : undefined}
              >
                <Box as="td" pr={4} overflowWrap="anywhere">
                  {words(along, names, cutNumber(plan, i))}
                </Box>
                <Box as="td" pr={4}>
                  {rounds}
                </Box>
                <Box as="td" pr={4}>
                  {`${lengthText(along.fromMm, lengths)} to ${lengthText(along.toMm, lengths)}`}
                </Box>
                <td>{stretch.kind.id === 'PIECE' ? bandWords(along, cutting) : ''}</td>
              </Box>
            );
          })}
        </tbody>
      </Box>
    </Box>
  );
}

function words({ stretch }: Along, names: readonly string[], cuts: number): string {
  const { id, title } = stretch.kind;
  return id === 'PIECE'
    ? `${names[stretch.wish] ?? ''}, sock ${stretch.sock + 1}`
    : id === 'CUT'
      ? `cut ${cuts}: unpick this round`
      : title;
}

function bandWords({ band }: Along, cutting: Cutting): string {
  const colour = cutting.colours[band];
  return colour?.name ?? (colour ? `band ${band + 1}` : '');
}
