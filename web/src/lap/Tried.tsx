import { Box } from '@chakra-ui/react';
import type { LapDifference, Tried } from '../wire/types';
import { useSettings, type Lengths } from '../settings/settings';
import { plusMinusText, valueText } from '../units/units';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Old and new side by side, before anything is taken. */
export function TriedTable({ tried, sock }: { tried: Tried; sock: number }) {
  const other = sock === 1 ? 'second' : 'first';
  return (
    <Box mt={3} data-testid="tried">
      <p>
        <strong>{tried.words}</strong>
      </p>
      <Differences differences={tried.differences} old={shared.planned} now={texts.new} />
      <Box fontSize="sm" color="quiet" mt={2}>
        {tried.otherFollows ? texts.theSockFollowsBothThe(other) : texts.theSockIsPastThis(other)}
      </Box>
    </Box>
  );
}

/** Figures that are otherwise, in two columns. */
export function Differences({
  differences,
  old,
  now,
}: {
  differences: readonly LapDifference[];
  old: string;
  now: string;
}) {
  const { lengths } = useSettings();
  if (differences.length === 0) {
    return <p>{texts.nothingChanges}</p>;
  }
  const cell = {
    padding: '4px 0 4px 12px',
    textAlign: 'right' as const,
    whiteSpace: 'nowrap' as const,
  };
  return (
    <Box asChild w="100%" mt={2}>
      <table>
        <thead>
          <tr>
            <th style={{ textAlign: 'left' }}>
              <span style={{ fontWeight: 400 }}>{texts.figure}</span>
            </th>
            <th style={cell}>{old}</th>
            <th style={cell}>{now}</th>
          </tr>
        </thead>
        <tbody>
          {differences.map((each) => (
            <Box asChild key={each.label} borderTopWidth="1px" borderColor="line">
              <tr>
                <th scope="row" style={{ textAlign: 'left', fontWeight: 400 }}>
                  {each.label}
                </th>
                <td style={cell}>{text(each, each.before, lengths)}</td>
                <td style={cell}>
                  <strong>{text(each, each.after, lengths)}</strong>
                </td>
              </tr>
            </Box>
          ))}
        </tbody>
      </table>
    </Box>
  );
}

/** Lengths to the millimetre, since that is what a round more or less makes. */
function text({ unit }: LapDifference, value: number, lengths: Lengths): string {
  return unit === 'MILLIMETRES'
    ? plusMinusText(value, unit, lengths).replace('± ', '')
    : valueText(value, unit, lengths);
}
