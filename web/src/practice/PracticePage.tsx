import { Box } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Switch } from '../form/Switch';
import { GraftTrainer } from './GraftTrainer';
import { PickUpTrainer } from './PickUpTrainer';
import { TurnTrainer } from './TurnTrainer';
import { ReadingTrainer } from './ReadingTrainer';

const TRAINERS = {
  graft: GraftTrainer,
  'pick-up': PickUpTrainer,
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
      <title>Practice · Round Pocket</title>
      <Box as="h1" fontSize="2xl" mb={1}>
        Practice
      </Box>
      <Box color="quiet" mb={2} maxW="44rem">
        Practise on pretend fabric. Nothing here changes your socks.
      </Box>
      <Box mb={3}>
        <Switch
          labelled
          label="What to practise"
          value={piece}
          options={[
            ['graft', 'Graft', 'graft'],
            ['pick-up', 'Pick up', 'pick up'],
            ['reading', 'Read decreases', 'read decreases'],
            ['turn', 'Turn short rows', 'turn short rows'],
          ]}
          onChange={(value) => setSearch({ piece: value })}
        />
      </Box>
      <Trainer />
    </Box>
  );
}
