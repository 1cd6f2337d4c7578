// The types of the elements in Svelte's templates, with options as properties and `onshell-change` and others
// as listeners.
import type { HTMLAttributes } from 'svelte/elements';
import type { ElementListeners, ElementProps, ElementTable } from './table.js';

/** Every element in Svelte's templates. */
export type SvelteElements = {
  [Tag in keyof ElementTable]: Omit<HTMLAttributes<ElementTable[Tag]['element']>, keyof ElementProps<Tag>> &
    ElementProps<Tag> &
    ElementListeners<Tag, 'on'>;
};

declare module 'svelte/elements' {
  interface SvelteHTMLElements extends SvelteElements {}
}
