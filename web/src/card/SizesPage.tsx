import { Box, Button, Flex } from '@chakra-ui/react';
import { skipToken, useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { api } from '../api/client';
import { usePair } from '../api/queries';
import { PageStyle } from '../form/PageStyle';
import { Notice, Waiting } from '../form/States';
import { useSettings } from '../settings/settings';
import { decimal, gaugeSpanMm, gaugeSpanText, lengthText } from '../units/units';
import type { Pair, SizeChart } from '../wire/types';
import { Papers } from './Papers';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Where the heel opens for every shoe size, with the gauge, the toe and the heel of a pair: for the wall. */
export function SizesPage() {
  const { id = '' } = useParams();
  const pair = usePair(id);
  const spec = pair.data?.spec;
  const chart = useQuery({
    queryKey: ['sizes', spec],
    queryFn: spec ? () => api.post('/api/plans/sizes', { body: spec }) : skipToken,
  });
  const error = pair.error ?? chart.error;
  if (error) {
    return <Notice title={texts.theSizeChartCannotBe} error={error} />;
  }
  return pair.data && chart.data ? (
    <Sizes pair={pair.data} chart={chart.data} />
  ) : (
    <Waiting what={texts.theSizeChart} />
  );
}

const HEADS = [
  [shared.shoeSize, ['EU', 'UK', texts.usMen, texts.usWomen, texts.mondopoint]],
  [shared.foot, ['length']],
  [texts.heelLineFromTheToe, ['length', 'rounds']],
  [texts.heelLineFromTheEnd, ['length', 'rounds']],
] as const;

function Sizes({ pair, chart }: { pair: Pair; chart: SizeChart }) {
  const { lengths } = useSettings();
  const span = gaugeSpanMm(lengths) / 100;
  const gauge = texts.stsAndRoundsPer(
    decimal(chart.stitches * span, 1),
    decimal(chart.rounds * span, 1),
    gaugeSpanText(lengths),
  );
  return (
    <Box>
      <title>{texts.sizeChartRoundPocket(pair.name)}</title>
      <PageStyle size="portrait" margin="12mm" />
      <Papers id={pair.id} />
      <Flex className="no-print" gap={3} align="center" wrap="wrap" mb={4}>
        <Box as="h1" fontSize="2xl" flex="1 1 16rem" overflowWrap="anywhere">
          {texts.sizeChart2(pair.name)}
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => window.print()}>
          {shared.print}
        </Button>
      </Flex>
      <Box
        className="light"
        bg="white"
        color="#17232E"
        p={{ base: 3, md: 5, _print: 0 }}
        overflowX={{ base: 'auto', _print: 'visible' }}
        tabIndex={0}
      >
        <Box fontWeight="700">{texts.whereTheHeelGoesBy}</Box>
        <Box fontSize="sm" mb={3} maxW="46rem">
          {texts.forWithTheToeAnd(gauge, pair.name, chart.school, lengths === 'INCH')}
        </Box>
        <Box
          as="table"
          fontSize={{ base: 'sm', _print: '8.5pt' }}
          className="figures"
          data-testid="sizes"
          css={{
            '& th, & td': { paddingInline: '8px', paddingBlock: '2px', textAlign: 'end' },
            '& td': { whiteSpace: 'nowrap' },
            '& tbody tr:nth-of-type(5n) td': { borderBottom: '1px solid currentColor' },
          }}
        >
          <Heads />
          <tbody>
            {chart.rows.map((row) => (
              <Size key={row.eu} row={row} />
            ))}
          </tbody>
        </Box>
      </Box>
    </Box>
  );
}

/** One shoe size. */
function Size({ row }: { row: SizeChart['rows'][number] }) {
  const { lengths } = useSettings();
  const text = (mm: number) => lengthText(mm, lengths);
  return (
    <tr>
      <td>
        <strong>{row.eu}</strong>
      </td>
      <td>{row.uk ?? '–'}</td>
      <td>{row.usMen ?? '–'}</td>
      <td>{row.usWomen ?? '–'}</td>
      <td>{row.mondopoint}</td>
      <td>{text(row.lengthMm)}</td>
      <td>{text(row.fromTipMm)}</td>
      <td>
        <strong>{row.roundsFromTip}</strong>
      </td>
      <td>{text(row.fromToeMm)}</td>
      <td>
        <strong>{row.roundsFromToe}</strong>
      </td>
    </tr>
  );
}

/** What each column is, and which columns belong together. */
function Heads() {
  return (
    <thead>
      <tr>
        {HEADS.map(([title, parts]) => (
          <th key={title} colSpan={parts.length} scope="colgroup">
            {title}
          </th>
        ))}
      </tr>
      <tr>
        {HEADS.flatMap(([title, parts]) =>
          parts.map((part) => (
            <th key={`${title} ${part}`} scope="col">
              {part}
            </th>
          )),
        )}
      </tr>
    </thead>
  );
}
