<script lang="ts">
  // A pennant, chosen from a grid that loads on demand.
  import { Content, usePopover } from 'elastic-shell/svelte';
  import { boatOf, loadGrid, type NamedPennant } from 'quillhaven-gallery/office';
  import type PennantGrid from './PennantGrid.svelte';
  import PennantSign from './PennantSign.svelte';

  let { boat }: { boat: string } = $props();
  let chosen = $state<NamedPennant>();
  const picker = usePopover({ content: () => loadGrid(import('./PennantGrid.svelte')), loadOn: 'hover' });
  $effect(() => {
    if (chosen) picker.close();
  });
</script>

<div class="wide">
  <span>Pennant</span>
  <button {...picker.opener()}>
    <PennantSign pennant={chosen ?? boatOf(boat).pennant} />
    {chosen?.name ?? 'As the boat flies it'}
  </button>
  <div {...picker.root}>
    <h3>Pennants that the loft can sew</h3>
    <div data-content></div>
  </div>
  <Content of={picker}>
    {#snippet children(loaded: { default: typeof PennantGrid; pennants: NamedPennant[] })}
      <loaded.default pennants={loaded.pennants} bind:chosen />
    {/snippet}
  </Content>
</div>
