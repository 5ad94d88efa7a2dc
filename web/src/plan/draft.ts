import type { Choices, Pair, PairWrite, Spec } from '../api/types';

/** A pair as it is being worked on: what is typed, stored or not. */
export interface Draft {
  name: string;
  spec: Spec;
  foot?: { id: string; name: string } | undefined;
  swatch?: { id: string; name: string } | undefined;
  yarn?: { id: string; name: string; colour: string } | undefined;
  /** Whose feet, where they are not on the shelf yet. */
  footName?: string | undefined;
}

export function draftOf(pair: Pair): Draft {
  const { name, spec, foot, swatch, yarn } = pair;
  return { name, spec, foot, swatch, yarn };
}

export function writeOf(draft: Draft, version?: number): PairWrite {
  return {
    version,
    name: draft.name,
    spec: draft.spec,
    footId: draft.foot?.id,
    swatchId: draft.swatch?.id,
    yarnId: draft.yarn?.id,
    footName: draft.footName,
  };
}

/** The draft with one choice changed; undefined gives it back to the usual. */
export function withChoice<K extends keyof Choices>(
  draft: Draft,
  key: K,
  value: Choices[K],
): Draft {
  return { ...draft, spec: { ...draft.spec, choices: { ...draft.spec.choices, [key]: value } } };
}

const KEY = 'round-pocket.draft';

/** The draft that has no name yet, as it was left; it survives a reload. */
export function loadDraft(): Draft | undefined {
  try {
    const stored = localStorage.getItem(KEY);
    return stored ? (JSON.parse(stored) as Draft) : undefined;
  } catch {
    return undefined;
  }
}

export function keepDraft(draft: Draft | undefined): void {
  try {
    if (draft) {
      localStorage.setItem(KEY, JSON.stringify(draft));
    } else {
      localStorage.removeItem(KEY);
    }
  } catch {
    // Without storage the draft lives as long as the page.
  }
}
