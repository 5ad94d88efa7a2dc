import { Box, Flex, Link } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Link as RouteLink } from 'react-router';
import type { Work } from '../wire/types';
import { JumpTo } from './JumpTo';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';

interface UnderneathProps {
  pairId: string;
  work: Work;
  position: number;
  canUndo: boolean;
  onUndo: () => void;
  /** Makes again what was taken back; left out where nothing was. */
  onRedo: (() => void) | undefined;
  onJump: (to: number) => void;
  /** What comes next, in words. */
  next: ReactNode;
}

/** The row under the press: undo, what comes next, another place, the plan. */
export function Underneath(props: UnderneathProps) {
  const { pairId, work, position, canUndo, onUndo, onRedo, onJump, next } = props;
  return (
    <Flex align="center" gap={3} wrap="wrap" minH="72px">
      <Press
        look="framed"
        onClick={onUndo}
        aria-disabled={!canUndo}
        minH="72px"
        minW="96px"
        borderColor={canUndo ? 'ink' : 'line'}
        color={canUndo ? 'ink' : 'quiet'}
        fontWeight="600"
      >
        {shared.undo}
      </Press>
      {onRedo && (
        <Press look="framed" onClick={onRedo} minH="72px" minW="80px" fontWeight="600">
          {shared.redo}
        </Press>
      )}
      <Box flex={{ base: '1 0 100%', md: '1 1 9rem' }} order={{ base: -1, md: 0 }} minW={0}>
        {next}
      </Box>
      <JumpTo work={work} position={position} onJump={onJump} />
      <Link asChild color="chosen" textDecoration="underline" minH="44px" alignItems="center">
        <RouteLink to={`/pairs/${pairId}`}>{shared.plan}</RouteLink>
      </Link>
    </Flex>
  );
}
