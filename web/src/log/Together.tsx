import { Box, Grid } from '@chakra-ui/react';
import { roughMass } from '../units/units';
import { useSettings, type Lengths } from '../settings/settings';
import type { Tallies, Tally } from '../wire/types';
import { PredictionsKept } from './PredictionsKept';
import { shared } from '../texts/shared';
import { texts } from './texts';

const cell = {
  padding: '4px 0 4px 14px',
  textAlign: 'right' as const,
  verticalAlign: 'bottom' as const,
};
const head = {
  textAlign: 'left' as const,
  fontWeight: 400,
  padding: '4px 0',
  minWidth: '6rem',
  verticalAlign: 'bottom' as const,
};

interface Row {
  key: string;
  name: string;
  tally: Tally;
}

/** A number stays with its unit. */
const figure = { ...cell, whiteSpace: 'nowrap' } as const;

const ALL = 'all';

/** What all finished pairs took together, and in each yarn; and how well the plans of the yarn came out. */
export function Together({ tallies }: { tallies: Tallies }) {
  const { lengths } = useSettings();
  const { all, yarns, predictions } = tallies;
  const rows: Row[] = [
    ...yarns.map(({ yarnId, name, tally }) => ({ key: yarnId, name, tally })),
    // One yarn that holds them all says the same as all of them.
    ...(yarns[0]?.tally.pairs === all.pairs
      ? []
      : [{ key: ALL, name: texts.allPairs, tally: all }]),
  ];
  if (all.pairs < 2 && predictions.length === 0) {
    return null;
  }
  return (
    <Grid
      as="section"
      bg="sheet"
      borderWidth="1px"
      borderColor="line"
      p={{ base: 3, md: 4 }}
      mb={4}
      gap={{ base: 4, md: 8 }}
      templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }}
    >
      {all.pairs > 1 && <Table rows={rows} lengths={lengths} />}
      <PredictionsKept predictions={predictions} />
    </Grid>
  );
}

const COLUMNS = [shared.pairs, texts.knittingAPair, texts.yarnAPair, texts.againstThePlan] as const;

function Table({ rows, lengths }: { rows: readonly Row[]; lengths: Lengths }) {
  return (
    <Box>
      <Box as="h2" fontSize="lg">
        {texts.allPairsTogether}
      </Box>
      <Box overflowX="auto" tabIndex={0} role="region" aria-label={texts.whatThePairsTook}>
        <Box asChild fontSize="sm" mt={1}>
          <table>
            <thead>
              <tr>
                <th scope="col" style={head}>
                  {shared.yarn}
                </th>
                {COLUMNS.map((title) => (
                  <th key={title} scope="col" style={cell}>
                    {title}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(({ key, name, tally }) => (
                <Box asChild key={key} borderTopWidth="1px" borderColor="line">
                  <tr style={{ fontWeight: key === ALL ? 700 : 400 }}>
                    <th
                      scope="row"
                      style={{
                        ...head,
                        fontWeight: 'inherit',
                        overflowWrap: 'break-word',
                        maxWidth: '14rem',
                      }}
                    >
                      {name}
                    </th>
                    <td style={figure}>{tally.pairs}</td>
                    <td style={figure}>{hoursText(tally)}</td>
                    <td style={figure}>{gramsText(tally, lengths)}</td>
                    <td style={figure}>{againstText(tally)}</td>
                  </tr>
                </Box>
              ))}
            </tbody>
          </table>
        </Box>
      </Box>
    </Box>
  );
}

function ofAll(some: number, all: number): string {
  return some === all ? '' : ` (${some} of ${all})`;
}

function hoursText({ timed, hours, pairs }: Tally): string {
  return timed === 0
    ? texts.notKnown
    : texts.aboutH(Math.max(1, Math.round(hours)), ofAll(timed, pairs));
}

/** The mean, and from where to where where that says more. */
function gramsText({ weighed, grams, leastG, mostG, pairs }: Tally, lengths: Lengths): string {
  if (weighed === 0) {
    return shared.notWeighed;
  }
  const [least, mean, most] = [leastG, grams, mostG].map((each) => roughMass(each, lengths));
  const range = least === most ? '' : texts.to(least, most);
  return `${mean}${range}${ofAll(weighed, pairs)}`;
}

function againstText({ weighed, factor }: Tally): string {
  const percent = Math.round(Math.abs(factor - 1) * 100);
  return weighed === 0
    ? ''
    : percent === 0
      ? texts.asPlanned
      : `${percent} % ${factor > 1 ? 'more' : 'less'}`;
}
