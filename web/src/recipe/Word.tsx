import { Box, chakra, CloseButton, Popover, Portal } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** Whether a word was measured or chosen, or is the usual one, or cannot be used. */
export type WordState = 'own' | 'usual';

interface WordProps {
  /** Stable name for links and tests. */
  id: string;
  /** What the word stands for. */
  title: string;
  text: string;
  state: WordState;
  problem?: string | undefined;
  /** A sign that stays on the line of the word. */
  after?: string | undefined;
  children: ReactNode;
}

/** A live word of the recipe: press it and its panel opens. */
export function Word({ id, title, text, state, problem, after, children }: WordProps) {
  const own = state === 'own';
  return (
    <Popover.Root lazyMount unmountOnExit positioning={{ placement: 'bottom-start' }}>
      <span style={{ whiteSpace: 'nowrap' }}>
        <Popover.Trigger asChild>
          <chakra.button
            type="button"
            data-word={id}
            data-state-of-word={problem ? 'amiss' : state}
            aria-label={`${text}. ${title}${own ? '' : ', the usual'}${problem ? '. Cannot be used: ' + problem : ''}`}
            cursor="pointer"
            whiteSpace="normal"
            textAlign="left"
            fontWeight={own ? '650' : '400'}
            color={problem ? 'amiss' : 'chosen'}
            bg={problem ? 'amissGround' : undefined}
            textDecorationLine="underline"
            textDecorationStyle={problem ? 'wavy' : own ? 'solid' : 'dotted'}
            textDecorationThickness={own ? '2px' : '1.5px'}
            textUnderlineOffset="4px"
            _hover={{ bg: problem ? 'amissGround' : 'chosenGround' }}
            _expanded={{ bg: 'chosenGround' }}
          >
            {text}
          </chakra.button>
        </Popover.Trigger>
        {after}
      </span>
      <Portal>
        <Popover.Positioner>
          <Popover.Content
            aria-label={title}
            bg="sheet"
            color="ink"
            borderWidth="1px"
            borderColor="ink"
            boxShadow="lg"
            w="23rem"
            maxW="94vw"
          >
            <Popover.Body p={4} fontSize="md">
              <Popover.Title asChild>
                <Box as="h3" fontSize="md" mb={2} pr={10}>
                  {title}
                </Box>
              </Popover.Title>
              {children}
            </Popover.Body>
            <Popover.CloseTrigger asChild position="absolute" top={1} right={1}>
              <CloseButton aria-label={`Close ${title}`} />
            </Popover.CloseTrigger>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

/** Why people choose what they choose, below the choice. */
export function Why({ children }: { children: ReactNode }) {
  return (
    <Box mt={3} fontSize="sm" color="quiet" lineHeight="1.45">
      {children}
    </Box>
  );
}
