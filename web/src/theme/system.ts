import { createSystem, defineConfig } from '@chakra-ui/react';
import { defaultBaseConfig } from '@chakra-ui/react/preset-base';
import {
  animationStyles,
  breakpoints,
  buttonRecipe,
  cssVarsPrefix,
  cssVarsRoot,
  dialogSlotRecipe,
  drawerSlotRecipe,
  fieldSlotRecipe,
  inputRecipe,
  keyframes,
  layerStyles,
  linkRecipe,
  nativeSelectSlotRecipe,
  popoverSlotRecipe,
  semanticTokens,
  tableSlotRecipe,
  textareaRecipe,
  textStyles,
  tokens,
} from '@chakra-ui/react/theme';
import { remembering } from './remembering';

/** The roles of the two lights. Colour never says anything alone. */
const roles = {
  mist: { day: '#EDF0F1', lamp: '#12171B' },
  sheet: { day: '#FFFFFF', lamp: '#1B2228' },
  ink: { day: '#17232E', lamp: '#EDE7DA' },
  quiet: { day: '#51606C', lamp: '#A9B1B5' },
  line: { day: '#CBD3D8', lamp: '#3B464D' },
  tape: { day: '#F4C531', lamp: '#DDB02C' },
  onTape: { day: '#17232E', lamp: '#17232E' },
  /** Only: cut, unpick, cannot be undone. */
  cut: { day: '#A8322A', lamp: '#F0958C' },
  /** Only: live loops, lifelines, what is safe. */
  live: { day: '#0B7A66', lamp: '#5FC9B2' },
  chosen: { day: '#2F4B8F', lamp: '#A8BDF5' },
  chosenGround: { day: '#E6EAF5', lamp: '#27324B' },
  /** What cannot be used as it was typed. */
  amiss: { day: '#7A4B00', lamp: '#F0BE6A' },
  amissGround: { day: '#FBF1DC', lamp: '#3A2F1B' },
  fabric: { day: '#E3E8EA', lamp: '#2A343B' },
};

type Role = keyof typeof roles;

const colours = Object.fromEntries(
  Object.entries(roles).map(([name, { day, lamp }]) => [
    name,
    { value: { _light: day, _dark: lamp } },
  ]),
) as Record<Role, { value: { _light: string; _dark: string } }>;

const same = (role: Role) => ({ value: `{colors.${role}}` });

const { transparent, current, black, white, blackAlpha, gray } = tokens.colors;
const { bg, fg, border, gray: grayRoles } = semanticTokens.colors;

/**
 * The library's own looks, of the parts and colours alone that are used here: those of all are a tenth of the first script,
 * and take as long to read as a quarter of a page. Its global styles give every element some twenty variables for filters
 * and rings, which nothing here draws; what else they say is said below.
 */
const used = defineConfig({
  preflight: true,
  cssVarsPrefix,
  cssVarsRoot,
  theme: {
    breakpoints,
    keyframes,
    tokens: { ...tokens, colors: { transparent, current, black, white, blackAlpha, gray } },
    semanticTokens: { ...semanticTokens, colors: { bg, fg, border, gray: grayRoles } },
    textStyles,
    layerStyles,
    animationStyles,
    recipes: {
      button: buttonRecipe,
      input: inputRecipe,
      link: linkRecipe,
      textarea: textareaRecipe,
    },
    slotRecipes: {
      dialog: dialogSlotRecipe,
      drawer: drawerSlotRecipe,
      field: fieldSlotRecipe,
      nativeSelect: nativeSelectSlotRecipe,
      popover: popoverSlotRecipe,
      table: tableSlotRecipe,
    },
  },
});

const plain = createSystem(
  defaultBaseConfig,
  used,
  defineConfig({
    globalCss: {
      html: {
        fontSize: '100%',
        colorPalette: 'gray',
        '--focus-ring-width': '2px',
        '--global-font-mono': 'fonts.mono',
        '--global-font-body': 'fonts.body',
        '--global-color-border': 'colors.border',
      },
      '*::placeholder': { color: 'fg.muted/80' },
      '*::selection': { bg: 'colorPalette.emphasized/80' },
      body: { bg: 'mist', color: 'ink', fontFamily: 'body', lineHeight: '1.5' },
      'h1, h2, h3': { fontFamily: 'heading', fontWeight: '650', letterSpacing: '-0.01em' },
      'table, .figures': { fontVariantNumeric: 'tabular-nums' },
      'a.place': {
        display: 'inline-flex',
        alignItems: 'center',
        minHeight: '44px',
        paddingInline: '6px',
        // Seven places side by side on a phone.
        '@media (max-width: 26em)': { paddingInline: '2px', fontSize: '0.95em' },
        color: 'ink',
        borderBottom: '2px solid transparent',
        '&[aria-current=page]': { fontWeight: '650', borderColor: 'ink' },
      },
      'input.hidden-file': { position: 'absolute', width: '1px', height: '1px', opacity: 0 },
      'label:has(input.hidden-file:focus-visible)': {
        outline: '2px solid',
        outlineColor: 'chosen',
        outlineOffset: '2px',
      },
      ':focus-visible': {
        outline: '2px solid',
        outlineColor: 'chosen',
        outlineOffset: '2px',
        borderRadius: '2px',
      },
    },
    theme: {
      tokens: {
        fonts: {
          body: { value: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif" },
          heading: {
            value:
              "'Bricolage Grotesque Variable', 'Atkinson Hyperlegible Next Variable', sans-serif",
          },
        },
        radii: {
          xs: { value: '2px' },
          sm: { value: '3px' },
          md: { value: '4px' },
          lg: { value: '4px' },
        },
        shadows: { lg: { value: '0 2px 10px rgb(0 0 0 / 12%)' } },
      },
      semanticTokens: {
        colors: {
          ...colours,
          bg: {
            DEFAULT: same('mist'),
            panel: same('sheet'),
            subtle: same('mist'),
            muted: same('mist'),
            emphasized: same('line'),
          },
          fg: {
            DEFAULT: same('ink'),
            muted: same('quiet'),
            subtle: same('quiet'),
            error: same('amiss'),
          },
          // What fields draw around themselves; anything else has the ring above.
          gray: { focusRing: same('chosen') },
          border: { DEFAULT: same('line'), muted: same('line'), error: same('amiss') },
        },
      },
    },
  }),
);

export const system = remembering(plain);
