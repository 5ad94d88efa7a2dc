import { chakra } from '@chakra-ui/react';

/** Whatever is pressed and is no plain button of the theme: one look for what is framed, filled, a tab, a row or a told figure. */
export const Press = chakra(
  'button',
  {
    base: { cursor: 'pointer', _disabled: { cursor: 'default' } },
    variants: {
      look: {
        framed: { minH: '44px', borderWidth: '1px', borderColor: 'ink' },
        filled: { minH: '72px', bg: 'ink', color: 'sheet' },
        tab: { minH: '44px', borderBottomWidth: '2px' },
        row: { display: 'block', w: '100%', textAlign: 'left' },
        told: { minH: '44px', textDecoration: 'underline dotted' },
        bare: { minH: '44px' },
      },
    },
  },
  { defaultProps: { type: 'button' } },
);
