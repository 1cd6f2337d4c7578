import { type Component, mount, unmount } from 'svelte';
import { place } from './data';
import ManyRows from './svelte/ManyRows.svelte';
import ObviousList from './svelte/ObviousList.svelte';
import ObviousTree from './svelte/ObviousTree.svelte';
import OurList from './svelte/OurList.svelte';
import OurTree from './svelte/OurTree.svelte';

const isOurs = location.search === '?ours';
let shown: { expandAll?(): unknown } | undefined;
let again = (): void => {};
const end = (): void => {
  if (shown) void unmount(shown);
  shown = undefined;
};
const show = (component: Component<Record<string, never>, { expandAll?(): unknown }>): void => {
  end();
  shown = mount(component, { target: place() });
};
globalThis.bench = {
  tree: () => show(isOurs ? OurTree : ObviousTree),
  openAll: () => void shown?.expandAll?.(),
  list: () => show(isOurs ? OurList : ObviousList),
  rows(count) {
    end();
    const made: Record<string, () => void> = mount(ManyRows, { target: place(), props: { count, isOurs } });
    shown = made;
    again = () => made['again']?.();
  },
  again: () => again(),
  end,
};
