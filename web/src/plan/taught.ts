import { withChoices, type ChoicePath, type Draft } from '../draft/draft';
import { valueText } from '../units/units';
import type { Lengths } from '../settings/settings';
import type { Lesson } from '../wire/types';
import { texts } from './texts';

/** The draft with what the needles taught taken over. */
export function withLesson(draft: Draft, { rounds, weighIns, changes }: Lesson): Draft {
  const chosen = withChoices(
    draft,
    Object.fromEntries(
      changes.map(({ choice, number, name }) => [choice, number ?? name]),
    ) as Partial<Record<ChoicePath, unknown>>,
  );
  const { spec } = chosen;
  return {
    ...chosen,
    ...(rounds.length > 0 && { swatch: undefined }),
    spec: {
      ...spec,
      // The gauge is the tube’s from now on, and no swatch’s on the shelf.
      ...(rounds.length > 0 && { swatch: { ...spec.swatch, rounds } }),
      ...(weighIns.length > 0 && { weighIns: [...(spec.weighIns ?? []), ...weighIns] }),
    },
  };
}

/** What taking it over would change, in a line. */
export function effectWords({ effect }: Lesson, lengths: Lengths): string {
  return effect
    .slice(0, 3)
    .map(({ label, unit, before, after }) =>
      texts.not(
        label.toLowerCase(),
        valueText(after, unit, lengths),
        valueText(before, unit, lengths),
      ),
    )
    .join('; ');
}
