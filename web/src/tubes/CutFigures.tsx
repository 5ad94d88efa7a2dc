import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { useCuttingWorkings } from '../api/tubeQueries';
import { placeOf } from '../form/placeOf';
import { AskedWorking } from '../form/Working';
import { useSettings } from '../settings/settings';
import { figureText, lengthText } from '../units/units';
import type { CutPlan, Cutting, Figure, Remnant, Tube } from '../wire/types';
import { easeWords } from './Fits';
import { listed } from './TubeItem';
import { useSaid } from '../units/useSaid';
import { FigurePress, type FigurePressProps } from '../form/FigurePress';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface CutFiguresProps {
  tube: Tube;
  cutting: Cutting;
  plan: CutPlan;
  byHand: boolean;
}

/** What a way to cut gives each pair, what is left, and why it is so. */
export function CutFigures({ tube, cutting, plan, byHand }: CutFiguresProps) {
  const say = useSaid();
  const { lengths } = useSettings();
  const [asked, setAsked] = useState<{ title: string; figure: Figure } | undefined>();
  return (
    <Box as="section" aria-labelledby="cut-title">
      <Box as="h2" id="cut-title" fontSize="lg">
        {byHand ? texts.yourOwnCut : texts.theCut(plan.title)}
      </Box>
      <Box overflowX="auto" tabIndex={0} role="region" aria-label={texts.pairsOfThisCut}>
        <Box as="table" className="figures rows" w="100%" maxW="46rem" mt={1}>
          <thead>
            <Heads />
          </thead>
          <tbody>
            {plan.pairs.map((pair) => (
              <PairRow
                key={pair.wish}
                pair={pair}
                cutting={cutting}
                onAsk={byHand ? undefined : setAsked}
              />
            ))}
          </tbody>
        </Box>
      </Box>
      <Box mt={2} className="figures">
        {`${plan.cuts} ${plan.cuts === 1 ? 'cut' : 'cuts'}`}
        {plan.unravelled.value > 0 && ` · ${figureText(plan.unravelled, lengths)} unravelled`}
        {texts.leftOver}
        <FigurePress
          figure={plan.left}
          title={texts.roundsLeftOver}
          onAsk={byHand ? undefined : setAsked}
        />
      </Box>
      {plan.remnants.map((remnant, i) => (
        <RemnantWords key={i} remnant={remnant} second={i > 0} />
      ))}
      <Box as="ul" mt={2} maxW="46rem" listStyleType="none">
        {[...plan.reasons, ...plan.leftOut].map((reason, i) => (
          <Box as="li" key={i} mt={1}>
            {say(reason)}
          </Box>
        ))}
      </Box>
      {asked && (
        <Worked tube={tube} cutting={cutting} {...asked} onClose={() => setAsked(undefined)} />
      )}
    </Box>
  );
}

function Heads() {
  return (
    <tr>
      {[
        texts.for,
        texts.eachPiece,
        texts.legCuffIncluded,
        shared.aroundTheBall,
        shared.stripes,
      ].map((head) => (
        <Box
          as="th"
          key={head}
          textAlign="left"
          verticalAlign="bottom"
          py={1}
          pr={4}
          fontWeight="600"
        >
          {head}
        </Box>
      ))}
    </tr>
  );
}

interface PairRowProps {
  pair: CutPlan['pairs'][number];
  cutting: Cutting;
  onAsk: FigurePressProps['onAsk'];
}

/** What one pair gets. */
function PairRow({ pair, cutting, onAsk }: PairRowProps) {
  const name = cutting.wishes[pair.wish]?.name ?? '';
  return (
    <Box as="tr" borderTopWidth="1px" borderColor="line">
      <Box as="td" py={1} pr={4} minW="7rem" overflowWrap="anywhere">
        {name}
      </Box>
      <Box as="td" pr={4} whiteSpace="nowrap">
        <FigurePress figure={pair.piece} title={texts.pieceFor(name)} onAsk={onAsk} />
      </Box>
      <Box as="td" pr={4} whiteSpace="nowrap">
        <FigurePress figure={pair.legAbove} title={texts.legFor(name)} onAsk={onAsk} />
      </Box>
      <Box as="td" pr={4} minW="14rem">
        {fitWords(cutting, pair.wish)}
      </Box>
      <Box as="td" whiteSpace="nowrap">
        {stripeWords(pair, cutting)}
      </Box>
    </Box>
  );
}

/** How it fits around the ball, and whether it goes over the heel. */
function fitWords(cutting: Cutting, wish: number): string {
  const figures = cutting.wishes[wish]?.figures;
  if (!figures) {
    return '';
  }
  const tight = figures.passing.verdict.id !== 'EASY' ? `; ${figures.passing.verdict.title}` : '';
  return easeWords(figures.ease.value) + tight;
}

function stripeWords(pair: CutPlan['pairs'][number], cutting: Cutting): string {
  if (!cutting.repeat) {
    return 'none';
  }
  return pair.matched ? texts.bothAlike : texts.notAlike;
}

function RemnantWords({ remnant, second }: { remnant: Remnant; second: boolean }) {
  const { lengths } = useSettings();
  const uses = remnant.uses.map(({ title }) => title);
  return (
    <Box maxW="46rem">
      {texts.ofAbout(
        second,
        figureText(remnant.rounds, lengths),
        lengthText(remnant.length.value, lengths),
        figureText(remnant.grams, lengths),
      )}
      {uses.length > 0 && texts.enoughFor2(listed(uses))}.
    </Box>
  );
}

interface WorkedProps {
  tube: Tube;
  cutting: Cutting;
  title: string;
  figure: Figure;
  onClose: () => void;
}

function Worked({ tube, cutting, figure, ...props }: WorkedProps) {
  const place = placeOf(figure, cutting);
  const workings = useCuttingWorkings(tube, true);
  return (
    <AskedWorking {...props} workings={workings} places={place === undefined ? [] : [place]} />
  );
}
