import { useState } from 'react';

/**
 * Suggestions that were taken: gone at once, before the plan is kept. Once it is, what is suggested for it as it then stands
 * says which are left, and which are there again because they were undone.
 *
 * @param version of the pair as it is kept
 * @param stale whether what is shown was still suggested for an earlier one
 */
export function useTaken(version: number, stale: boolean) {
  const [taken, setTaken] = useState<ReadonlyMap<string, number>>(new Map());
  return {
    isTaken: (id: string) => {
      const at = taken.get(id);
      return at !== undefined && (at === version || stale);
    },
    take: (...ids: string[]) =>
      setTaken(new Map([...taken, ...ids.map((id) => [id, version] as const)])),
  };
}
