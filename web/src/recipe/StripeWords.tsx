import { Box } from '@chakra-ui/react';
import { choiceOf, withChoice, type ChoicePath } from '../draft/draft';
import { PlainSelect } from '../form/PlainSelect';
import { useSettings } from '../settings/settings';
import type { Figure, StripePlan } from '../wire/types';
import { figureText } from '../units/units';
import { OptionWord } from './OptionWord';
import type { WordsProps } from './props';
import { Why } from './Word';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** What is done about the bands of a striping yarn; nothing where the yarn has one colour. */
export function StripeWords(words: WordsProps) {
  const { lengths } = useSettings();
  const { plan } = words;
  const { stripes } = plan;
  const handed = (path: string) => plan.recipe.options.some((option) => option.path === path);
  if (!stripes || plan.tube.way.id === 'READY_TUBE') {
    return null;
  }
  const second = stripes.socks[1];
  const chosen = (path: ChoicePath) => choiceOf(words.draft, path);
  const bandName = (path: ChoicePath) => stripes.bands[Number(chosen(path) ?? 1) - 1]?.name ?? '';
  return (
    <>
      {texts.theSecondSockIs}
      <OptionWord
        {...words}
        id="second-sock"
        choice="colour.second"
        after={handed('colour.heel') || handed('colour.toe') ? undefined : '.'}
        along={() => ({ 'colour.secondBand': undefined })}
        text={(phrase) =>
          chosen('colour.second') === 'OWN_BAND'
            ? texts.begunWith(stripes.bands[second?.startBand ?? 0]?.name ?? '')
            : phrase
        }
      >
        <BandChoice
          {...words}
          stripes={stripes}
          choice="colour.secondBand"
          label={
            choiceOf(words.draft, 'colour.second') === 'OTHER_END'
              ? texts.theColourThatShowsAt
              : texts.itBeginsWith
          }
          shown={['OWN_BAND', 'OTHER_END'].includes(choiceOf(words.draft, 'colour.second') ?? '')}
          usual={
            chosen('colour.second') === 'OTHER_END' ? '' : String((second?.startBand ?? 0) + 1)
          }
        />
        <Wound figure={second?.windOff} what={shared.beforeTheSecondSock} lengths={lengths} />
      </OptionWord>
      {handed('colour.heel') && (
        <>
          {texts.eachHeelBegins}
          <OptionWord
            {...words}
            id="heel-colour"
            choice="colour.heel"
            after={handed('colour.toe') ? undefined : '.'}
            along={() => ({ 'colour.heelBand': undefined })}
            text={(phrase) =>
              chosen('colour.heel') === 'BAND' ? texts.with(bandName('colour.heelBand')) : phrase
            }
          >
            <BandChoice
              {...words}
              stripes={stripes}
              choice="colour.heelBand"
              label={texts.itBeginsWith}
              shown={choiceOf(words.draft, 'colour.heel') === 'BAND'}
            />
            <Wound figure={second?.heelWindOff} what={texts.beforeEachHeel} lengths={lengths} />
          </OptionWord>
        </>
      )}
      {handed('colour.toe') && (
        <>
          {handed('colour.heel') ? texts.eachToe : texts.eachToeBegins}
          <OptionWord
            {...words}
            id="toe-colour"
            choice="colour.toe"
            after="."
            along={() => ({ 'colour.toeBand': undefined })}
            text={(phrase) =>
              chosen('colour.toe') === 'BAND' ? texts.with(bandName('colour.toeBand')) : phrase
            }
          >
            <BandChoice
              {...words}
              stripes={stripes}
              choice="colour.toeBand"
              label={texts.itBeginsWith}
              shown={choiceOf(words.draft, 'colour.toe') === 'BAND'}
            />
            <Wound figure={second?.toeWindOff} what={texts.beforeEachToe} lengths={lengths} />
          </OptionWord>
        </>
      )}
      {handed('colour.knots') && (
        <>
          {texts.aKnotInTheYarn}
          <OptionWord {...words} id="knots" choice="colour.knots" after="." />
        </>
      )}
    </>
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
  figure: Figure | undefined;
  what: string;
  lengths: Parameters<typeof figureText>[1];
}

function Wound({ figure, what, lengths }: WoundProps) {
  return figure ? <Why>{texts.windOff(figureText(figure, lengths), what)}</Why> : null;
}
