import './word.css';
import { Box, CloseButton, Popover, Portal } from '@chakra-ui/react';
import {
  useEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type ReactNode,
  type RefObject,
} from 'react';
import { texts } from './texts';

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

/** Keeps two signs on one line. */
const JOINED = '\u2060';

/** A live word of the recipe: press it and its panel opens. */
export function Word(props: WordProps) {
  const { id, title, text, state, problem, after } = props;
  const button = useRef<HTMLSpanElement>(null);
  const [open, setOpen] = useState(false);
  const wasOpen = useRef(false);
  useEffect(() => {
    // Whoever closed the panel from within goes on at its word; whoever pressed elsewhere is there already.
    if (wasOpen.current && !open && document.activeElement === document.body) {
      button.current?.focus();
    }
    wasOpen.current = open;
  }, [open]);
  return (
    <>
      {/* No button of HTML, which never breaks over two lines. */}
      <span
        ref={button}
        role="button"
        // Its sentence says which of its words Tab comes to.
        tabIndex={-1}
        className="word"
        data-word={id}
        data-state-of-word={problem ? 'amiss' : state}
        aria-label={`${text}. ${title}${state === 'own' ? '' : texts.theUsual}${problem ? texts.cannotBeUsed + problem : ''}`}
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            setOpen(!open);
          }
        }}
      >
        {text}
      </span>
      {after && `${JOINED}${after}`}
      {open && <Panel {...props} button={button} onClose={() => setOpen(false)} />}
    </>
  );
}

interface PanelProps extends WordProps {
  button: RefObject<HTMLSpanElement | null>;
  onClose: () => void;
}

/** The panel of an open word; closed ones have none, so that a key in one word costs nothing in the others. */
function Panel({ title, button, onClose, children }: PanelProps) {
  // The same objects at every drawing: a new one would make the panel look for its place anew.
  const [fixed] = useState(() => {
    const word = () => button.current;
    return {
      positioning: { placement: 'bottom-start', getAnchorElement: word } as const,
      persistentElements: [word],
      finalFocusEl: word,
    };
  });
  const body = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Where something is typed, one types at once; else on to the choice that is taken, or the first thing there is.
    const inside = body.current;
    (
      inside?.querySelector<HTMLElement>('input, textarea, select') ??
      inside?.querySelector<HTMLElement>('[aria-pressed="true"]') ??
      inside?.querySelector<HTMLElement>('button')
    )?.focus({ preventScroll: true });
  }, []);
  return (
    <Popover.Root open autoFocus={false} onOpenChange={({ open }) => open || onClose()} {...fixed}>
      <Portal>
        <Popover.Positioner>
          <Popover.Content
            ref={body}
            aria-label={title}
            bg="sheet"
            color="ink"
            borderWidth="1px"
            borderColor="ink"
            boxShadow="lg"
            w="23rem"
            maxW="94vw"
            onKeyDown={(event) => keepTabInside(event, body.current)}
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
              <CloseButton aria-label={texts.close(title)} />
            </Popover.CloseTrigger>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

/** Tab goes round in the panel: what lies behind it is reached by closing it. */
function keepTabInside(event: KeyboardEvent, panel: HTMLElement | null): void {
  if (event.key !== 'Tab' || !panel) {
    return;
  }
  const stops = [
    ...panel.querySelectorAll<HTMLElement>('button, input, select, textarea, a[href]'),
  ].filter((each) => each.tabIndex >= 0 && !each.matches(':disabled'));
  const [first, last] = [stops[0], stops.at(-1)];
  const leaving = event.shiftKey ? first : last;
  const on = event.shiftKey ? last : first;
  if (document.activeElement === leaving || !panel.contains(document.activeElement)) {
    event.preventDefault();
    // The panel's own handling of Tab would leave it for what comes next in the page.
    event.stopPropagation();
    on?.focus();
  }
}

/** Why people choose what they choose, below the choice. */
export function Why({ children }: { children: ReactNode }) {
  return (
    <Box mt={3} fontSize="sm" color="quiet" lineHeight="1.45">
      {children}
    </Box>
  );
}
