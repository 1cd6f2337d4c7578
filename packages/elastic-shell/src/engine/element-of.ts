// The custom element of a pattern.
import { element } from './element.js';
import type { OptionProperties, ShellElement } from './element-types.js';
import type { Pattern } from './pattern.js';
import type { Wired } from './types.js';

/** The custom element of a pattern: its options and states are properties, and its methods are methods. */
export type ElementOf<P> =
  P extends Pattern<infer O, infer W, infer N, unknown>
    ? ShellElement<W> & OptionProperties<O, never> & Pick<W, N & keyof W>
    : never;

/**
 * Defines the custom element of a pattern. It fires `shell-change`, `shell-refuse` and the cancelable
 * `shell-guard`. Without a DOM, or if the tag is already defined, it has no effect.
 *
 * @param pattern - The pattern.
 */
export function elementOf<O extends object, W extends Wired, N extends string>({
  tag,
  wire,
  element: place,
  options,
  methods,
}: Pattern<O, W, N, unknown>): void {
  element(tag, wire, { ...place, options, methods });
}
