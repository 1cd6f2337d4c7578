<script lang="ts">
  // Nested lists as a tree view. Arrow keys move, expand and collapse.
  import { useTree } from 'elastic-shell/svelte';

  type Place = { key: string; label: string; places?: readonly Place[] };

  const yard: readonly Place[] = [
    {
      key: 'sheds',
      label: 'Sheds',
      places: [
        { key: 'loft', label: 'Sail loft' },
        { key: 'smithy', label: 'Smithy' },
      ],
    },
    {
      key: 'slips',
      label: 'Slips',
      places: [
        { key: 'great', label: 'Great slip' },
        { key: 'little', label: 'Little slip' },
      ],
    },
    { key: 'quay', label: 'Quay' },
  ];
  const tree = useTree();
</script>

{#snippet rows(places: readonly Place[])}
  {#each places as { key, label, places: within } (key)}
    <li {...within ? tree.branch(key) : tree.leaf(key)}>
      {label}
      {#if within}
        <ul {...tree.group}>{@render rows(within)}</ul>
      {/if}
    </li>
  {/each}
{/snippet}

<ul {...tree.root} aria-label="Yard">
  {@render rows(yard)}
</ul>
