import { Box, Flex } from '@chakra-ui/react';
import type { KeyboardEvent, ReactNode } from 'react';
import type { Verdict } from '../wire/types';
import { LinkButton } from '../form/LinkButton';
import { Press } from '../form/Press';
import { texts } from './texts';

interface FrameProps {
  task: string;
  drawing: ReactNode;
  verdict: Verdict | undefined;
  wrong: number;
  /** What there is to press. */
  children: ReactNode;
  onAnother: () => void;
}

/** A piece with its task, what there is to press, and what the last guess was worth. */
export function Frame({ task, drawing, verdict, wrong, children, onAnother }: FrameProps) {
  return (
    <Box bg="sheet" borderWidth="1px" borderColor="line" p={{ base: 3, md: 5 }}>
      <Box as="h2" fontSize="lg" maxW="46rem">
        {task}
      </Box>
      <Flex gap={6} mt={3} direction={{ base: 'column', lg: 'row' }}>
        <Box flex={{ base: 'none', lg: '1 1 34rem' }} minW={0}>
          {drawing}
        </Box>
        <Flex direction="column" flex={{ base: 'none', lg: '1 1 20rem' }}>
          {children}
          <Box
            role="status"
            // On a phone it stands between the drawing and the answers, and lies over neither.
            order={{ base: -1, lg: 0 }}
            mt={{ base: 0, lg: 4 }}
            mb={{ base: 4, lg: 0 }}
            minH={{ base: '3.2em', lg: '5.5em' }}
            pl={3}
            borderLeftWidth="4px"
            borderColor={!verdict ? 'line' : verdict.right ? 'live' : 'amiss'}
            data-testid="verdict"
            data-right={verdict?.right}
          >
            {verdict ? (
              <>
                <strong>{verdict.right ? texts.right : texts.notQuite}</strong> {verdict.words}
              </>
            ) : (
              <Box as="span" color="quiet">
                {texts.pickOneToSeeWhy}
              </Box>
            )}
          </Box>
          <Flex align="center" gap={4} mt={2} color="quiet" fontSize="sm">
            <span data-testid="wrong">
              {wrong === 0 ? texts.noMistakesYet : texts.soFar(wrong)}
            </span>
            <LinkButton onClick={onAnother}>{texts.newPiece}</LinkButton>
          </Flex>
        </Flex>
      </Flex>
    </Box>
  );
}

/** One of the answers there are. */
export function Answer({
  children,
  hint,
  onPress,
  disabled = false,
}: {
  children: ReactNode;
  hint?: string;
  onPress: () => void;
  disabled?: boolean;
}) {
  return (
    <Press
      look="framed"
      disabled={disabled}
      onClick={onPress}
      display="flex"
      alignItems="center"
      gap={3}
      w="100%"
      minH="56px"
      mb={2}
      px={3}
      textAlign="left"
      borderColor={disabled ? 'line' : 'ink'}
      color={disabled ? 'quiet' : 'ink'}
      cursor={disabled ? 'default' : 'pointer'}
    >
      {hint && (
        <Box as="span" color="quiet" fontSize="sm" aria-hidden>
          {hint}
        </Box>
      )}
      <span>{children}</span>
    </Press>
  );
}

interface FabricProps {
  label: string;
  /** Id of what says where the cursor is. */
  by: string;
  maxW?: string;
  onKeyDown: (event: KeyboardEvent) => void;
  /** Called with the piece once it is there. */
  onShown?: (piece: HTMLElement | null) => void;
  children: ReactNode;
}

/** A piece that is gone over by the arrow keys. */
export function Fabric({ label, by, maxW, onKeyDown, onShown, children }: FabricProps) {
  return (
    <Box
      ref={onShown}
      overflowX="auto"
      role="application"
      aria-label={label}
      aria-describedby={by}
      tabIndex={0}
      onKeyDown={onKeyDown}
      maxW={maxW}
    >
      {children}
    </Box>
  );
}
