// Types of the elements: of the page, and of each framework's templates. Nothing here runs.
import type { JSX as ReactJSX } from 'react';
import type { JSX as SolidJSX } from 'solid-js';
import type { SvelteHTMLElements } from 'svelte/elements';
import type { GlobalComponents } from 'vue';
import type { ShellTree } from 'elastic-shell/elements';
import type {} from 'elastic-shell/elements/react';
import type {} from 'elastic-shell/elements/solid';
import type {} from 'elastic-shell/elements/svelte';
import type {} from 'elastic-shell/elements/vue';

const tabs = document.querySelector('shell-tabs')!;
const selected: string | undefined = tabs.selected;
tabs.select('work');
tabs.addEventListener('shell-change', ({ detail }) => {
  if (detail.name === 'selected') {
    const key: string | undefined = detail.value;
    return key;
  }
  const closed: ReadonlySet<string> = detail.value;
  return closed;
});
document.addEventListener('shell-refuse', ({ detail }) => detail.by === 'guard');
document.createElement('shell-menu').addEventListener('shell-pick', ({ detail }) => detail.key.length);
tabs.guard = ({ name }) => name === 'closed';
// @ts-expect-error a text is no guard
tabs.guard = 'no';
// @ts-expect-error tabs have no method to open them
tabs.show();
const answer: Promise<string | null> = document.createElement('shell-dialog').ask();
const tree: ShellTree = document.createElement('shell-tree');
tree.expanded = ['hull'];
tree.childrenOf = () => [{ key: 'keel', label: 'Keel' }];
const open: Set<string> | ReadonlySet<string> = tree.expanded;

export const react: ReactJSX.IntrinsicElements['shell-disclosure'] = {
  open: true,
  guard: ({ value }) => value,
  'onshell-change': ({ detail }) => detail.value === true,
};
// @ts-expect-error whether it is open is no list
export const reactWrong: ReactJSX.IntrinsicElements['shell-disclosure'] = { open: [] };
export const solid: SolidJSX.IntrinsicElements['shell-tabs'] = {
  selected: 'work',
  'on:shell-change': ({ detail }) => detail.name,
};
// @ts-expect-error a key is no number
export const solidWrong: SolidJSX.IntrinsicElements['shell-tabs'] = { selected: 1 };
export const svelte: SvelteHTMLElements['shell-menu'] = {
  checked: ['lights'],
  'onshell-pick': ({ detail }) => detail.key,
};
// @ts-expect-error there is no such choice
export const svelteWrong: SvelteHTMLElements['shell-menu'] = { stay: 'always' };
type VueProps<Tag extends keyof GlobalComponents> = GlobalComponents[Tag] extends new () => {
  $props: infer P;
}
  ? P
  : never;
export const vue: VueProps<'shell-listbox'> = {
  items: [{ key: 'gaff', label: 'Gaff' }],
  multiple: true,
  onShellChange: ({ detail }) => detail.name,
};
// @ts-expect-error items are a list, a cell of one, or a function
export const vueWrong: VueProps<'shell-listbox'> = { items: 'gaff' };

export const seen = [selected, answer, open];
