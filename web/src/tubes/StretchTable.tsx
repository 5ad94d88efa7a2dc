import { Box } from '@chakra-ui/react';
import { useSettings } from '../settings/settings';
import { lengthText } from '../units/units';
import type { Along, CutPlan, Cutting } from '../wire/types';
import { useSaid } from '../units/useSaid';
import { cutNumber } from './pieces';
import { shared } from '../texts/shared';
import { texts } from './texts';

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
        {texts.everyStretchByRoundAnd}
      </Box>
      {table}
    </details>
  );
}

function Rows({ plan, names, cutting }: Omit<StretchTableProps, 'open'>) {
  const { lengths } = useSettings();
  const say = useSaid();
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label={texts.everyStretchOfTheTube}>
      <Box as="table" className="figures rows" maxW="60rem" w="100%">
        <thead>
          <tr>
            {[texts.fromTheToesEnd, shared.rounds, texts.onTheTape, texts.beginsWith].map(
              (head) => (
                <Box as="th" key={head} textAlign="left" pr={4} fontWeight="600">
                  {head}
                </Box>
              ),
            )}
          </tr>
        </thead>
        <tbody>
          {plan.along.map((along, i) => {
            const { stretch } = along;
            const rounds =
              stretch.to - stretch.from === 1
                ? `${stretch.to}`
                : texts.to(stretch.from + 1, stretch.to);
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
                <Box as="td" pr={4} whiteSpace="nowrap">
                  {rounds}
                </Box>
                <Box as="td" pr={4} whiteSpace="nowrap">
                  {texts.to2(lengthText(along.fromMm, lengths), lengthText(along.toMm, lengths))}
                </Box>
                <td>
                  {stretch.kind.id === 'PIECE'
                    ? bandWords(along, cutting)
                    : along.seen && say(along.seen)}
                </td>
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
    ? texts.sock(names[stretch.wish] ?? '', stretch.sock + 1)
    : id === 'CUT'
      ? texts.cutUnpickThisRound(cuts)
      : title;
}

function bandWords({ band }: Along, cutting: Cutting): string {
  const colour = cutting.colours[band];
  return colour?.name ?? (colour ? texts.band2(band + 1) : '');
}
