import { Box, Flex, Table } from '@chakra-ui/react';
import { useNavigate } from 'react-router';
import { useFeet, useStash, useYarns } from '../api/queries';
import { keepDraft } from '../draft/draft';
import { LinkButton } from '../form/LinkButton';
import { useSettings } from '../settings/settings';
import { roughMass } from '../units/units';
import type { StashPair, StashYarn } from '../wire/types';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

const MARK: Record<NonNullable<StashPair['enough']>, string> = {
  SURE: '●●●',
  LIKELY: '●●○',
  GAMBLE: '●○○',
  NOT_ENOUGH: '○○○',
};

const cell = { px: 2, py: 1, bg: 'transparent', borderColor: 'line' };

/** What can be knitted from the yarn that is there, for whom; one press leads to the plan. */
export function Stash({ asked, onAsk }: { asked: boolean; onAsk: () => void }) {
  const stash = useStash(asked);
  const plan = usePlan();
  if (!asked) {
    return <LinkButton onClick={onAsk}>{texts.whatCanBeKnittedFrom}</LinkButton>;
  }
  if (!stash.data) {
    return <p role="status">{texts.holdingEveryYarnAgainstEvery}</p>;
  }
  const { feet, yarns } = stash.data;
  if (feet.length === 0 || yarns.length === 0) {
    return <p>{texts.thisNeedsFeetOnThe}</p>;
  }
  return (
    <Box as="section" aria-label={texts.whatCanBeKnittedFromIt} mt={3}>
      <Box as="h2" fontSize="lg">
        {texts.whatCanBeKnittedFromIt}
      </Box>
      <Box fontSize="sm" color="quiet" mb={2}>
        {texts.theUsualPairForEach}
      </Box>
      <Table.ScrollArea maxW="100%">
        <Table.Root size="sm" bg="transparent">
          <Table.Header>
            <Table.Row bg="transparent">
              <Table.ColumnHeader {...cell} color="quiet">
                {shared.yarn}
              </Table.ColumnHeader>
              {feet.map(({ id, name }) => (
                <Table.ColumnHeader key={id} {...cell} color="quiet">
                  {name}
                </Table.ColumnHeader>
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {yarns.map((yarn) => (
              <YarnRow key={yarn.id} yarn={yarn} feet={feet} onPlan={(pair) => plan(yarn, pair)} />
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </Box>
  );
}

interface YarnRowProps {
  yarn: StashYarn;
  feet: readonly { id: string; name: string }[];
  onPlan: (pair: StashPair) => void;
}

/** What one yarn does for each foot. */
function YarnRow({ yarn, feet, onPlan }: YarnRowProps) {
  const { lengths } = useSettings();
  return (
    <Table.Row bg="transparent">
      <Table.Cell {...cell} minW="11rem">
        <Flex gap={2} align="center">
          <Box
            aria-hidden
            boxSize="16px"
            flexShrink={0}
            borderWidth="1px"
            borderColor="quiet"
            style={{ background: yarn.colour }}
          />
          <span>{`${yarn.name}, ${roughMass(yarn.onHandG, lengths)}`}</span>
        </Flex>
        <Box fontSize="xs" color="quiet">
          {texts.gauge(yarn.gauge)}
        </Box>
      </Table.Cell>
      {yarn.pairs.map((pair) => (
        <Table.Cell key={pair.footId} {...cell}>
          {pair.enough ? (
            <Enough
              pair={pair}
              enough={pair.enough}
              label={texts.planFor(
                yarn.name,
                feet.find(({ id }) => id === pair.footId)?.name ?? '',
                pair.words,
              )}
              onPlan={() => onPlan(pair)}
            />
          ) : (
            pair.words
          )}
        </Table.Cell>
      ))}
    </Table.Row>
  );
}

interface EnoughProps {
  pair: StashPair;
  enough: NonNullable<StashPair['enough']>;
  label: string;
  onPlan: () => void;
}

function Enough({ pair, enough, label, onPlan }: EnoughProps) {
  const { lengths } = useSettings();
  const left =
    pair.leftG === undefined ? '' : leftWords(pair.leftG, roughMass(Math.abs(pair.leftG), lengths));
  return (
    <Press look="bare" textAlign="left" onClick={onPlan} aria-label={`${label} ${left}`}>
      <Box as="span" aria-hidden fontSize="xs" letterSpacing="1px">
        {MARK[enough]}
      </Box>{' '}
      <Box as="span" textDecoration="underline dotted">
        {pair.words}
      </Box>{' '}
      <Box as="span" display="block" fontSize="xs" color="quiet">
        {left}
      </Box>
    </Press>
  );
}

function leftWords(leftG: number, much: string): string {
  return leftG < 0 ? texts.short(much) : texts.left(much);
}

/** Leads to a new plan of a yarn for a foot. */
function usePlan() {
  const navigate = useNavigate();
  const feet = useFeet();
  const yarns = useYarns();
  return ({ id, swatch }: StashYarn, { footId }: StashPair) => {
    const foot = feet.data?.find((each) => each.id === footId);
    const yarn = yarns.data?.find((each) => each.id === id);
    if (foot && yarn) {
      keepDraft({
        name: '',
        spec: {
          foot: foot.foot,
          swatch,
          yarn: yarn.yarn,
          ...(yarn.striping && { striping: yarn.striping }),
        },
        foot: { id: foot.id, name: foot.name },
        yarn: { id: yarn.id, name: yarn.name, colour: yarn.colour },
      });
      void navigate('/new');
    }
  };
}
