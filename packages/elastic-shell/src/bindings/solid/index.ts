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

/** Any pattern, such as one of your own made with `definePattern`: spread its parts. */
export const createPattern = <O extends object, W extends Wired, N extends string, Out>(
  pattern: Pattern<O, W, N, Out>,
  options?: Given<CreateOptions<O, W, Pattern<O, W, N, Out>>>,
) => use<O, W, Pattern<O, W, N, Out>>(pattern, options);

/** Options for every instance in the components within, by pattern; those of an instance itself win. */
export function Defaults(props: Partial<PatternOptions> & { children?: JSX.Element }): JSX.Element {
  const around = useContext(DefaultsContext);
  // Children are made within what is provided here, not before: they are not touched.
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
