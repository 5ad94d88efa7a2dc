import { Box } from '@chakra-ui/react';
import { choiceOf, withChoice } from '../draft/draft';
import { PlainSelect } from '../form/PlainSelect';
import { useSaid } from '../units/useSaid';
import type { StripePlan } from '../wire/types';
import { OptionWord } from './OptionWord';
import type { WordsProps } from './props';
import { Sentence } from './Sentence';
import { Why } from './Word';
import { texts } from './texts';

/** What is done about the bands of a striping yarn; nothing where the yarn has one colour. */
export function StripeWords(words: WordsProps) {
  const { plan } = words;
  const { stripes } = plan;
  const handed = (path: string) => plan.recipe.options.some((option) => option.path === path);
  if (!stripes || plan.tube.way.id === 'READY_TUBE') {
    return null;
  }
  const [heel, toe] = [handed('colour.heel'), handed('colour.toe')];
  return (
    <Sentence name={texts.stripes}>
      {texts.theSecondSock}
      <SecondWord {...words} stripes={stripes} after={heel || toe ? undefined : '.'} />
      {heel && (
        <>
          {texts.eachHeelBegins}
          <PartWord {...words} stripes={stripes} part="heel" after={toe ? undefined : '.'} />
        </>
      )}
      {toe && (
        <>
          {heel ? texts.eachToe : texts.eachToeBegins}
          <PartWord {...words} stripes={stripes} part="toe" after="." />
        </>
      )}
      {handed('colour.knots') && (
        <>
          {texts.atAKnot}
          <OptionWord {...words} id="knots" choice="colour.knots" after="." />
        </>
      )}
    </Sentence>
  );
}

interface StripeWordProps extends WordsProps {
  stripes: StripePlan;
  after: string | undefined;
}

/** How the second sock begins. */
function SecondWord({ stripes, after, ...words }: StripeWordProps) {
  const second = stripes.socks[1];
  const handed = words.plan.recipe.options.find(({ path }) => path === 'colour.second');
  const chosen = handed?.taken;
  const first = second?.startBand ?? 0;
  return (
    <OptionWord
      {...words}
      id="second-sock"
      choice="colour.second"
      after={after}
      along={() => ({ 'colour.secondBand': undefined })}
      text={(phrase) =>
        chosen === 'OWN_BAND' ? texts.beginsWith(stripes.bands[first]?.name ?? '') : phrase
      }
    >
      <BandChoice
        {...words}
        stripes={stripes}
        choice="colour.secondBand"
        label={chosen === 'OTHER_END' ? texts.theColourThatShowsAt : texts.itBeginsWith}
        shown={chosen === 'OWN_BAND' || chosen === 'OTHER_END'}
        usual={chosen === 'OTHER_END' ? '' : String(first + 1)}
      />
      <Wound stripes={stripes} what="SOCK" />
    </OptionWord>
  );
}

/** What a heel or a toe begins with. */
function PartWord({ stripes, part, after, ...words }: StripeWordProps & { part: 'heel' | 'toe' }) {
  const band = `colour.${part}Band` as const;
  const own = choiceOf(words.draft, `colour.${part}`) === 'BAND';
  const name = stripes.bands[Number(choiceOf(words.draft, band) ?? 1) - 1]?.name ?? '';
  return (
    <OptionWord
      {...words}
      id={`${part}-colour`}
      choice={`colour.${part}`}
      after={after}
      along={() => ({ [band]: undefined })}
      text={(phrase) => (own ? texts.with(name) : phrase)}
    >
      <BandChoice
        {...words}
        stripes={stripes}
        choice={band}
        label={texts.itBeginsWith}
        shown={own}
      />
      <Wound stripes={stripes} what={part === 'heel' ? 'HEEL' : 'TOE'} />
    </OptionWord>
  );
}

interface BandChoiceProps extends WordsProps {
  stripes: StripePlan;
  choice: 'colour.secondBand' | 'colour.heelBand' | 'colour.toeBand';
  label: string;
  shown: boolean;
  /** The band that is taken where none is chosen; empty where it must be chosen. */
  usual?: string;
}

function BandChoice(props: BandChoiceProps) {
  const { stripes, choice, label, shown, usual = '1', draft, onChange } = props;
  if (!shown) {
    return null;
  }
  return (
    <Box mt={3} maxW="16rem">
      <PlainSelect
        label={label}
        value={String(choiceOf(draft, choice) ?? usual)}
        options={[
          ...(usual === '' ? [{ value: '', text: texts.notChosenYet }] : []),
          ...stripes.bands.map(({ name }, i) => ({
            value: String(i + 1),
            text:
              stripes.bands.filter((band) => band.name === name).length > 1
                ? `${name} (${i + 1})`
                : name,
          })),
        ]}
        onChange={(band) => onChange(withChoice(draft, choice, Number(band) || undefined))}
      />
    </Box>
  );
}

interface WoundProps {
  stripes: StripePlan;
  what: StripePlan['winding'][number]['what'];
}

/** What is wound off for one thing, of both socks. */
function Wound({ stripes, what }: WoundProps) {
  const say = useSaid();
  const all = stripes.winding.filter((due) => due.what === what).map(({ said }) => say(said));
  return [...new Set(all)].map((said) => <Why key={said}>{said}</Why>);
}
