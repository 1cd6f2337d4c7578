import { type Component, mount, unmount } from 'svelte';
import { place } from './data';
import ObviousList from './svelte/ObviousList.svelte';
import ObviousTree from './svelte/ObviousTree.svelte';
import OurList from './svelte/OurList.svelte';
import OurTree from './svelte/OurTree.svelte';

const isOurs = location.search === '?ours';
let shown: { expandAll?(): unknown } | undefined;
const show = (component: Component<Record<string, never>, { expandAll?(): unknown }>): void => {
  if (shown) void unmount(shown);
  shown = mount(component, { target: place() });
};
globalThis.bench = {
  tree: () => show(isOurs ? OurTree : ObviousTree),
  openAll: () => void shown?.expandAll?.(),
  list: () => show(isOurs ? OurList : ObviousList),
};
