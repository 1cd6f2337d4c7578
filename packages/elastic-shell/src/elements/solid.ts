// The types of elements in Solid's JSX: options as properties, `on:shell-change` and its like as listeners.
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
  // The way to add to it that Solid's types have.
  // eslint-disable-next-line @typescript-eslint/no-namespace
  namespace JSX {
    interface IntrinsicElements extends SolidElements {}
  }
}
