// Elastic Shell for Solid: a primitive for each pattern, and `createPattern` for your own. A primitive returns the parts to spread,
// the states to read, and the methods. Give a state as a first value, as the pair of an accessor and a setter, or as an accessor.
import { createComponent, type JSX, useContext } from 'solid-js';
import type { PatternOptions } from '../../engine/defaults.js';
import type { Pattern } from '../../engine/pattern.js';
import type { Wired } from '../../engine/types.js';
import { DefaultsContext, type Given } from './create.js';
import { type CreateOptions, use } from './pattern.js';

export type { Given, Part, PartProps } from './create.js';
export type { RowsOf } from '../handle.js';
export * from './hooks.js';
export type { CreateOptions, StatePair } from './pattern.js';
export { Content, type PlaceProps, Rows, Tokens } from './places.js';

/**
 * Wires any pattern, such as a custom one made with `definePattern`. Spread its parts.
 *
 * @param pattern - The pattern.
 * @param options - The options of the pattern, or a function that returns them.
 * @returns The handle: states to read and set, parts to spread, and methods.
 */
export const createPattern = <O extends object, W extends Wired, N extends string, Out>(
  pattern: Pattern<O, W, N, Out>,
  options?: Given<CreateOptions<O, W, Pattern<O, W, N, Out>>>,
) => use<O, W, Pattern<O, W, N, Out>>(pattern, options);

/**
 * Sets options for every instance of a pattern in the components inside. Options of an instance take
 * precedence.
 *
 * @param props - The options by pattern, and the children.
 * @returns The children.
 */
export function Defaults(props: Partial<PatternOptions> & { children?: JSX.Element }): JSX.Element {
  const around = useContext(DefaultsContext);
  // The children are created inside the provider, so they must not be read before.
  const own = Object.entries(Object.getOwnPropertyDescriptors(props)).flatMap(([name, { get, value }]) =>
    name === 'children' ? [] : [[name, get ? get() : value] as const],
  );
  const merged: Record<string, object> = { ...around };
  for (const [name, options] of own) merged[name] = { ...around[name], ...options };
  return createComponent(DefaultsContext.Provider, {
    value: merged,
    get children() {
      return props.children;
    },
  });
}
