import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCuts, useUncut } from '../api/tubeQueries';
import { OpenSheet } from '../form/OpenSheet';
import type { CutPlan, PutPiece, Tube } from '../wire/types';
import { piecesOf } from './pieces';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface MakeCutsProps {
  tube: Tube;
  plan: CutPlan;
  pieces: readonly PutPiece[] | undefined;
  blocked: boolean;
  /** Back to the best cut, where another is shown. */
  onBest: (() => void) | undefined;
}

/** From the plan to the table: the sheet to cut by, and the cuts once they are made. */
export function MakeCuts({ tube, plan, pieces, blocked, onBest }: MakeCutsProps) {
  const [asking, setAsking] = useState(false);
  const cuts = useCuts(tube);
  const taken = pieces ?? piecesOf(plan);
  const pairs = plan.pairs.length === 1 ? shared.thePair : texts.thePairs(plan.pairs.length);
  return (
    <Flex gap={3} mt={4} wrap="wrap">
      <Button asChild bg="ink" color="sheet" minH="44px">
        <Link to={`/tubes/${tube.id}/sheet`} state={{ pieces: taken }}>
          {texts.cuttingSheet}
        </Link>
      </Button>
      <Button
        variant="outline"
        borderColor="cut"
        color="cut"
        minH="44px"
        h="auto"
        py={2}
        whiteSpace="normal"
        textAlign="left"
        disabled={blocked}
        onClick={() => setAsking(true)}
      >
        {texts.theCutsAreMadePut(pairs)}
      </Button>
      {onBest && (
        <Button variant="ghost" color="ink" minH="44px" onClick={onBest}>
          {texts.backToTheBestCut}
        </Button>
      )}
      {asking && (
        <AreTheyMade
          cuts={cuts}
          words={texts.asShownWillKnowTheir(
            plan.cuts,
            pairs.charAt(0).toUpperCase(),
            pairs.slice(1),
          )}
          onCut={() => cuts.mutate(taken)}
          onClose={() => setAsking(false)}
        />
      )}
    </Flex>
  );
}

interface AreTheyMadeProps {
  cuts: ReturnType<typeof useCuts>;
  words: string;
  onCut: () => void;
  onClose: () => void;
}

/** Asks before the tube is cut for good. */
function AreTheyMade({ cuts, words, onCut, onClose }: AreTheyMadeProps) {
  return (
    <OpenSheet title={texts.areTheCutsMade} closing={shared.close} onClose={onClose}>
      <>
        <Box mb={3}>{words}</Box>
        {cuts.error && (
          <Box role="alert" color="amiss" mb={3}>
            {cuts.error.message}
          </Box>
        )}
        <Flex gap={3}>
          <Button bg="cut" color="sheet" minH="44px" loading={cuts.isPending} onClick={onCut}>
            {texts.yesItIsCut}
          </Button>
          <Button variant="ghost" color="ink" minH="44px" onClick={onClose}>
            {shared.cancel}
          </Button>
        </Flex>
      </>
    </OpenSheet>
  );
}

/** Takes back the cuts that were made last. */
export function UndoCuts({ tube }: { tube: Tube }) {
  const uncut = useUncut(tube);
  const last = tube.cuttings.at(-1);
  if (!last) {
    return null;
  }
  const whose = [...new Set(last.stretches.flatMap((each) => each.whose ?? []))];
  return (
    <Flex gap={3} align="center" wrap="wrap" mb={4}>
      <Box>
        {texts.cutForInTheBasket(whose.join(', '), whose.length)}
        <Link to="/" style={{ textDecoration: 'underline' }}>
          {texts.goToTheBasket}
        </Link>
      </Box>
      <Button
        variant="outline"
        borderColor="ink"
        color="ink"
        minH="44px"
        loading={uncut.isPending}
        onClick={() => uncut.mutate()}
      >
        {texts.undoTheseCuts}
      </Button>
      {uncut.error && (
        <Box role="alert" color="amiss">
          {uncut.error.message}
        </Box>
      )}
    </Flex>
  );
}
