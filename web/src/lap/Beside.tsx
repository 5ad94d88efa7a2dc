import { Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { Sheet } from '../form/Sheet';
import { useSettings } from '../settings/settings';
import { covered, typing } from '../form/typing';
import type { ToolProps } from './Tool';
import { Notes } from './Notes';
import { OffPlan } from './OffPlan';
import { OrderTool } from './OrderTool';
import { SignalSwitches } from './SignalSwitches';
import { TapeCheck } from './TapeCheck';
import { Weigh } from './Weigh';
import { WhenDone } from './WhenDone';
import { Wrong } from './Wrong';
import { useMishaps } from '../api/lapQueries';
import { LinkButton } from '../form/LinkButton';

const TOOLS = [
  ['wrong', 'Rescue', 'Something is wrong', 'r'],
  ['tape', 'Measure', 'Measure the tube', 't'],
  ['weigh', 'Weigh', 'Weigh the yarn', 'w'],
  ['rounds', 'Adjust rounds', 'More or fewer rounds than planned', undefined],
  ['order', 'Order', 'One sock or both', undefined],
  ['note', 'Note', 'Notes', 'n'],
  ['when', 'Finish date', 'When will it be done?', undefined],
  ['signals', 'Sound & pedal', 'Sound, vibration and pedal', undefined],
] as const;

type Tool = (typeof TOOLS)[number][0];

const BODIES: Record<Tool, (props: ToolProps) => React.JSX.Element> = {
  wrong: Wrong,
  tape: TapeCheck,
  weigh: Weigh,
  rounds: OffPlan,
  order: OrderTool,
  note: Notes,
  when: WhenDone,
  signals: SignalSwitches,
};

/** What lies beside the needles: the tape, the scale, a pencil, the calendar. */
export function Beside(props: Omit<ToolProps, 'onClose'>) {
  const [open, setOpen] = useState<Tool | undefined>();
  // Asked for beforehand: it has to open while the server is away as well.
  useMishaps();
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
  const { thumb } = useSettings();
  const Body = open && BODIES[open];
  return (
    <>
      <Flex
        role="group"
        aria-label="Beside the needles"
        wrap="wrap"
        columnGap={{ base: 0, md: 2 }}
        justify={thumb === 'right' ? 'flex-end' : 'flex-start'}
      >
        {TOOLS.map(([tool, word, title]) => (
          <LinkButton
            key={tool}
            aria-label={title}
            aria-haspopup="dialog"
            onClick={() => setOpen(tool)}
            px={2}
            fontSize="sm"
          >
            {word}
          </LinkButton>
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
