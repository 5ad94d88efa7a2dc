import { Box } from '@chakra-ui/react';
import { memo } from 'react';
import { useSettings } from '../settings/settings';
import { choiceOf } from '../draft/draft';
import { decimal, gaugeSpanText } from '../units/units';
import { useRested } from '../form/useRested';
import { ChoiceWord } from './ChoiceWord';
import { ContrastWord } from './ContrastWord';
import { FabricWord } from './FabricWord';
import type { Plan } from '../wire/types';
import type { RecipeProps, WordsProps } from './props';
import { FootWords } from './FootWords';
import { GraftWords } from './GraftWords';
import { OptionWord } from './OptionWord';
import { PatternWords } from './PatternWords';
import { fromWordToWord, Sentence } from './Sentence';
import { ShapingWords } from './ShapingWords';
import { StripeWords } from './StripeWords';
import { StitchesWord } from './StitchesWord';
import { SwatchWord } from './SwatchWord';
import { LegWords, TubeWords } from './TubeWords';
import { YarnWord } from './YarnWord';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** The plan's inputs as one paragraph whose underlined words are live. */
export const Recipe = memo(function Recipe(props: RecipeProps) {
  const { problems } = props;
  const problemAt = (field: string) => problems.find((each) => each.field === field)?.message;
  // What cannot be used is said at its word at once, and here when the typing pauses.
  const told = problems.map(({ field, message }) => field + message).join();
  const [rested] = useRested(told);
  const words: WordsProps = { ...props, problemAt };
  return (
    <Box>
      <Box fontSize={{ base: 'lg', md: 'md' }} lineHeight={{ base: '1.7', md: '1.6' }} maxW="80rem">
        <Paragraph {...words} />{' '}
        <Box
          as="p"
          display={{ base: 'block', md: 'inline' }}
          fontSize={{ base: 'sm', md: 'xs' }}
          color="quiet"
          className="no-print"
        >
          {texts.boldWordsAreYourChoices}
        </Box>
      </Box>
      {rested && problems.length > 0 && (
        <Box
          role="alert"
          mt={2}
          px={3}
          py={2}
          bg="amissGround"
          color="amiss"
          borderLeftWidth="4px"
          borderColor="amiss"
        >
          {problems.map((problem) => (
            <p key={problem.field + problem.code}>{problem.message}</p>
          ))}
          <p>{texts.showingYourLastValidPlan}</p>
        </Box>
      )}
    </Box>
  );
});

/** Whether a count of one's own makes the sock as large as the foot, or the ease does. */
function sameSize({ plan, draft }: WordsProps): boolean {
  const own = choiceOf(draft, 'size.stitches') !== undefined || plan.tube.way.id === 'READY_TUBE';
  const ease = plan.recipe.numbers.find(({ path }) => path === 'size.ease')?.taken ?? 0;
  return Math.round((own ? plan.stitchCount.realEase.value : ease) * 1000) === 0;
}

/** How much smaller the sock is than the foot. */
function EaseWord(words: WordsProps) {
  const { plan, draft } = words;
  // A stitch count of one's own decides; then the ease is what that count gives.
  const own = choiceOf(draft, 'size.stitches') !== undefined || plan.tube.way.id === 'READY_TUBE';
  return (
    <ChoiceWord
      {...words}
      id="ease"
      choice="size.ease"
      overruledBy="size.stitches"
      kind="percent"
      unit={shared.smaller}
      text={(taken) => easeText(own ? plan.stitchCount.realEase.value : taken)}
      tryTitle={easeText}
    />
  );
}

/** All words in their order. */
function Paragraph(words: WordsProps) {
  const { plan } = words;
  const { lengths } = useSettings();
  return (
    <Box
      as="p"
      display={{ base: 'block', md: 'inline' }}
      data-testid="recipe"
      onKeyDown={fromWordToWord}
    >
      <Sentence name={texts.footAndYarn}>
        {texts.for}
        <FootWords {...words} />
        {texts.in2}
        <YarnWord {...words} />
        {', '}
        <ContrastWord {...words} />
      </Sentence>
      <Sentence name={texts.gaugeAndSize}>
        {texts.at}
        <SwatchWord what="stitches" {...words} />
        {texts.and3} <SwatchWord what="rounds" {...words} />
        {texts.per}
        {gaugeSpanText(lengths)}, <FabricWord {...words} />, <EaseWord {...words} />{' '}
        {sameSize(words) ? texts.theFoot : texts.thanTheFoot}
        <StitchesWord {...words} />{' '}
      </Sentence>
      <TubeWords {...words} />
      <Sentence name={texts.heel}>
        {texts.theAfterthoughtHeelIs}
        <ShapingWords {...words} name="heel" />.{' '}
      </Sentence>
      <Sentence name={texts.legAndCuff}>
        <LegWords {...words} />
      </Sentence>
      <Sentence name={texts.toe}>
        {texts.theToeIs} <ShapingWords {...words} name="toe" />.{' '}
      </Sentence>
      <GraftWords {...words} />
      <StripeWords {...words} />
      {mayBePatterned(plan) && (
        <Sentence name={texts.pattern}>
          {texts.theSockIs}
          <PatternWords {...words} />
        </Sentence>
      )}
      <Sentence name={texts.theTwoSocks}>
        {texts.knitTheTwoSocks}
        <OptionWord {...words} id="order" choice="order" after="," />
        {texts.theHeel}
        <OptionWord {...words} id="heel-when" choice="technique.heelWhen" after="." />
      </Sentence>
    </Box>
  );
}

/** A ready tube is as it was knitted. */
const mayBePatterned = ({ recipe }: Plan): boolean =>
  recipe.options.some(({ path }) => path === 'pattern.place');

function easeText(ease: number): string {
  if (Math.round(ease * 1000) === 0) {
    return texts.theSameSizeAs;
  }
  return ease < 0 ? texts.larger(decimal(-ease * 100, 1)) : texts.smaller(decimal(ease * 100, 1));
}
