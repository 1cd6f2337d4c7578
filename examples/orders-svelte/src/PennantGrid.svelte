<script lang="ts">
  // The grid of pennants: a component of its own, loaded when it is needed.
  import { useListbox } from 'elastic-shell/svelte';
  import type { NamedPennant } from 'quillhaven-gallery/office';
  import PennantSign from './PennantSign.svelte';

  let {
    pennants,
    chosen = $bindable(),
  }: { pennants: readonly NamedPennant[]; chosen?: NamedPennant | undefined } = $props();
  const grid = useListbox({
    layout: 'grid',
    activation: 'manual',
    get selected() {
      return chosen?.id;
    },
    set selected(id) {
      chosen = pennants.find((each) => each.id === id);
    },
  });
</script>

<div {...grid.root} aria-label="Pennants" class="choices">
  {#each pennants as pennant (pennant.id)}
    <div {...grid.option(pennant.id)} aria-label={pennant.name} title={pennant.name}>
      <PennantSign {pennant} />
    </div>
  {/each}
</div>
