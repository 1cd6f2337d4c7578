// Elastic Shell for Vue: a composable for each pattern, and `usePattern` for your own. A composable returns the parts for `v-bind`,
// the states to read and to set, and the methods. Give a state as a first value, a ref, a model or a getter.
import { inject, provide } from 'vue';
import type { PatternOptions } from '../../engine/defaults.js';
import type { Pattern } from '../../engine/pattern.js';
import type { Wired } from '../../engine/types.js';
import { use, type UseOptions } from './pattern.js';
import { defaultsKey, type Given } from './use.js';

export type { RowsOf } from '../handle.js';
export * from './hooks.js';
export type { StateRef, UseOptions } from './pattern.js';
export { Content, Rows, type RowsComponent, Tokens } from './places.js';
export {
  type DefaultsMap,
  defaultsKey,
  type Given,
  installDefaults,
  type Part,
  type PartProps,
} from './use.js';

/**
 * Wires any pattern, such as a custom one made with `definePattern`. Bind its parts.
 *
 * @param pattern - The pattern.
 * @param options - The options of the pattern, or a function that returns them.
 * @returns The handle: states to read and set, parts to bind, and methods.
 */
export const usePattern = <O extends object, W extends Wired, N extends string, Out>(
  pattern: Pattern<O, W, N, Out>,
  options?: Given<UseOptions<O, W, Pattern<O, W, N, Out>>>,
) => use<O, W, Pattern<O, W, N, Out>>(pattern, options);

/**
 * Sets options for every instance of a pattern in the calling component and inside it. Options of an instance
 * take precedence.
 *
 * @param own - The options by pattern.
 */
export function provideDefaults(own: Partial<PatternOptions>): void {
  const around = inject(defaultsKey, {});
  const merged: Record<string, object> = { ...around };
  for (const [name, options] of Object.entries(own)) merged[name] = { ...around[name], ...options };
  provide(defaultsKey, merged);
}

declare module 'vue' {
  interface ButtonHTMLAttributes {
    /** The id of the element that the button controls. */
    commandfor?: string | undefined;
    /** What the button requests. */
    command?: string | undefined;
  }
}
