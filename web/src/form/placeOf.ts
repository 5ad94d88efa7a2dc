import type { Figure } from '../wire/types';

/**
 * Where a figure stands in an answer, as its workings name it: a JSON pointer (RFC 6901). Nothing where it is not of this
 * answer.
 */
export function placeOf(figure: Figure, answer: unknown): string | undefined {
  if (answer === figure) {
    return '';
  }
  if (typeof answer !== 'object' || answer === null) {
    return undefined;
  }
  for (const [name, part] of Object.entries(answer)) {
    const within = placeOf(figure, part);
    if (within !== undefined) {
      return `/${name.replaceAll('~', '~0').replaceAll('/', '~1')}${within}`;
    }
  }
  return undefined;
}
