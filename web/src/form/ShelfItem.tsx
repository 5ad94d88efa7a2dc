import { Box, Button, Field, Flex, Input } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { Refused } from '../api/client';
import { deleteLater, useLeaving } from '../api/deletions';
import { useKeep, useThrowAway, type ShelfName } from '../api/queries';
import { useTouched } from '../api/tubeQueries';
import { standing } from './standing';
import { ThrowAway } from './ThrowAway';
import { Press } from './Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface Kept {
  id: string;
  version: number;
  name: string;
}

interface ShelfItemProps<K extends Kept, V> {
  shelf: ShelfName;
  /** What is kept; undefined for a new one. */
  kept: K | undefined;
  /** What the name is asked for, such as "Whose foot". */
  nameLabel: string;
  /** The value to begin with. */
  value: V;
  /** What is written besides the name. */
  write: (value: V) => object;
  fields: (
    value: V,
    change: (part: Partial<V>) => void,
    problemAt: (field: string) => string | undefined,
  ) => ReactNode;
  /** Another way to edit: its word, the value it begins with, and what is written besides. */
  again?: { word: string; value: V; write: object };
  /** What is shown while nobody edits. */
  children?: ReactNode;
  onDone?: () => void;
}

/** The ways to edit: to change what is there, or another one. */
type Way = 'change' | 'again';

/** Something on a shelf: shown, edited in place, kept, thrown away. What is refused is said where it was typed. */
export function ShelfItem<K extends Kept, V extends object>(props: ShelfItemProps<K, V>) {
  const { shelf, kept, again, children } = props;
  const [editing, setEditing] = useState<Way | undefined>(
    kept === undefined ? 'change' : undefined,
  );
  // What a form was opened with has the focus again when it closes.
  const [closed, setClosed] = useState<Way>();
  const [added] = useState(() => kept === undefined && document.activeElement);
  const remove = useThrowAway(shelf);
  if (useLeaving(kept?.id)) {
    return null;
  }
  return (
    <Box as="li" py={4} borderBottomWidth="1px" borderColor="line" data-kept={kept?.name}>
      {editing ? (
        <Editor
          {...props}
          {...(editing === 'again' && again
            ? {
                value: again.value,
                write: (value: V) => ({ ...props.write(value), ...again.write }),
              }
            : {})}
          onDone={() => {
            setClosed(editing);
            setEditing(undefined);
            if (added instanceof HTMLElement) {
              added.focus();
            }
            props.onDone?.();
          }}
        />
      ) : (
        <Flex gap={4} align="flex-start" wrap="wrap">
          <Box flex="1 1 20rem" minW={0}>
            <Box as="h2" fontSize="lg" overflowWrap="anywhere">
              {kept?.name}
            </Box>
            {children}
          </Box>
          {kept && (
            <>
              <EditButtons kept={kept} again={again?.word} closed={closed} onEdit={setEditing} />
              <ThrowAway
                name={kept.name}
                onThrowAway={() => deleteLater({ ...kept, send: () => remove.mutateAsync(kept) })}
                goes={() => <Touched id={kept.id} />}
              />
            </>
          )}
        </Flex>
      )}
    </Box>
  );
}

/** What refers to something that is to be deleted, and goes on without it. */
function Touched({ id }: { id: string }) {
  const touched = useTouched(id).data ?? [];
  return touched.map((words) => <p key={words}>{words}</p>);
}

interface EditButtonsProps {
  kept: Kept;
  /** The word of the other way, where there is one. */
  again: string | undefined;
  /** The way that was just closed: its button has the focus again. */
  closed: Way | undefined;
  onEdit: (way: Way) => void;
}

function EditButtons({ kept, again, closed, onEdit }: EditButtonsProps) {
  const ways: readonly [Way, string | undefined][] = [
    ['again', again],
    ['change', texts.edit],
  ];
  return ways.map(
    ([way, word]) =>
      word && (
        <Button
          key={way}
          variant="outline"
          borderColor="ink"
          color="ink"
          minH="44px"
          aria-label={`${word} ${kept.name}`}
          autoFocus={closed === way}
          onClick={() => onEdit(way)}
        >
          {word}
        </Button>
      ),
  );
}

function Editor<K extends Kept, V extends object>(props: ShelfItemProps<K, V>) {
  const { shelf, kept, nameLabel, write, fields, onDone } = props;
  const [name, setName] = useState(kept?.name ?? '');
  const [value, setValue] = useState(props.value);
  const keep = useKeep<K>(shelf);
  const refused = keep.error instanceof Refused ? keep.error : undefined;
  const [sent, setSent] = useState<object | undefined>();
  const now = { name, ...write(value) };
  // What was refused is said until it is corrected, and no longer.
  const problems = standing(refused?.errors ?? [], sent, now);
  const problemAt = (field: string) => problems.find((each) => each.field === field)?.message;
  const corrected = refused !== undefined && refused.errors.length > 0 && problems.length === 0;
  const said = problems.length > 0 ? problems.map(({ message }) => message).join(' ') : undefined;
  const stale = refused?.code === 'stale' ? (refused.current as unknown as K) : undefined;
  const send = (against: Kept | undefined) => {
    setSent(now);
    keep.mutate({ kept: against, write: now }, { onSuccess: onDone });
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        send(kept);
      }}
    >
      <Field.Root invalid={problemAt('name') !== undefined} maxW="24rem" mb={3}>
        <Field.Label fontWeight="600">{nameLabel}</Field.Label>
        <Input
          value={name}
          autoFocus
          maxLength={80}
          size="lg"
          bg="sheet"
          borderColor="quiet"
          onChange={(event) => setName(event.target.value)}
        />
        <Field.ErrorText color="amiss">{problemAt('name')}</Field.ErrorText>
      </Field.Root>
      {fields(value, (part) => setValue({ ...value, ...part }), problemAt)}
      {keep.error && !corrected && (
        <Box role="alert" mt={3} px={3} py={2} bg="amissGround" color="amiss" maxW="40rem">
          <p>{said ?? keep.error.message}</p>
          {stale && (
            <Press look="framed" px={3} mt={1} borderColor="amiss" onClick={() => send(stale)}>
              {shared.keepMine}
            </Press>
          )}
        </Box>
      )}
      <Flex gap={3} mt={4}>
        <Button type="submit" bg="ink" color="sheet" minH="44px" loading={keep.isPending}>
          {texts.save}
        </Button>
        <Button type="button" variant="ghost" color="ink" minH="44px" onClick={onDone}>
          {shared.cancel}
        </Button>
      </Flex>
    </form>
  );
}
