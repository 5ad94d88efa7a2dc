import { keep, kept } from '../settings/store';
import type { Choices, Pair, PairWrite, Spec } from '../wire/types';

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

/** One choice, as the part it belongs to and its name: `heel.plainRounds`. */
export type ChoicePath = {
  [P in keyof Choices]-?: NonNullable<Choices[P]> extends string
    ? P
    : `${P}.${keyof NonNullable<Choices[P]> & string}`;
}[keyof Choices];

/** What one choice may be. */
export type ChoiceValue<T extends ChoicePath> =
  T extends `${infer P extends keyof Choices}.${infer K}`
    ? K extends keyof NonNullable<Choices[P]>
      ? NonNullable<Choices[P]>[K]
      : never
    : T extends keyof Choices
      ? NonNullable<Choices[T]>
      : never;

type Loose = Record<string, Record<string, unknown> | undefined>;

/** A choice as it was made; undefined where it is as usual. */
export function choiceOf<T extends ChoicePath>(draft: Draft, path: T): ChoiceValue<T> | undefined {
  const [part = '', name] = path.split('.');
  const own: unknown = (draft.spec.choices as Loose | undefined)?.[part];
  const value = name === undefined ? own : (own as Loose[string])?.[name];
  return value as ChoiceValue<T> | undefined;
}

/** The draft with one choice changed; undefined gives it back to the usual. */
export function withChoice<T extends ChoicePath>(
  draft: Draft,
  path: T,
  value: ChoiceValue<T> | undefined,
): Draft {
  const [part = '', name] = path.split('.');
  const choices = draft.spec.choices as Loose | undefined;
  const changed = name === undefined ? value : without({ ...choices?.[part], [name]: value });
  const all = without({ ...choices, [part]: changed }) as Choices | undefined;
  return { ...draft, spec: { ...draft.spec, choices: all } };
}

/** The draft with several choices changed at once; undefined gives one back to the usual. */
export function withChoices(draft: Draft, changes: Partial<Record<ChoicePath, unknown>>): Draft {
  return Object.entries(changes).reduce<Draft>(
    (changed, [path, value]) =>
      withChoice(changed, path as ChoicePath, value as ChoiceValue<ChoicePath> | undefined),
    draft,
  );
}

/** The object without what is undefined in it, or nothing where nothing is left. */
function without(values: Record<string, unknown>): Record<string, unknown> | undefined {
  const kept = Object.entries(values).filter(([, value]) => value !== undefined);
  return kept.length > 0 ? Object.fromEntries(kept) : undefined;
}

const KEY = 'round-pocket.draft';

/** The draft that has no name yet, as it was left; it survives a reload. */
export function loadDraft(): Draft | undefined {
  const draft = kept(KEY);
  return typeof draft === 'object' ? (draft as Draft) : undefined;
}

/** Keeps it; without storage it lives as long as the page. */
export function keepDraft(draft: Draft | undefined): void {
  keep(KEY, draft);
}
