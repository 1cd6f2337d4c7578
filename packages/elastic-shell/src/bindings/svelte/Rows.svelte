<!--
  Renders the rows of a listbox, a tree or a combobox that has `items`: the snippet is given each item that has a row on the
  page, and what it renders goes with its row. Throws a TypeError when `of` is no handle.
-->
<script lang="ts" generics="I">
  import { type Snippet, untrack } from 'svelte';
  import { boundOf, type RowsOf } from '../handle.js';
  import { into } from './into.js';

  let { of, children }: { of: RowsOf<I>; children: Snippet<[item: I]> } = $props();
  const hosts = untrack(() => boundOf(of).rows);
  let all = $state.raw(hosts.list());
  $effect.pre(() => hosts.fill(() => (all = hosts.list())));
</script>

{#each all as host (host.key)}
  <div data-host {@attach into(host.node)}>{@render children(host.value as I)}</div>
{/each}
