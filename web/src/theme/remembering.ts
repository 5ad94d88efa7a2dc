import type { SystemContext } from '@chakra-ui/react';

type Styles = Parameters<SystemContext['css']>[number];
type Css = ReturnType<SystemContext['css']>;

/** As many styles beside one recipe as are remembered, so that a page that is open for days does not grow. */
const MOST = 1000;

/**
 * The same system, which remembers what it made. The library makes the recipe of an element anew each time the element is
 * drawn, and looks up what came of its styles by a text of all of them; recipes and styles that are the same object need
 * neither.
 */
export function remembering(system: SystemContext): SystemContext {
  const recipes = new WeakMap<object, unknown>();
  const styled = new WeakMap<object, Map<string, Css>>();
  const styles = new Map<string, boolean>();

  const cva = (config: object = {}): unknown =>
    remembered(recipes, config, () => system.cva(config));

  /** Of a recipe and what is written beside it; anything else the library looks up itself. */
  const css = (...given: Styles[]): Css => {
    const [recipe, own] = given;
    const key = given.length === 2 && own ? keyOf(own) : undefined;
    if (!recipe || key === undefined) {
      return system.css(...given);
    }
    const beside = remembered(styled, recipe, () => new Map<string, Css>());
    if (beside.size > MOST) {
      beside.clear();
    }
    return remembered(beside, key, () => system.css(...given));
  };

  const isValidProperty = (name: string): boolean =>
    remembered(styles, name, () => system.isValidProperty(name));

  return { ...system, cva: cva as SystemContext['cva'], css, isValidProperty };
}

interface Memory<K, V> {
  get: (key: K) => V | undefined;
  set: (key: K, value: V) => unknown;
}

function remembered<K, V>(memory: Memory<K, V>, key: K, make: () => V): V {
  const before = memory.get(key);
  if (before !== undefined) {
    return before;
  }
  const made = make();
  memory.set(key, made);
  return made;
}

/** A text that only the same styles have; undefined where there is more in them than plain values. */
function keyOf(styles: object): string | undefined {
  let key = '';
  for (const [name, value] of Object.entries<unknown>({ ...styles })) {
    if (typeof value === 'object' && value !== null) {
      return undefined;
    }
    key += `${name}\n${typeof value}${String(value)}\n`;
  }
  return key;
}
