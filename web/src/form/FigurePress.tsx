import { useSettings } from '../settings/settings';
import { figureText } from '../units/units';
import type { Figure } from '../wire/types';
import { Press } from './Press';
import { texts } from './texts';

export interface FigurePressProps {
  figure: Figure;
  title: string;
  onAsk: ((asked: { title: string; figure: Figure }) => void) | undefined;
}

/** A figure that shows how it is worked out when it is pressed. */
export function FigurePress({ figure, title, onAsk }: FigurePressProps) {
  const { lengths } = useSettings();
  const text = figureText(figure, lengths);
  return onAsk ? (
    <Press
      minH={{ base: '44px', md: '32px' }}
      minW="24px"
      textDecoration="underline"
      textDecorationStyle="dotted"
      textUnderlineOffset="3px"
      aria-label={texts.howItsWorkedOut(title, text)}
      onClick={() => onAsk({ title, figure })}
    >
      {text}
    </Press>
  ) : (
    <span>{text}</span>
  );
}
