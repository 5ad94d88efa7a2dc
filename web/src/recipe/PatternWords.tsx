import { Box, Field, Textarea } from '@chakra-ui/react';
import { choiceOf, withChoices } from '../draft/draft';
import { Repeat } from '../fabric/Repeat';
import { useRested } from '../form/useRested';
import { useSettings } from '../settings/settings';
import { decimal } from '../units/units';
import { ChoiceWord } from './ChoiceWord';
import { OptionWord } from './OptionWord';
import type { WordsProps } from './props';
import { Why, Word } from './Word';
import { YesNoWord } from './YesNoWord';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** A repeat of one's own, to begin with. */
const FIRST = 4;

const NO_REPEAT = {
  'pattern.width': undefined,
  'pattern.height': undefined,
  'pattern.rows': undefined,
};

const NO_PATTERN = {
  ...NO_REPEAT,
  'pattern.motif': undefined,
  'pattern.edge': undefined,
  'pattern.pause': undefined,
  'pattern.whole': undefined,
  'pattern.swatched': undefined,
};

/** What is patterned, and how; one word where nothing is. */
export function PatternWords(words: WordsProps) {
  const { pattern } = words.plan;
  return (
    <>
      <OptionWord
        {...words}
        id="pattern"
        choice="pattern.place"
        after={pattern ? ':' : '.'}
        along={(place) => (place === '' || place === 'PLAIN' ? NO_PATTERN : {})}
      />
      {pattern && (
        <>
          {' '}
          <OptionWord
            {...words}
            id="motif"
            choice="pattern.motif"
            along={(motif) => (motif === 'OWN' ? firstSize(words) : NO_REPEAT)}
          />
          {pattern.made.motif === 'OWN' && <OwnRepeat {...words} />}
          {pattern.across && (
            <>
              {', '}
              <ChoiceWord
                {...words}
                id="pattern-edge"
                choice="pattern.edge"
                kind="whole"
                unit={shared.sts}
                text={(sts) => texts.edge(sts || 'no', sts)}
                tryTitle={(sts) => texts.atEitherEdge(sts)}
              />
            </>
          )}
          {', '}
          <ChoiceWord
            {...words}
            id="pattern-pause"
            choice="pattern.pause"
            kind="whole"
            unit={shared.rounds2}
            text={(rounds) => texts.plainFromTheHeelLine(rounds)}
          />
          {pattern.up && pattern.made.height.value > 1 && (
            <>
              {', '}
              <YesNoWord {...words} id="pattern-whole" choice="pattern.whole" />
            </>
          )}
          {', '}
          <YesNoWord {...words} id="pattern-swatched" choice="pattern.swatched" after="." />
        </>
      )}
    </>
  );
}

/** A repeat of one's own needs a size to begin with, unless it has one. */
function firstSize({ draft }: WordsProps) {
  const has =
    choiceOf(draft, 'pattern.rows') !== undefined || choiceOf(draft, 'pattern.width') !== undefined;
  return has ? {} : { 'pattern.width': FIRST, 'pattern.height': FIRST };
}

/** Width and height of a repeat, or its rounds written out. */
function OwnRepeat(words: WordsProps) {
  const { made } = words.plan.pattern ?? {};
  const written = made?.chart !== undefined;
  return (
    <>
      {!written && (
        <>
          {texts.of}
          <ChoiceWord
            {...words}
            id="pattern-width"
            choice="pattern.width"
            kind="whole"
            unit={shared.sts}
            text={(sts) => texts.sts(sts)}
          />
          {texts.and2}
          <ChoiceWord
            {...words}
            id="pattern-height"
            choice="pattern.height"
            kind="whole"
            unit={shared.rounds2}
            text={(rounds) => texts.rounds4(rounds)}
          />
        </>
      )}
      {', '}
      <Rows {...words} />
    </>
  );
}

/** The repeat round by round, in a knitter's words, and as it looks. */
function Rows({ draft, plan, onChange, problemAt }: WordsProps) {
  const { hand } = useSettings();
  const { pattern } = plan;
  const text = choiceOf(draft, 'pattern.rows') ?? '';
  const made = pattern?.made;
  const rows = made?.chart?.rows ?? [];
  const problem = problemAt('choices.pattern.rows');
  const [rested, leave] = useRested(text);
  const size = made ? texts.stsRounds(made.width.value, made.height.value) : '';
  return (
    <Word
      id="pattern-rows"
      title={texts.theRepeatRoundByRound}
      text={rows.length > 0 ? texts.writtenOut(size) : texts.notWrittenOut}
      state={text ? 'own' : 'usual'}
      problem={problem}
    >
      <Field.Root invalid={rested && problem !== undefined}>
        <Field.Label fontWeight="600">{texts.oneRoundALineThe}</Field.Label>
        <Textarea
          rows={6}
          maxLength={12000}
          bg="sheet"
          borderColor="quiet"
          spellCheck={false}
          placeholder={texts.patternExample}
          value={text}
          onBlur={leave}
          onChange={(event) => {
            const next = event.target.value;
            const empty = next.trim() === '';
            onChange(
              withChoices(draft, {
                'pattern.rows': empty ? undefined : next,
                'pattern.width': empty ? (made?.width.value ?? FIRST) : undefined,
                'pattern.height': empty ? (made?.height.value ?? FIRST) : undefined,
              }),
            );
          }}
        />
        {rested && <Field.ErrorText color="amiss">{problem}</Field.ErrorText>}
      </Field.Root>
      {rows.length > 0 && (
        <Box mt={3}>
          <Repeat rows={rows} leftHanded={hand === 'left'} most={24} />
        </Box>
      )}
      <Why>
        {[
          pattern?.around && texts.repeatsAroundTheLeg(decimal(pattern.around.value, 1)),
          pattern?.across && texts.acrossTheInstep(decimal(pattern.across.value, 1)),
          pattern?.up && texts.upTheLeg(decimal(pattern.up.value, 1)),
          texts.kKnitPPurlYo,
        ]
          .filter(Boolean)
          .join(' ')}
      </Why>
    </Word>
  );
}
