// The types of every element for templates, by tag: the element, its options and its events.
import type { TreeOptions } from '../patterns/tree/wire.js';
import type { ElementTable } from './rows.js';

export type { ElementTable } from './rows.js';

/** The options that a template can set on an element. Numbers and booleans may also be written as text. */
export type ElementProps<Tag extends keyof ElementTable> = {
  [N in keyof ElementTable[Tag]['options'] as N extends `on${Capitalize<string>}` | 'children' ? never : N]?:
    | ElementTable[Tag]['options'][N]
    | (ElementTable[Tag]['options'][N] extends boolean | number | undefined ? string : never)
    | null
    | undefined;
} & (Tag extends 'shell-tree' ? { childrenOf?: TreeOptions['children'] | null | undefined } : unknown);

/** The events of an element, under names that begin with `Prefix`. */
export type ElementListeners<Tag extends keyof ElementTable, Prefix extends string> = {
  [N in keyof ElementTable[Tag]['events'] as `${Prefix}${N & string}`]?:
    ((event: ElementTable[Tag]['events'][N]) => unknown) | undefined;
};
