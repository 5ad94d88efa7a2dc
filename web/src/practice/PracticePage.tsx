import { Box } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Switch } from '../form/Switch';
import { CutTrainer } from './CutTrainer';
import { GraftTrainer } from './GraftTrainer';
import { PickUpTrainer } from './PickUpTrainer';
import { TurnTrainer } from './TurnTrainer';
import { ReadingTrainer } from './ReadingTrainer';
import { shared } from '../texts/shared';
import { texts } from './texts';

const TRAINERS = {
  graft: GraftTrainer,
  'pick-up': PickUpTrainer,
  cut: CutTrainer,
  reading: ReadingTrainer,
  turn: TurnTrainer,
} as const;

type Trainer = keyof typeof TRAINERS;

/** Made-up pieces, for the hand and the eye, before it is the sock itself. */
export function PracticePage() {
  const [search, setSearch] = useSearchParams();
  const asked = search.get('piece') ?? '';
  const piece: Trainer = asked in TRAINERS ? (asked as Trainer) : 'graft';
  const Trainer = TRAINERS[piece];
  return (
    <Box>
      <title>{texts.practiceRoundPocket}</title>
      <Box as="h1" fontSize="2xl" mb={1}>
        {shared.practice}
      </Box>
      <Box color="quiet" mb={2} maxW="44rem">
        {texts.practiseOnPretendFabricNothing}
      </Box>
      <Box mb={3}>
        <Switch
          labelled
          label={texts.whatToPractise}
          value={piece}
          options={[
            ['graft', texts.graft, 'graft'],
            ['pick-up', shared.pickUp, shared.pickUp2],
            ['cut', texts.cutTheHeelLine, texts.cutTheHeelLine2],
            ['reading', texts.readDecreases, texts.readDecreases2],
            ['turn', texts.turnShortRows, texts.turnShortRows2],
          ]}
          onChange={(value) => setSearch({ piece: value })}
        />
      </Box>
      <Trainer />
    </Box>
  );
}
