import { Box, Button, Flex } from '@chakra-ui/react';
import { Link, useLocation, useParams } from 'react-router';
import { useCutting, useHandCut, useTube } from '../api/tubeQueries';
import { PageStyle } from '../form/PageStyle';
import { Notice, Waiting } from '../form/States';
import { useSettings } from '../settings/settings';
import { figureText, lengthText, valueText } from '../units/units';
import type { CutPlan, Cutting, PutPiece, Tube } from '../wire/types';
import { StretchTable } from './StretchTable';
import { TubeDrawing } from './TubeDrawing';
import { useSaid } from '../units/useSaid';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** The sheet to cut by, on the screen as it will be printed. */
export function SheetPage() {
  const { id = '' } = useParams();
  const tube = useTube(id);
  if (tube.data) {
    return <Sheet tube={tube.data} />;
  }
  return tube.error ? (
    <Notice title={texts.thisTubeCannotBeShown} error={tube.error} />
  ) : (
    <Waiting what={texts.theTube2} />
  );
}

function Sheet({ tube }: { tube: Tube }) {
  const { lengths } = useSettings();
  const say = useSaid();
  const state = useLocation().state as { pieces?: PutPiece[] } | null;
  const cutting = useCutting(tube);
  const put = useHandCut(tube, state?.pieces);
  const plan = put.data ?? cutting.data?.plans[0];
  return (
    <Box>
      <title>{texts.cuttingSheetRoundPocket(tube.name)}</title>
      <PageStyle size={lengths === 'INCH' ? 'letter landscape' : 'A4 landscape'} margin="12mm" />
      <Flex className="no-print" gap={3} align="center" wrap="wrap" mb={4}>
        <Box as="h1" fontSize="2xl" flex="1 1 16rem" overflowWrap="anywhere">
          {texts.cuttingSheet2(tube.name)}
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => window.print()}>
          {shared.print}
        </Button>
        <Button asChild variant="outline" borderColor="ink" color="ink" minH="44px">
          <Link to={`/tubes/${tube.id}`}>{texts.backToTheTube}</Link>
        </Button>
      </Flex>
      {plan && cutting.data ? (
        <Paper tube={tube} cutting={cutting.data} plan={plan} />
      ) : cutting.data ? (
        <p>{cutting.data.none ? say(cutting.data.none) : texts.addAWishFirstThen}</p>
      ) : (
        <Waiting what={texts.theCuts} />
      )}
    </Box>
  );
}

function Paper({ tube, cutting, plan }: { tube: Tube; cutting: Cutting; plan: CutPlan }) {
  const { lengths } = useSettings();
  const say = useSaid();
  const names = cutting.wishes.map(({ name }) => name);
  return (
    <Box bg="sheet" p={4} maxW="70rem">
      <Flex gap={4} align="baseline" wrap="wrap">
        <Box as="h2" fontSize="xl" overflowWrap="anywhere">
          {tube.name}
        </Box>
        <Box className="figures">
          {texts.around2(
            valueText(tube.stitches, 'STITCHES', lengths),
            figureText(cutting.rounds, lengths),
            lengthText(cutting.length.value, lengths),
            tube.two,
          )}
        </Box>
      </Flex>
      <TubeDrawing cutting={cutting} plan={plan} names={names} two={tube.two} folded={false} />
      <Box as="ol" listStyleType="decimal" pl={6} mt={4} maxW="52rem">
        {steps(plan).map((step) => (
          <Box as="li" key={step} mt={1}>
            {step}
          </Box>
        ))}
      </Box>
      <Box mt={3}>
        <StretchTable plan={plan} names={names} cutting={cutting} open />
      </Box>
      <Box as="ul" mt={3} listStyleType="none" maxW="52rem">
        {plan.reasons.map((reason, i) => (
          <li key={i}>{say(reason)}</li>
        ))}
      </Box>
      <Box mt={3} maxW="52rem">
        {texts.scissorsOneHandFlatInside}
      </Box>
    </Box>
  );
}

/** How it is done, in its order. */
function steps(plan: CutPlan): string[] {
  const ravels = plan.along.some(({ stretch }) => stretch.kind.id === 'RAVEL');
  return [
    texts.layTheTubeFlatThe,
    ...(ravels ? [texts.unravelTheRoundsAtThe] : []),
    texts.atEachCutRunA,
    texts.snipOneStitchOfThe,
    texts.pinANoteToEach,
    texts.leaveTheSpareRoundsUntil,
  ];
}
