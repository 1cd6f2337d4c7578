// The types of the elements in Solid's JSX, with options as properties and `on:shell-change` and others as
// listeners.
import type { JSX } from 'solid-js';
import type { ElementListeners, ElementProps, ElementTable } from './table.js';

/** Every element in Solid's JSX. */
export type SolidElements = {
  [Tag in keyof ElementTable]: Omit<
    JSX.HTMLAttributes<ElementTable[Tag]['element']>,
    keyof ElementProps<Tag>
  > &
    ElementProps<Tag> &
    ElementListeners<Tag, 'on:'>;
};

declare module 'solid-js' {
  // Solid's types are extended through this module.
  // eslint-disable-next-line @typescript-eslint/no-namespace
  namespace JSX {
    interface IntrinsicElements extends SolidElements {}
  }
}
