<script lang="ts">
  // The rows of a tree, each with the rows under it.
  import type { useTree } from 'elastic-shell/svelte';
  import type { Place } from 'quillhaven-gallery/data';
  import TreeRows from './TreeRows.svelte';

  let { tree, places }: { tree: ReturnType<typeof useTree>; places: readonly Place[] } = $props();
</script>

{#each places as { key, label, places: within } (key)}
  <li {...within ? tree.branch(key) : tree.leaf(key)}>
    {label}
    {#if within}
      <ul {...tree.group}><TreeRows {tree} places={within} /></ul>
    {/if}
  </li>
{/each}
