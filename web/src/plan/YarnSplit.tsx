import { Box, Table } from '@chakra-ui/react';
import { Press } from '../form/Press';
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

const cell = { px: 2, py: '5px', bg: 'transparent', borderColor: 'line' };

/** The yarn of one sock, section by section. */
export const YarnSplit = memo(function YarnSplit({ plan, colour, onWorking }: YarnSplitProps) {
  const { lengths } = useSettings();
  const { yarn } = plan;
  const most = Math.max(...yarn.sections.map(({ grams }) => grams.value));
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
            {yarn.sections.map((each) => (
              <SectionRow
                key={each.section.id}
                yarn={each}
                most={most}
                colour={colour}
                onWorking={onWorking}
              />
            ))}
            <OneSock yarn={yarn} />
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <YarnVerdict plan={plan} onWorking={onWorking} />
    </Box>
  );
});

/** All sections together. */
function OneSock({ yarn }: { yarn: Plan['yarn'] }) {
  const { lengths } = useSettings();
  return (
    <Table.Row bg="transparent" fontWeight="700">
      <Table.Cell {...cell}>{texts.oneSock}</Table.Cell>
      <Table.Cell {...cell} textAlign="end">
        {figureNumber(yarn.sockStitches, lengths)}
      </Table.Cell>
      <Table.Cell {...cell} textAlign="end">
        {figureNumber(yarn.sockMetres, lengths)}
      </Table.Cell>
      <Table.Cell {...cell} textAlign="end" whiteSpace="nowrap">
        <Grams figure={yarn.sockGrams} />
      </Table.Cell>
      <Table.Cell {...cell} />
    </Table.Row>
  );
}

interface SectionRowProps {
  yarn: Plan['yarn']['sections'][number];
  /** Grams of the section that has most. */
  most: number;
  colour: string | undefined;
  onWorking: YarnSplitProps['onWorking'];
}

/** One section: its stitches and its yarn, beside the others. */
function SectionRow({ yarn, most, colour, onWorking }: SectionRowProps) {
  const { lengths } = useSettings();
  const { section, stitches, metres, grams } = yarn;
  return (
    <Table.Row bg="transparent">
      <Table.Cell {...cell}>
        <Press
          minH={{ base: '44px', md: '24px' }}
          minW="24px"
          textAlign="left"
          textDecoration="underline dotted"
          onClick={() => onWorking(texts.yarnOfThe(section.title), [grams])}
        >
          {section.title}
        </Press>
      </Table.Cell>
      <Table.Cell {...cell} textAlign="end">
        {figureNumber(stitches, lengths)}
      </Table.Cell>
      <Table.Cell {...cell} textAlign="end">
        {figureNumber(metres, lengths)}
      </Table.Cell>
      <Table.Cell {...cell} textAlign="end" whiteSpace="nowrap">
        <Grams figure={grams} />
      </Table.Cell>
      <Table.Cell {...cell}>
        <Box
          h="10px"
          borderWidth="1px"
          borderColor="ink"
          style={{ width: `${(grams.value / most) * 100}%`, background: colour ?? 'transparent' }}
        />
      </Table.Cell>
    </Table.Row>
  );
}

function Grams({ figure }: { figure: Figure }) {
  const { lengths } = useSettings();
  return (
    <>
      {figureNumber(figure, lengths)}{' '}
      <Box as="span" color="quiet">
        {plusMinusText(figure.plusMinus, 'GRAMS', lengths).replace(/ (g|oz)$/, '')}
      </Box>
    </>
  );
}
