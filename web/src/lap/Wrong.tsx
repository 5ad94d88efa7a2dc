import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { useMishaps } from '../api/lapQueries';
import type { Mishap } from '../wire/types';
import { MishapSketch } from './MishapSketch';
import { pairState } from './pair';
import { placeAt } from './place';
import { ToolButton, ToolProblem, type ToolProps } from './Tool';
import { useSaid } from '../units/useSaid';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** What may be wrong in the step on the needles, and the way out of it; the count stays as it is. */
export function Wrong({ lap, sock, queue, onClose }: ToolProps) {
  const mishaps = useMishaps();
  const [chosen, setChosen] = useState<Mishap | undefined>();
  const work = lap.works[sock - 1];
  const { socks } = pairState(
    queue.socks,
    queue.pressed,
    queue.waiting,
    lap.works.map(({ presses }) => presses),
  );
  const at = work && placeAt(work, socks[sock - 1]?.position ?? 0);
  const here = at?.step.mishaps ?? [];
  if (chosen) {
    return <Cure mishap={chosen} onBack={() => setChosen(undefined)} onClose={onClose} />;
  }
  const all = mishaps.data ?? [];
  const likely = here.flatMap((id) => all.filter((each) => each.id === id));
  const others = all.filter(({ id }) => !here.includes(id));
  return (
    <Box>
      <p>{texts.stopHereNothingIsLost}</p>
      {mishaps.isError && <ToolProblem>{texts.thisNeedsRoundPocketTry}</ToolProblem>}
      <List title={texts.inThisStep(at?.step.title ?? '')} onChoose={setChosen}>
        {likely}
      </List>
      <List
        title={likely.length > 0 ? texts.somethingElse : texts.whatHappened}
        onChoose={setChosen}
      >
        {others}
      </List>
    </Box>
  );
}

interface ListProps {
  title: string;
  children: readonly Mishap[];
  onChoose: (mishap: Mishap) => void;
}

function List({ title, children, onChoose }: ListProps) {
  const say = useSaid();
  return children.length === 0 ? null : (
    <Box mt={4}>
      <Box as="h3" fontSize="md">
        {title}
      </Box>
      <Box as="ul" listStyleType="none">
        {children.map((mishap) => (
          <Box as="li" key={mishap.id} borderTopWidth="1px" borderColor="line">
            <Press w="100%" minH="56px" py={2} textAlign="left" onClick={() => onChoose(mishap)}>
              <Box as="span" display="block" fontWeight="650">
                {mishap.title}
              </Box>
              <Box as="span" display="block" fontSize="sm" color="quiet">
                {say({ template: mishap.looks, amounts: {} })}
              </Box>
            </Press>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

interface CureProps {
  mishap: Mishap;
  onBack: () => void;
  onClose: () => void;
}

function Cure({ mishap, onBack, onClose }: CureProps) {
  const say = useSaid();
  return (
    <Box data-testid="cure">
      <Box
        as="h3"
        fontSize="xl"
        mb={2}
        tabIndex={-1}
        outline="none"
        ref={(heading: HTMLElement | null) => heading?.focus()}
      >
        {mishap.title}
      </Box>
      <MishapSketch sketch={mishap.sketch} />
      <Box as="p" mt={2}>
        {say({ template: mishap.looks, amounts: {} })}
      </Box>
      <Box as="p" color="quiet">
        {mishap.why}
      </Box>
      <Box as="h4" fontSize="md" fontWeight="650" mt={3}>
        {shared.whatToDo}
      </Box>
      <Box as="ol" ps={6} listStyleType="decimal" fontSize="lg" lineHeight="1.4">
        {mishap.cure.map((move) => (
          <Box as="li" key={move.template} mt={1}>
            {say(move)}
          </Box>
        ))}
      </Box>
      <ToolButton onPress={onClose}>{texts.backToMyCount}</ToolButton>{' '}
      <ToolButton second onPress={onBack}>
        {texts.somethingElse}
      </ToolButton>
    </Box>
  );
}
