import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useEffect, useState, type ReactNode } from 'react';
import type { Lap } from '../api/types';
import { Sheet } from '../layout/Sheet';
import { covered, typing } from '../layout/typing';
import { Notes } from './Notes';
import { OffPlan } from './OffPlan';
import type { Queue } from './queue';
import { SignalSwitches } from './SignalSwitches';
import { TapeCheck } from './TapeCheck';
import { Weigh } from './Weigh';
import { WhenDone } from './WhenDone';

const TOOLS = [
  ['tape', 'Measure', 'Measure the tube', 't'],
  ['weigh', 'Weigh', 'Weigh the yarn', 'w'],
  ['rounds', 'Adjust rounds', 'More or fewer rounds than planned', undefined],
  ['note', 'Note', 'Notes', 'n'],
  ['when', 'Finish date', 'When will it be done?', undefined],
  ['signals', 'Sound & pedal', 'Sound, vibration and pedal', undefined],
] as const;

type Tool = (typeof TOOLS)[number][0];

export interface ToolProps {
  lap: Lap;
  sock: number;
  queue: Queue;
  onClose: () => void;
}

const BODIES: Record<Tool, (props: ToolProps) => React.JSX.Element> = {
  tape: TapeCheck,
  weigh: Weigh,
  rounds: OffPlan,
  note: Notes,
  when: WhenDone,
  signals: SignalSwitches,
};

/** What lies beside the needles: the tape, the scale, a pencil, the calendar. */
export function Beside(props: Omit<ToolProps, 'onClose'>) {
  const [open, setOpen] = useState<Tool | undefined>();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const tool = TOOLS.find(([, , , letter]) => letter === event.key)?.[0];
      if (
        tool &&
        !typing(event) &&
        !covered() &&
        !event.ctrlKey &&
        !event.metaKey &&
        !event.altKey
      ) {
        event.preventDefault();
        setOpen(tool);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  const Body = open && BODIES[open];
  return (
    <>
      <Flex role="group" aria-label="Beside the needles" wrap="wrap" columnGap={{ base: 0, md: 2 }}>
        {TOOLS.map(([tool, word, title]) => (
          <chakra.button
            key={tool}
            type="button"
            aria-label={title}
            aria-haspopup="dialog"
            onClick={() => setOpen(tool)}
            minH="44px"
            px={2}
            fontSize="sm"
            color="chosen"
            textDecoration="underline"
            textUnderlineOffset="3px"
            cursor="pointer"
          >
            {word}
          </chakra.button>
        ))}
      </Flex>
      <Sheet
        open={open !== undefined}
        onOpen={(next) => next || setOpen(undefined)}
        title={TOOLS.find(([tool]) => tool === open)?.[2] ?? ''}
        closing="Close"
      >
        {Body && <Body {...props} onClose={() => setOpen(undefined)} />}
      </Sheet>
    </>
  );
}

/** The button at the end of a tool, as large as a thumb. */
export function ToolButton({
  children,
  onPress,
  disabled = false,
  second = false,
}: {
  children: string;
  onPress: () => void;
  disabled?: boolean;
  /** Whether it is the lesser of two. */
  second?: boolean;
}) {
  return (
    <chakra.button
      type="button"
      disabled={disabled}
      onClick={onPress}
      minH="56px"
      px={5}
      mt={3}
      bg={disabled || second ? 'transparent' : 'ink'}
      color={disabled ? 'quiet' : second ? 'ink' : 'sheet'}
      borderWidth="1px"
      borderColor={disabled ? 'line' : 'ink'}
      cursor={disabled ? 'default' : 'pointer'}
      fontWeight="650"
    >
      {children}
    </chakra.button>
  );
}

/** Fields of a tool beside each other, as far as there is room. */
export function ToolFields({ children }: { children: ReactNode }) {
  return (
    <Grid gap={4} mt={3} templateColumns="repeat(auto-fit, minmax(9.5rem, 1fr))" alignItems="end">
      {children}
    </Grid>
  );
}

/** Why something was not taken, in a tool. */
export function ToolProblem({ children }: { children: string | undefined }) {
  return (
    <Box role="alert" color="amiss" mt={2} minH="1.5em">
      {children}
    </Box>
  );
}
