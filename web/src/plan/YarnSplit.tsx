import { Box, Table } from '@chakra-ui/react';
import { memo } from 'react';
import type { Figure, Plan } from '../wire/types';
import { useSettings } from '../settings/settings';
import { YarnVerdict } from './YarnVerdict';
import { figureNumber, plusMinusText } from '../units/units';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface YarnSplitProps {
  plan: Plan;
  colour?: string;
  onWorking: (title: string, figures: readonly Figure[]) => void;
}

/** The yarn of one sock, section by section. */
export const YarnSplit = memo(function YarnSplit({ plan, colour, onWorking }: YarnSplitProps) {
  const { lengths } = useSettings();
  const { yarn } = plan;
  const most = Math.max(...yarn.sections.map(({ grams }) => grams.value));
  const cell = { px: 2, py: '5px', bg: 'transparent', borderColor: 'line' };
  const grams = (figure: Figure) => (
    <>
      {figureNumber(figure, lengths)}{' '}
      <Box as="span" color="quiet">
        {plusMinusText(figure.plusMinus, 'GRAMS', lengths).replace(/ (g|oz)$/, '')}
      </Box>
    </>
  );
  return (
    <Box>
      <Box as="h3" fontSize="md">
        {texts.yarnForOneSock}
      </Box>
      <Table.ScrollArea>
        <Table.Root size="sm" mt={1} bg="transparent">
          <Table.Header>
            <Table.Row bg="transparent">
              {[
                shared.section,
                shared.stitches,
                ...(lengths === 'INCH' ? [texts.yards, texts.ounces] : [texts.metres, texts.grams]),
              ].map((head, i) => (
                <Table.ColumnHeader
                  key={head}
                  {...cell}
                  color="quiet"
                  textAlign={i ? 'end' : 'start'}
                >
                  {head}
                </Table.ColumnHeader>
              ))}
              <Table.ColumnHeader {...cell} w="28%" color="quiet">
                {texts.compared}
              </Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {yarn.sections.map(
              ({ section: { id: section, title }, stitches, metres, grams: weight }) => (
                <Table.Row key={section} bg="transparent">
                  <Table.Cell {...cell}>
                    <button
                      type="button"
                      style={{
                        cursor: 'pointer',
                        textDecoration: 'underline dotted',
                        textAlign: 'left',
                      }}
                      onClick={() => onWorking(texts.yarnOfThe(title), [weight])}
                    >
                      {title}
                    </button>
                  </Table.Cell>
                  <Table.Cell {...cell} textAlign="end">
                    {figureNumber(stitches, lengths)}
                  </Table.Cell>
                  <Table.Cell {...cell} textAlign="end">
                    {figureNumber(metres, lengths)}
                  </Table.Cell>
                  <Table.Cell {...cell} textAlign="end" whiteSpace="nowrap">
                    {grams(weight)}
                  </Table.Cell>
                  <Table.Cell {...cell}>
                    <Box
                      h="10px"
                      w={`${(weight.value / most) * 100}%`}
                      borderWidth="1px"
                      borderColor="ink"
                      style={{ background: colour ?? 'transparent' }}
                    />
                  </Table.Cell>
                </Table.Row>
              ),
            )}
            <Table.Row bg="transparent" fontWeight="700">
              <Table.Cell {...cell}>{texts.oneSock}</Table.Cell>
              <Table.Cell {...cell} />
              <Table.Cell {...cell} textAlign="end">
                {figureNumber(yarn.sockMetres, lengths)}
              </Table.Cell>
              <Table.Cell {...cell} textAlign="end" whiteSpace="nowrap">
                {grams(yarn.sockGrams)}
              </Table.Cell>
              <Table.Cell {...cell} />
            </Table.Row>
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <YarnVerdict plan={plan} onWorking={onWorking} />
    </Box>
  );
});
