import { chakra } from '@chakra-ui/react';

/** A button that looks like a link: it does something on this page, and is no more than a word in the text. */
export const LinkButton = chakra(
  'button',
  {
    base: {
      minH: '44px',
      minW: '24px',
      color: 'chosen',
      textDecoration: 'underline',
      textUnderlineOffset: '3px',
      cursor: 'pointer',
    },
  },
  { defaultProps: { type: 'button' } },
);
