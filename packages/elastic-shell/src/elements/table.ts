// Every element by its tag, for the types of templates: what it is, what its options take, what it tells.
import type { TreeOptions } from '../patterns/tree/wire.js';
import type { ElementTable } from './rows.js';

export type { ElementTable } from './rows.js';

/** What a template gives to an element: its options. Of a number or of true and false the text will do. */
export type ElementProps<Tag extends keyof ElementTable> = {
  [N in keyof ElementTable[Tag]['options'] as N extends `on${Capitalize<string>}` | 'children' ? never : N]?:
    | ElementTable[Tag]['options'][N]
    | (ElementTable[Tag]['options'][N] extends boolean | number | undefined ? string : never)
    | null
    | undefined;
} & (Tag extends 'shell-tree' ? { childrenOf?: TreeOptions['children'] | null | undefined } : unknown);

/** What a template hears of an element, under names that begin with `Prefix`. */
export type ElementListeners<Tag extends keyof ElementTable, Prefix extends string> = {
  [N in keyof ElementTable[Tag]['events'] as `${Prefix}${N & string}`]?:
    ((event: ElementTable[Tag]['events'][N]) => unknown) | undefined;
};
