import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import type { Work } from '../wire/types';
import { Sheet } from '../form/Sheet';
import { NumberField } from '../form/NumberField';
import { placeAt, unitOf } from './place';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface JumpToProps {
  work: Work;
  position: number;
  onJump: (to: number) => void;
}

/** To another place in the work: the step, and how many of its rounds are done. It can be undone like any press. */
export function JumpTo({ work, position, onJump }: JumpToProps) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet
      open={open}
      onOpen={setOpen}
      title={texts.whereAreYouInThe}
      closing={shared.cancel}
      trigger={
        <Press look="framed" minH="72px" px={4} borderColor="line">
          {texts.changeMyPlace}
        </Press>
      }
    >
      <Places
        work={work}
        position={position}
        onJump={(to) => {
          setOpen(false);
          onJump(to);
        }}
      />
    </Sheet>
  );
}

/** The places of a sock, one of them to be set. */
export function Places({ work, position, onJump }: JumpToProps) {
  const here = placeAt(work, position);
  const [index, setIndex] = useState(here?.index ?? 0);
  const [done, setDone] = useState<number | undefined>(here?.done ?? 0);
  const step = work.steps[index];
  const unit = step && unitOf(step);
  const most = step?.number ?? 0;
  const wrong = done === undefined || done < 0 || done > most;
  return (
    <>
      <StepChoice
        steps={work.steps}
        index={index}
        onIndex={(next) => {
          setIndex(next);
          setDone(0);
        }}
      />
      {unit && (
        <NumberField
          mt={3}
          key={index}
          label={texts.howManyOfItsS(unit)}
          kind="whole"
          unit={texts.of2(most)}
          mayBeEmpty
          value={done}
          problem={wrong ? texts.thereAreEnter0To(most) : undefined}
          onChange={setDone}
        />
      )}
      <Press
        look="filled"
        mt={4}
        minH="48px"
        px={5}
        aria-disabled={wrong}
        onClick={() => !wrong && onJump((work.starts[index] ?? 0) + done)}
      >
        {texts.setMyPlace}
      </Press>
    </>
  );
}

interface StepChoiceProps {
  steps: Work['steps'];
  index: number;
  onIndex: (index: number) => void;
}

/** The steps of a sock to choose one of. */
function StepChoice({ steps, index, onIndex }: StepChoiceProps) {
  return (
    <Box as="label" display="block" fontWeight="600">
      {texts.step}
      <chakra.select
        display="block"
        w="100%"
        minH="48px"
        mt={1}
        px={2}
        bg="sheet"
        color="ink"
        borderWidth="1px"
        borderColor="quiet"
        fontWeight="400"
        value={index}
        onChange={(event) => onIndex(Number(event.target.value))}
      >
        {steps.map((each, i) => (
          <option key={each.id} value={i}>
            {each.number > 1 ? `${each.title} (${each.number})` : each.title}
          </option>
        ))}
      </chakra.select>
    </Box>
  );
}
