// The types of elements in Vue's templates: options as properties, `@shell-change` and its like as listeners.
import type { HTMLAttributes } from 'vue';
import type { ElementListeners, ElementProps, ElementTable } from './table.js';

/** `shell-change` as Vue names its listener: `onShellChange`. */
type Pascal<N extends string> = N extends `${infer Head}-${infer Rest}`
  ? `${Capitalize<Head>}${Pascal<Rest>}`
  : Capitalize<N>;

type Listeners<Tag extends keyof ElementTable> = {
  [N in keyof ElementListeners<Tag, ''> as `on${Pascal<N & string>}`]: ElementListeners<Tag, ''>[N];
};

/** Every element as Vue's templates see it. */
export type VueElements = {
  [Tag in keyof ElementTable]: new () => {
    $props: Omit<HTMLAttributes, keyof ElementProps<Tag>> & ElementProps<Tag> & Listeners<Tag>;
  };
};

declare module 'vue' {
  interface GlobalComponents extends VueElements {}
}
