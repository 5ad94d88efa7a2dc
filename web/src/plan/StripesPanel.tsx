import { Box, Flex, Table } from '@chakra-ui/react';
import { memo } from 'react';
import type { Figure, KnotCost, Plan, StripePlan } from '../wire/types';
import { PairPicture } from '../picture/PairPicture';
import { useSettings, type Lengths } from '../settings/settings';
import { HeelLines } from './HeelLines';
import { decimal, figureText, fixed, roughMass, valueText } from '../units/units';
import type { Draft } from '../draft/draft';
import { shared } from '../texts/shared';
import { useSaid } from '../units/useSaid';
import { texts } from './texts';

interface StripesPanelProps {
  draft: Draft;
  plan: Plan;
  stripes: StripePlan;
  onChange: (draft: Draft) => void;
  onWorking: (title: string, figures: readonly Figure[]) => void;
}

/** The colours of the pair: how it will look, what to wind off, and where else the heel line could go. */
export const StripesPanel = memo(function StripesPanel(props: StripesPanelProps) {
  const { draft, plan, stripes, onChange, onWorking } = props;
  const { lengths } = useSettings();
  // The stripes of a tube that is there already are as they are.
  const knitted = plan.tube.way.id !== 'READY_TUBE';
  return (
    <Box>
      <PairPicture plan={plan} stripes={stripes} name={draft.name || texts.thePairItself} />
      <Flex gap={{ base: 4, lg: 8 }} wrap="wrap" mt={4} align="flex-start">
        <Bands stripes={stripes} lengths={lengths} onWorking={onWorking} />
        <Box flex="1 1 22rem">
          {knitted && <Winding stripes={stripes} lengths={lengths} onWorking={onWorking} />}
          <Knots stripes={stripes} lengths={lengths} />
        </Box>
      </Flex>
      {!stripes.oneColour && (knitted || stripes.candidates.length > 0) && (
        <HeelLines
          draft={draft}
          plan={plan}
          stripes={stripes}
          lengths={lengths}
          onChange={onChange}
        />
      )}
    </Box>
  );
});

interface PartProps {
  stripes: StripePlan;
  lengths: Lengths;
  onWorking: StripesPanelProps['onWorking'];
}

const cell = { px: 2, py: '5px', bg: 'transparent', borderColor: 'line' };

/** The bands with their metres and rounds, and what each colour has of a sock. */
function Bands({ stripes, lengths, onWorking }: PartProps) {
  const share = (band: number) => stripes.socks[0]?.shares.find((each) => each.band === band);
  return (
    <Table.ScrollArea maxW="34rem">
      <Table.Root size="sm" bg="transparent">
        <Table.Header>
          <Table.Row bg="transparent">
            {[texts.band, shared.yarnInIt, texts.inTheTube, texts.inASock].map((head, i) => (
              <Table.ColumnHeader
                key={head}
                {...cell}
                color="quiet"
                textAlign={i ? 'end' : 'start'}
              >
                {head}
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body className="figures">
          {stripes.bands.map((band, i) => (
            <BandRow key={i} {...band} lengths={lengths} grams={share(i)?.grams} />
          ))}
          <Table.Row bg="transparent">
            <Table.Cell {...cell} fontWeight="600">
              {texts.oneRepeat}
            </Table.Cell>
            <Table.Cell {...cell} textAlign="end">
              {figureText(stripes.repeat, lengths)}
            </Table.Cell>
            <Table.Cell {...cell} textAlign="end">
              <FigureButton
                figure={stripes.repeatRounds}
                text={texts.rounds2(fixed(stripes.repeatRounds.value, 1))}
                title={texts.roundsOfOneRepeat}
                onWorking={onWorking}
              />
            </Table.Cell>
            <Table.Cell {...cell} />
          </Table.Row>
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}

interface BandRowProps extends Pick<PartProps, 'lengths'> {
  name: string;
  colour: string;
  metres: Figure;
  rounds: Figure;
  /** What it has of a sock. */
  grams: Figure | undefined;
}

function BandRow({ name, colour, metres, rounds, grams, lengths }: BandRowProps) {
  return (
    <Table.Row bg="transparent">
      <Table.Cell {...cell}>
        <Flex align="center" gap={2}>
          <Swatch colour={colour} />
          {name}
        </Flex>
      </Table.Cell>
      <Table.Cell {...cell} textAlign="end">
        {figureText(metres, lengths)}
      </Table.Cell>
      <Table.Cell {...cell} textAlign="end">
        {texts.rounds(fixed(rounds.value, 1))}
      </Table.Cell>
      <Table.Cell {...cell} textAlign="end">
        {grams && figureText(grams, lengths)}
      </Table.Cell>
    </Table.Row>
  );
}

export function Swatch({ colour }: { colour: string }) {
  return (
    <Box
      as="span"
      aria-hidden
      display="inline-block"
      boxSize="16px"
      borderWidth="1px"
      borderColor="quiet"
      flexShrink={0}
      style={{ background: colour }}
    />
  );
}

interface FigureButtonProps {
  figure: Figure;
  text: string;
  title: string;
  onWorking: StripesPanelProps['onWorking'];
}

function FigureButton({ figure, text, title, onWorking }: FigureButtonProps) {
  return (
    <button
      type="button"
      style={{ cursor: 'pointer', textDecoration: 'underline dotted' }}
      onClick={() => onWorking(title, [figure])}
    >
      {text}
    </button>
  );
}

/** What is to be wound off, and where the skein is cut. */
function Winding({ stripes, lengths, onWorking }: PartProps) {
  const [first] = stripes.socks;
  const say = useSaid();
  const { cut } = stripes;
  return (
    <Box>
      <Box as="h3" fontSize="md">
        {texts.whatToWindOff}
      </Box>
      {stripes.winding.length === 0 && <p>{texts.nothingEveryMetreIsKnitted}</p>}
      <WoundOff winding={stripes.winding} lengths={lengths} onWorking={onWorking} />
      {stripes.woundOffGrams && (
        <p>{texts.ofTheYarnInAll(figureText(stripes.woundOffGrams, lengths))}</p>
      )}
      {cut && (
        <p>
          {say(cut.said)}{' '}
          {texts.cutTheSkein(
            roughMass(cut.first.value, lengths),
            roughMass(cut.second.value, lengths),
            cut.enough,
          )}
        </p>
      )}
      {first && (
        <Box fontSize="sm" color="quiet">
          {texts.atTheHeelLineThe}
          <FigureButton
            figure={first.unsureAtHeelLine}
            text={texts.rounds3(decimal(first.unsureAtHeelLine.value, 1))}
            title={texts.howSureTheColoursAt}
            onWorking={onWorking}
          />
          {texts.earlyOrLateUntilYou}
        </Box>
      )}
    </Box>
  );
}

interface WoundOffProps extends Omit<PartProps, 'stripes'> {
  winding: StripePlan['winding'];
}

/** Every winding-off in the order of the work: the colour to stop at, and what it weighs. */
function WoundOff({ winding, lengths, onWorking }: WoundOffProps) {
  const say = useSaid();
  return (
    <ul>
      {[...new Map(winding.map((due) => [say(due.said), due]))].map(
        ([said, { metres, grams, tooUnsure }]) => (
          <li key={said}>
            {said}{' '}
            <FigureButton
              figure={metres}
              text={tooUnsure ? texts.whySoUnsure : figureText(grams, lengths)}
              title={texts.toWindOff}
              onWorking={onWorking}
            />
          </li>
        ),
      )}
    </ul>
  );
}

function Knots({ stripes, lengths }: Pick<PartProps, 'stripes' | 'lengths'>) {
  if (stripes.knots.length === 0) {
    return null;
  }
  return (
    <Box mt={3}>
      <Box as="h3" fontSize="md">
        {shared.knots}
      </Box>
      {stripes.knots.map((knot) => (
        <Box key={`${knot.sock} ${knot.atM}`} mb={2}>
          <p>
            {texts.atInTheSockAround(
              valueText(knot.atM, 'METRES', lengths),
              knot.sock,
              knot.section.title,
              knot.round,
            )}
            {knot.taken.id === 'KNIT_ON' &&
              (knot.goesOnKnown ? texts.itIsKnittedOnAs : texts.behindItTheOrderMay)}
            {knot.taken.id === 'KNIT_ON' && knot.ways.length > 0 && texts.youCouldAlso}
          </p>
          <ul>
            {knot.ways.map((cost) => (
              <li key={cost.way.id}>{knotCost(cost, cost.way.id === knot.taken.id, lengths)}</li>
            ))}
          </ul>
        </Box>
      ))}
    </Box>
  );
}

function knotCost(cost: KnotCost, taken: boolean, lengths: Lengths): string {
  const off = figureText(cost.windOff, lengths);
  const what =
    cost.way.id === 'CUT_OUT'
      ? texts.windOffThereAndJoin(taken, off)
      : texts.windOffMoreBeforeIt(taken, off);
  const { left } = cost;
  return left
    ? `${what}. ${left.left.value < 0 ? texts.thenAreMissing(roughMass(-left.left.value, lengths)) : texts.thatLeaves(roughMass(left.left.value, lengths))}: ${left.enough.title}.`
    : `${what}.`;
}
