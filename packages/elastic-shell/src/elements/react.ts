// The types of elements in React's JSX: options as properties, `onshell-change` and its like as listeners.
import type { DetailedHTMLProps, HTMLAttributes } from 'react';
import type { ElementListeners, ElementProps, ElementTable } from './table.js';

/** Attributes of every element, but for those whose names an option has. */
type Plain<Tag extends keyof ElementTable> = Omit<
  DetailedHTMLProps<HTMLAttributes<ElementTable[Tag]['element']>, ElementTable[Tag]['element']>,
  keyof ElementProps<Tag>
>;

/** Every element in React's JSX. */
export type ReactElements = {
  [Tag in keyof ElementTable]: Plain<Tag> & ElementProps<Tag> & ElementListeners<Tag, 'on'>;
};

declare module 'react' {
  // The way to add to it that React's types have.
  // eslint-disable-next-line @typescript-eslint/no-namespace
  namespace JSX {
    interface IntrinsicElements extends ReactElements {}
  }
}
