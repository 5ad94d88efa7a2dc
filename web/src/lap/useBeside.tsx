import { Box } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { Sheet } from '../form/Sheet';
import { useKeymap } from '../form/keymap';
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
import { shared } from '../texts/shared';
import { texts } from './texts';

export const TOOLS = [
  ['wrong', texts.rescue, texts.somethingIsWrong],
  ['tape', texts.measure, texts.measureTheTube],
  ['weigh', texts.weigh, texts.weighTheYarn],
  ['rounds', texts.adjustRounds, texts.moreOrFewerRoundsThan],
  ['order', texts.order, texts.oneSockOrBoth],
  ['note', shared.note, shared.notes],
  ['when', texts.finishDate, texts.whenWillItBeDone],
  ['signals', texts.soundAndPedal, texts.soundVibrationAndPedal],
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

function ToolBody({ tool, ...props }: ToolProps & { tool: Tool }) {
  const Body = BODIES[tool];
  return <Body {...props} />;
}

/** A sheet that is no tool: a list of them, or another place. */
export interface OtherSheet {
  title: string;
  closing: string;
  body: (show: (what: string | undefined) => void) => ReactNode;
}

/**
 * The tools beside the needles: which is open, by its key or by a press, and its sheet. One sheet for all of them: one that
 * opens while another closes would be closed with it.
 */
export function useBeside(
  props: Omit<ToolProps, 'onClose'>,
  others: Readonly<Record<string, OtherSheet>> = {},
) {
  const [open, setOpen] = useState<string | undefined>();
  useFresh(props.lap.pairId, open !== undefined, props.queue);
  // Asked for beforehand: it has to open while the server is away as well.
  useMishaps();
  useKeymap({
    wrong: () => setOpen('wrong'),
    tape: () => setOpen('tape'),
    weigh: () => setOpen('weigh'),
    note: () => setOpen('note'),
  });
  const other = open === undefined ? undefined : others[open];
  const [tool, , title] = TOOLS.find(([id]) => id === open) ?? [];
  const sheet = (
    <Sheet
      open={open !== undefined}
      onOpen={(next) => next || setOpen(undefined)}
      title={other?.title ?? title ?? ''}
      closing={other?.closing ?? shared.close}
      low={Object.keys(others).length > 0}
    >
      <Box key={open} tabIndex={-1} outline="none" ref={other ? undefined : focused}>
        {other?.body(setOpen)}
        {tool && <ToolBody tool={tool} {...props} onClose={() => setOpen(undefined)} />}
      </Box>
    </Sheet>
  );
  return { open: setOpen, sheet };
}

/** What a tool shows is of now: the work is asked for anew as it opens, and once what waited has been heard. */
function useFresh(pairId: string, open: boolean, { waiting }: ToolProps['queue']) {
  const client = useQueryClient();
  const heard = waiting.length === 0;
  useEffect(() => {
    if (open && heard) {
      void client.refetchQueries({ queryKey: ['laps', pairId], exact: true });
    }
  }, [client, pairId, open, heard]);
}

/** The keys go to what took the place of the row that was pressed. */
function focused(element: HTMLElement | null) {
  if (element && document.activeElement === document.body) {
    element.focus();
  }
}
