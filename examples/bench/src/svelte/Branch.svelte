<script lang="ts">
  import type { Node } from '../data';
  import Branch from './Branch.svelte';
  import Label from './Label.svelte';

  let { node, all }: { node: Node; all: boolean } = $props();
  let open = $state(false);
  $effect(() => {
    if (all) open = true;
  });
</script>

<li>
  <button aria-expanded={node.children ? open : undefined} onclick={() => (open = !open)}>
    <Label text={node.label} />
  </button>
  {#if open && node.children}
    <ul>
      {#each node.children as child (child.key)}<Branch node={child} {all} />{/each}
    </ul>
  {/if}
</li>
