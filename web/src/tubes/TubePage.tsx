import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useFeet } from '../api/queries';
import { useCutting, useHandCut, useTube } from '../api/tubeQueries';
import { Notice, Waiting } from '../form/States';
import { useSettings } from '../settings/settings';
import { figureText, lengthText, valueText } from '../units/units';
import type { Cutting, KeptFoot, PutPiece, Tube } from '../wire/types';
import { CutFigures } from './CutFigures';
import { Fits } from './Fits';
import { MakeCuts, UndoCuts } from './MakeCuts';
import { OtherCuts } from './OtherCuts';
import { TubeDrawing } from './TubeDrawing';
import { UnlikeLegs } from './UnlikeLegs';
import { Wishes } from './Wishes';
import { useSaid } from '../units/useSaid';
import { texts } from './texts';

/** One tube: what is wished for from it, and where to cut. */
export function TubePage() {
  const { id = '' } = useParams();
  const tube = useTube(id);
  const feet = useFeet();
  const error = tube.error ?? feet.error;
  if (tube.data && feet.data) {
    return <OneTube key={tube.data.id} tube={tube.data} feet={feet.data} />;
  }
  return error ? (
    <Notice title={texts.thisTubeCannotBeShown} error={error} />
  ) : (
    <Waiting what={texts.theTube2} />
  );
}

function OneTube({ tube, feet }: { tube: Tube; feet: readonly KeptFoot[] }) {
  const cutting = useCutting(tube);
  return (
    <Box>
      <title>{texts.roundPocket(tube.name)}</title>
      <Flex align="baseline" gap={4} mb={3} wrap="wrap">
        <Box as="h1" fontSize="2xl" flex="1 1 16rem" overflowWrap="anywhere">
          {tube.name}
        </Box>
        {cutting.data && <Size tube={tube} cutting={cutting.data} />}
        <Button asChild variant="outline" borderColor="ink" color="ink" minH="44px">
          <Link to="/tubes">{texts.allTubes}</Link>
        </Button>
      </Flex>
      <UndoCuts tube={tube} />
      {tube.usedUp ? (
        <Box mb={4}>{texts.itIsCutUpNothing}</Box>
      ) : (
        cutting.data && (
          <Plans tube={tube} cutting={cutting.data} stale={cutting.isPlaceholderData} />
        )
      )}
      {cutting.error && (
        <Box role="alert" bg="amissGround" color="amiss" px={3} py={2} mb={4} maxW="46rem">
          {cutting.error.message}
        </Box>
      )}
      {!tube.usedUp && (
        <Wishes key={tube.cuttings.length} tube={tube} feet={feet} cutting={cutting.data} />
      )}
      {!tube.usedUp && <Fits tube={tube} />}
    </Box>
  );
}

function Size({ tube, cutting }: { tube: Tube; cutting: Cutting }) {
  const { lengths } = useSettings();
  const facts = [
    tube.two && texts.twoAlike,
    texts.around(valueText(tube.stitches, 'STITCHES', lengths)),
    figureText(cutting.rounds, lengths),
    lengthText(cutting.length.value, lengths),
  ].filter(Boolean);
  return <Box className="figures">{facts.join(' · ')}</Box>;
}

interface PlansProps {
  tube: Tube;
  cutting: Cutting;
  /** Whether it is of an earlier version of the tube. */
  stale: boolean;
}

/** The tube with its cuts, and the other ways beside it. */
function Plans({ tube, cutting, stale }: PlansProps) {
  const say = useSaid();
  const [chosen, setChosen] = useState(0);
  const [hand, setHand] = useState<{ version: number; pieces: PutPiece[] } | undefined>();
  const pieces = hand?.version === tube.version ? hand.pieces : undefined;
  const put = useHandCut(tube, pieces);
  const suggested = cutting.plans[chosen] ?? cutting.plans[0];
  // While pieces have no room, the last that had stay where they were.
  const [good, setGood] = useState(put.data);
  if (put.data && put.data !== good) {
    setGood(put.data);
  }
  const plan = pieces ? (put.data ?? good ?? suggested) : suggested;
  const move = (next: PutPiece[]) => setHand({ version: tube.version, pieces: next });
  const choose = (next: number) => {
    setHand(undefined);
    setChosen(next);
  };
  return (
    <Box mb={5} aria-busy={stale}>
      <TubeDrawing
        cutting={cutting}
        plan={plan}
        pieces={pieces}
        onMove={plan && move}
        names={cutting.wishes.map(({ name }) => name)}
        two={tube.two}
      />
      {pieces && put.error && (
        <Box role="alert" bg="amissGround" color="amiss" px={3} py={2} mt={2} maxW="46rem">
          {put.error.message}
        </Box>
      )}
      {pieces && !put.error && (
        <UnlikeLegs pieces={pieces} names={cutting.wishes.map(({ name }) => name)} onMove={move} />
      )}
      {cutting.none && <Box mt={3}>{say(cutting.none)}</Box>}
      {plan && (
        <Flex gap={8} mt={4} wrap="wrap" align="flex-start">
          <Box flex="2 1 34rem" minW={0}>
            <CutFigures tube={tube} cutting={cutting} plan={plan} byHand={pieces !== undefined} />
            <MakeCuts
              tube={tube}
              plan={plan}
              pieces={pieces}
              blocked={(pieces !== undefined && put.error !== null) || stale}
              onBest={pieces || chosen > 0 ? () => choose(0) : undefined}
            />
          </Box>
          <Box flex="1 1 20rem" minW={0}>
            <OtherCuts cutting={cutting} chosen={pieces ? undefined : plan} onChoose={choose} />
          </Box>
        </Flex>
      )}
    </Box>
  );
}
