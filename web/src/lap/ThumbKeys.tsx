import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useEffect, type ReactNode } from 'react';
import { Link as RouteLink } from 'react-router';
import { changeSettings, type Hand } from '../settings/settings';
import { spoken } from '../form/spoken';
import { SCREEN } from './screen';
import type { ToolProps } from './Tool';
import { TOOLS, useBeside } from './useBeside';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface ThumbKeysProps extends Omit<ToolProps, 'onClose'> {
  canUndo: boolean;
  onUndo: () => void;
  /** Makes again what was taken back; left out where nothing was. */
  onRedo: (() => void) | undefined;
  /** Notes that a new colour begins, where the yarn has any. */
  onColour: (() => void) | undefined;
  /** Turns to the other sock, and what that is called. */
  turn: { to: string; onTurn: () => void };
  /** Another place in the work, to be set. */
  places: (done: () => void) => ReactNode;
}

/** The column at the edge where the thumb is: what is needed while knitting, everything else one press further. */
export function ThumbKeys({
  canUndo,
  onUndo,
  onRedo,
  onColour,
  turn,
  places,
  ...tools
}: ThumbKeysProps) {
  const beside = useBeside(tools, {
    more: {
      title: texts.moreWhileKnitting,
      closing: shared.close,
      body: (show) => <More show={show} turn={turn} pairId={tools.lap.pairId} onRedo={onRedo} />,
    },
    places: {
      title: texts.whereAreYouInThe,
      closing: shared.cancel,
      body: (show) => places(() => show(undefined)),
    },
  });
  return (
    <Flex
      direction="column"
      justify="flex-end"
      gap={2}
      w="88px"
      flexShrink={0}
      role="group"
      aria-label={texts.keysForOneThumb}
    >
      <Key aria-haspopup="dialog" onClick={() => beside.open('more')}>
        {texts.more}
      </Key>
      {onColour && <Key onClick={onColour}>{texts.newColour}</Key>}
      <Key
        aria-label={spoken(texts.rescue, texts.somethingIsWrong)}
        aria-haspopup="dialog"
        onClick={() => beside.open('wrong')}
      >
        {texts.rescue}
      </Key>
      <Key
        onClick={onUndo}
        aria-disabled={!canUndo}
        color={canUndo ? 'ink' : 'quiet'}
        borderColor={canUndo ? 'ink' : 'line'}
      >
        {shared.undo}
      </Key>
      {beside.sheet}
    </Flex>
  );
}

interface MoreProps {
  onRedo: (() => void) | undefined;
  show: (what: string | undefined) => void;
  turn: ThumbKeysProps['turn'];
  pairId: string;
}

/** What is not needed for every round, as large as a thumb. */
function More({ show, turn, pairId, onRedo }: MoreProps) {
  return (
    <Grid templateColumns="1fr 1fr" gap={2}>
      <Row
        onClick={() => {
          show(undefined);
          turn.onTurn();
        }}
      >
        {turn.to}
      </Row>
      {onRedo && <Row onClick={onRedo}>{shared.redo}</Row>}
      {TOOLS.filter(([tool]) => tool !== 'wrong').map(([tool, , title]) => (
        <Row key={tool} onClick={() => show(tool)}>
          {title}
        </Row>
      ))}
      <Row onClick={() => show('places')}>{texts.changeMyPlace}</Row>
      <Row onClick={() => changeSettings({ thumb: 'either' })}>{texts.backToTheUsualScreen}</Row>
      <Row asChild>
        <RouteLink to={`/pairs/${pairId}`}>{texts.thePlan}</RouteLink>
      </Row>
    </Grid>
  );
}

const Key = chakra(
  'button',
  {
    base: {
      minH: '80px',
      bg: 'sheet',
      borderWidth: '1px',
      borderColor: 'ink',
      fontWeight: '600',
      cursor: 'pointer',
      touchAction: 'manipulation',
    },
  },
  { defaultProps: { type: 'button' } },
);

const Row = chakra(
  'button',
  {
    base: {
      display: 'flex',
      alignItems: 'center',
      minH: '72px',
      px: 3,
      borderWidth: '1px',
      borderColor: 'line',
      fontSize: 'md',
      textAlign: 'left',
      color: 'ink',
      cursor: 'pointer',
    },
  },
  { defaultProps: { type: 'button' } },
);

interface OneHandProps {
  thumb: Hand;
  /** What is read and need not be reached. */
  above: ReactNode;
  /** What is pressed for every round. */
  press: ReactNode;
  keys: ReactNode;
  below: ReactNode;
}

/** The screen for one hand: reading above, the press down to the edge, the keys in a column beside it. */
export function OneHand({ thumb, above, press, keys, below }: OneHandProps) {
  // It is one screen: whoever comes to it from further down a longer page sees all of it.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, []);
  return (
    <>
      <Flex direction="column" gap={2} h={SCREEN} minH="34rem">
        {above}
        <Flex flex="1" minH={0} gap={2} direction={thumb === 'left' ? 'row-reverse' : 'row'}>
          <Flex flex="1" minW={0} direction="column" overflowY="auto">
            {press}
          </Flex>
          {keys}
        </Flex>
      </Flex>
      <Box>{below}</Box>
    </>
  );
}
