// Elastic Shell for Svelte: a function for each pattern, and `usePattern` for custom patterns. Call them
// while a component is initialised. They return the parts to spread, the states to read and set, and the
// methods. Give a state as a first value, or as the pair of a function that reads it and one that sets it.
import type { PatternOptions } from '../../engine/defaults.js';
import type { Pattern } from '../../engine/pattern.js';
import type { Wired } from '../../engine/types.js';
import { use, type UseOptions } from './pattern.js';
import { defaultsHere, type Given, provide } from './use.svelte.js';

export type { RowsOf } from '../handle.js';
export * from './hooks.js';
export type { StatePair, UseOptions } from './pattern.js';
export { default as Content } from './Content.svelte';
export { default as Rows } from './Rows.svelte';
export { default as Tokens } from './Tokens.svelte';
export type { Given, Part, PartProps } from './use.svelte.js';

/**
 * Wires any pattern, such as a custom one made with `definePattern`. Spread its parts.
 *
 * @param pattern - The pattern.
 * @param options - The options of the pattern, or a function that returns them.
 * @returns The handle: states to read and set, parts to spread, and methods.
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
  const around = defaultsHere();
  const merged: Record<string, object> = { ...around };
  for (const [name, options] of Object.entries(own)) merged[name] = { ...around[name], ...options };
  provide(merged);
}
