import type { FieldProblem } from '../api/client';

/** What stands at a path such as `bands[1].lengthM`; undefined where there is nothing. */
function at(value: unknown, path: string): unknown {
  const names = path.split(/[.[\]]+/).filter((name) => name !== '');
  return names.reduce<unknown>(
    (inside, name) =>
      typeof inside === 'object' && inside !== null
        ? (inside as Record<string, unknown>)[name]
        : undefined,
    value,
  );
}

/** The problems that still stand: what was refused is in the form as it was sent. */
export function standing(
  errors: readonly FieldProblem[],
  sent: unknown,
  now: unknown,
): FieldProblem[] {
  return errors.filter(
    ({ field }) => JSON.stringify(at(sent, field)) === JSON.stringify(at(now, field)),
  );
}
