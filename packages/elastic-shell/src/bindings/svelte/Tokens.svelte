<!--
  Renders what stands in the tokens of a combobox for several: the snippet is given each token, its key and its label. Throws a TypeError when `of` is no handle.
-->
<script lang="ts">
  import { type Snippet, untrack } from 'svelte';
  import { boundOf } from '../handle.js';
  import { into } from './into.js';

  let { of, children }: { of: object; children: Snippet<[token: { key: string; label: string }]> } = $props();
  const hosts = untrack(() => boundOf(of).tokens);
  let all = $state.raw(hosts.list());
  $effect.pre(() => hosts.fill(() => (all = hosts.list())));
</script>

{#each all as host (host.key)}
  <div data-host {@attach into(host.node)}>
    {@render children(host.value as { key: string; label: string })}
  </div>
{/each}
