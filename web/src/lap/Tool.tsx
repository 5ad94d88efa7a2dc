import { Box, Grid } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Lap } from '../wire/types';
import type { Queue } from './queue';
import { Press } from '../form/Press';

/** What a tool beside the needles is handed. */
export interface ToolProps {
  lap: Lap;
  sock: number;
  queue: Queue;
  onClose: () => void;
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
    <Press
      look="framed"
      disabled={disabled}
      onClick={onPress}
      minH="56px"
      px={5}
      mt={3}
      bg={disabled || second ? 'transparent' : 'ink'}
      color={disabled ? 'quiet' : second ? 'ink' : 'sheet'}
      borderColor={disabled ? 'line' : 'ink'}
      cursor={disabled ? 'default' : 'pointer'}
      fontWeight="650"
    >
      {children}
    </Press>
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
