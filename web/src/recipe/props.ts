import type { FieldProblem } from '../api/client';
import type { Draft } from '../draft/draft';
import type { Plan } from '../wire/types';

/** What the recipe is handed. */
export interface RecipeProps {
  draft: Draft;
  plan: Plan;
  problems: readonly FieldProblem[];
  onChange: (draft: Draft) => void;
}

/** What a recipe word is handed. */
export interface WordsProps extends RecipeProps {
  problemAt: (field: string) => string | undefined;
}
