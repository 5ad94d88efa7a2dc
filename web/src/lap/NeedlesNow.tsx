import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { useKeymap } from '../form/keymap';
import { Press } from '../form/Press';
import { KINDS, type Kind } from '../settings/kinds';
import { changeSettings, useSettings } from '../settings/settings';
import { NeedlesDrawing } from './NeedlesDrawing';
import type { Needles } from '../wire/types';
import { needlesAt, type Place } from './place';
import { texts } from './texts';

/** Steps that need no drawing until it is asked for: plain knitting, and what is done once no loop is live. */
const PLAIN: readonly Place['step']['doing'][] = ['ROUNDS', 'FINISH', 'BEGIN'];

/** What is on the needles before the next press: open where more than plain knitting is done, else one press away. */
export function NeedlesNow({ place, then }: { place: Place; then?: Needles | undefined }) {
  const reader = useSettings();
  const [asked, setAsked] = useState<boolean>();
  const [step, setStep] = useState(place.step.id);
  const [isThen, setThen] = useState(false);
  if (step !== place.step.id) {
    setStep(place.step.id);
    setAsked(undefined);
    setThen(false);
  }
  const open = asked ?? !PLAIN.includes(place.step.doing);
  const needles = needlesAt(place.step, place.done);
  const turn = () => setAsked(!open);
  useKeymap({ needles: turn });
  if (!needles || needles.words.length === 0) {
    return null;
  }
  return (
    <>
      <Press
        look="told"
        position="absolute"
        top={1}
        left={2}
        minH="44px"
        px={2}
        fontSize="sm"
        aria-expanded={open}
        title={texts.needlesKey}
        onClick={turn}
      >
        {texts.needles}
      </Press>
      {open && (
        <Box as="section" aria-label={texts.needlesNow} pt={2}>
          <NeedlesDrawing needles={(isThen && then) || needles} reader={reader} />
          <MyNeedles kind={reader.kind} />
          {then && (
            <Press
              look="told"
              minH="44px"
              px={2}
              fontSize="sm"
              aria-pressed={isThen}
              onClick={() => setThen(!isThen)}
            >
              {isThen ? texts.needlesBefore : texts.needlesAfter}
            </Press>
          )}
        </Box>
      )}
    </>
  );
}

/** Which kind of needles it is drawn for; another is a press away. */
function MyNeedles({ kind }: { kind: Kind }) {
  const next = KINDS[(KINDS.indexOf(kind) + 1) % KINDS.length] ?? kind;
  return (
    <Press
      look="told"
      minH="44px"
      px={2}
      fontSize="sm"
      title={texts.changeKind}
      onClick={() => changeSettings({ kind: next })}
    >
      {texts.onKind[kind]}
    </Press>
  );
}
