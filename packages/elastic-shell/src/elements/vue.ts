// The types of the elements in Vue's templates, with options as properties and `@shell-change` and others as
// listeners.
import type { HTMLAttributes } from 'vue';
import type { ElementListeners, ElementProps, ElementTable } from './table.js';

/** Vue's name for the listener of `shell-change`: `onShellChange`. */
type Pascal<N extends string> = N extends `${infer Head}-${infer Rest}`
  ? `${Capitalize<Head>}${Pascal<Rest>}`
  : Capitalize<N>;

type Listeners<Tag extends keyof ElementTable> = {
  [N in keyof ElementListeners<Tag, ''> as `on${Pascal<N & string>}`]: ElementListeners<Tag, ''>[N];
};

/** Every element in Vue's templates. */
export type VueElements = {
  [Tag in keyof ElementTable]: new () => {
    $props: Omit<HTMLAttributes, keyof ElementProps<Tag>> & ElementProps<Tag> & Listeners<Tag>;
  };
};

declare module 'vue' {
  interface GlobalComponents extends VueElements {}
}
