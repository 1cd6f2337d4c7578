'use client';

// Elastic Shell for React: a hook for each pattern, and `usePattern` for custom patterns. A hook returns the parts to spread, the states to
// read, and the methods. Give a state as a first value, or as the pair of a value and its setter.
import { createElement, type ReactNode, useContext } from 'react';
import type { PatternOptions } from '../../engine/defaults.js';
import type { Pattern } from '../../engine/pattern.js';
import type { Wired } from '../../engine/types.js';
import { DefaultsContext } from './hook.js';
import { type HookOptions, use } from './pattern.js';

export type { Part, PartProps } from './hook.js';
export type { RowsOf } from '../handle.js';
export * from './hooks.js';
export type { HookOptions, StatePair } from './pattern.js';
export { Content, type PlaceProps, Rows, Tokens } from './places.js';

/**
 * Wires any pattern, such as a custom one made with `definePattern`. Spread its parts.
 *
 * @param pattern - The pattern.
 * @param options - The options of the pattern.
 * @returns The handle: states to read, parts to spread, and methods.
 */
export const usePattern = <O extends object, W extends Wired, N extends string, Out>(
  pattern: Pattern<O, W, N, Out>,
  options?: HookOptions<O, W, Pattern<O, W, N, Out>>,
) => use<O, W, Pattern<O, W, N, Out>>(pattern, options);

/**
 * Sets options for every instance of a pattern in the components inside. Options of an instance take
 * precedence.
 *
 * @returns The children.
 */
export function Defaults({
  children,
  ...own
}: Partial<PatternOptions> & { children?: ReactNode }): ReactNode {
  const around = useContext(DefaultsContext);
  const merged: Record<string, object> = { ...around };
  for (const [name, options] of Object.entries(own)) merged[name] = { ...around[name], ...options };
  return createElement(DefaultsContext.Provider, { value: merged }, children);
}

declare module 'react' {
  // React's own declaration contains the parameter.
  // eslint-disable-next-line @typescript-eslint/no-unused-vars
  interface ButtonHTMLAttributes<T> {
    /** The id of the element that the button controls. */
    commandfor?: string | undefined;
    /** What the button requests. */
    command?: string | undefined;
  }
}
