<!--
  Renders what the option `content` has come to, be it a module: the snippet is given it, and for tabs the key of the tab. Throws
  a TypeError when `of` is no handle.
-->
<script lang="ts" generics="C">
  import { type Snippet, untrack } from 'svelte';
  import { boundOf } from '../handle.js';
  import { into } from './into.js';

  let { of, children }: { of: object; children: Snippet<[content: C, key: string | undefined]> } = $props();
  const hosts = untrack(() => boundOf(of).content);
  let all = $state.raw(hosts.list());
  $effect.pre(() => hosts.fill(() => (all = hosts.list())));
</script>

{#each all as host (host.key)}
  <div data-host {@attach into(host.node)}>{@render children(host.value.content as C, host.value.key)}</div>
{/each}
