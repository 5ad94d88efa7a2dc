import { Box, Button, chakra, Flex, Input, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { PlainSelect } from '../form/PlainSelect';
import { useAddNote, useNoteChoices } from '../api/logQueries';
import { usePair } from '../api/queries';
import type { LogNoteWrite } from '../wire/types';
import { today } from '../units/days';
import { shared } from '../texts/shared';
import { capital } from '../texts/capital';
import { texts } from './texts';

const PLACES = [
  { value: 'TOE', text: 'toe' },
  { value: 'FOOT', text: 'foot' },
  { value: 'HEEL', text: 'heel' },
  { value: 'LEG', text: 'leg' },
  { value: 'CUFF', text: 'cuff' },
] as const;

const SOCKS = [
  { value: '', text: 'both' },
  { value: '1', text: 'first' },
  { value: '2', text: 'second' },
] as const;

const FEET = [
  { value: '', text: 'both' },
  { value: '1', text: texts.theFirstFoot },
  { value: '2', text: texts.theOtherFoot },
] as const;

const OTHER = 'OTHER';

/** Notes how a pair fits or wears. */
export function AddNote({ pairId, name }: { pairId: string; name: string }) {
  const [open, setOpen] = useState<boolean>();
  const note = useNote();
  return open ? (
    <NoteForm pairId={pairId} note={note} onClose={() => setOpen(false)} />
  ) : (
    <Button
      variant="outline"
      borderColor="ink"
      color="ink"
      minH="44px"
      mt={2}
      mr={4}
      autoFocus={open === false}
      aria-label={`${texts.noteHowItFitsOr}: ${name}`}
      onClick={() => setOpen(true)}
    >
      {texts.noteHowItFitsOr}
    </Button>
  );
}

/** What was typed so far; it is there again when the form was cancelled and is opened anew. */
function useNote() {
  const [said, setSaid] = useState('');
  const [place, setPlace] = useState<(typeof PLACES)[number]['value']>('HEEL');
  const [sock, setSock] = useState<(typeof SOCKS)[number]['value']>('');
  const [words, setWords] = useState('');
  const [on, setOn] = useState(today);
  return { said, setSaid, place, setPlace, sock, setSock, words, setWords, on, setOn };
}

interface NoteFormProps {
  pairId: string;
  note: ReturnType<typeof useNote>;
  onClose: () => void;
}

function NoteForm({ pairId, note: typed, onClose }: NoteFormProps) {
  const { fit = [], wear = [] } = useNoteChoices().data ?? {};
  const add = useAddNote(pairId);
  const unlike = usePair(pairId).data?.spec.otherFoot !== undefined;
  const { said, setSaid, place, setPlace, sock, setSock, words, setWords, on, setOn } = typed;
  const fitting = fit.find(({ code }) => code === said);
  const wearing = wear.find(({ code }) => code === said);
  const chosen = fitting ?? wearing;
  const keep = () =>
    add.mutate(written(typed, fitting, wearing), {
      onSuccess: () => {
        setSaid('');
        setWords('');
        onClose();
      },
    });
  return (
    <Box borderWidth="1px" borderColor="line" p={3} mt={2} maxW="36rem">
      <Flex gap={3} wrap="wrap">
        <KindOfNote fit={fit} wear={wear} said={said} onSay={setSaid} />
        {wearing && (
          <>
            <PlainSelect label={texts.where} value={place} options={PLACES} onChange={setPlace} />
            <PlainSelect label={shared.whichSock} value={sock} options={SOCKS} onChange={setSock} />
          </>
        )}
        {fitting && unlike && (
          <PlainSelect label={texts.onWhichFoot} value={sock} options={FEET} onChange={setSock} />
        )}
        <NoticedOn on={on} onNotice={setOn} />
      </Flex>
      {chosen && (
        <Box fontSize="sm" color="quiet" mt={1}>
          {`${capital(chosen.description)}.`}
        </Box>
      )}
      <Words words={words} onWords={setWords} />
      <Box role="alert" color="amiss">
        {add.error?.message}
      </Box>
      <Flex gap={3} mt={2}>
        <Button
          bg="ink"
          color="sheet"
          minH="48px"
          disabled={said === '' || (said === OTHER && words.trim() === '')}
          loading={add.isPending}
          onClick={keep}
        >
          {shared.saveNote}
        </Button>
        <Button variant="outline" borderColor="line" color="ink" minH="48px" onClick={onClose}>
          {shared.cancel}
        </Button>
      </Flex>
    </Box>
  );
}

interface WordsProps {
  words: string;
  onWords: (words: string) => void;
}

function Words({ words, onWords }: WordsProps) {
  return (
    <Textarea
      aria-label={texts.inYourOwnWords}
      placeholder={texts.inYourOwnWords}
      rows={2}
      mt={2}
      maxLength={2000}
      bg="sheet"
      borderColor="quiet"
      value={words}
      onChange={(event) => onWords(event.target.value)}
    />
  );
}

/** What was typed, as it is sent: the place is told of wear alone. */
function written(typed: NoteFormProps['note'], fitting?: Kind, wearing?: Kind): LogNoteWrite {
  const { said, place, sock, words, on } = typed;
  return {
    kind: fitting ? 'FIT' : wearing ? 'WEAR' : 'OTHER',
    ...(fitting && { fit: said as NonNullable<LogNoteWrite['fit']> }),
    ...(wearing && { wear: said as NonNullable<LogNoteWrite['wear']>, section: place }),
    ...((wearing ?? fitting) && sock && { sock: Number(sock) }),
    words,
    on,
  };
}

type Kind = Kinds[number];
type Kinds = NonNullable<ReturnType<typeof useNoteChoices>['data']>['fit'];

interface KindOfNoteProps {
  fit: Kinds;
  wear: Kinds;
  said: string;
  onSay: (code: string) => void;
}

function KindOfNote({ fit, wear, said, onSay }: KindOfNoteProps) {
  return (
    <Box asChild flex="1 1 14rem" fontWeight="600">
      <label>
        {texts.kindOfNote}
        <chakra.select
          minH="48px"
          px={2}
          bg="sheet"
          color="ink"
          borderWidth="1px"
          borderColor="quiet"
          w="100%"
          fontWeight="400"
          value={said}
          autoFocus
          onChange={(event) => onSay(event.target.value)}
        >
          <option value="">{texts.choose}</option>
          <Choices label={texts.howItFits} kinds={fit} />
          <Choices label={texts.howItWears} kinds={wear} />
          <option value={OTHER}>{texts.anythingElse}</option>
        </chakra.select>
      </label>
    </Box>
  );
}

function Choices({ label, kinds }: { label: string; kinds: Kinds }) {
  return (
    <optgroup label={label}>
      {kinds.map(({ code, title }) => (
        <option key={code} value={code}>
          {title}
        </option>
      ))}
    </optgroup>
  );
}

function NoticedOn({ on, onNotice }: { on: string; onNotice: (day: string) => void }) {
  return (
    <Box asChild flex="1 1 9rem" fontWeight="600">
      <label>
        {texts.noticedOn}
        <Input
          type="date"
          minH="48px"
          bg="sheet"
          borderColor="quiet"
          fontWeight="400"
          value={on}
          max={today()}
          onChange={(event) => onNotice(event.target.value || today())}
        />
      </label>
    </Box>
  );
}
