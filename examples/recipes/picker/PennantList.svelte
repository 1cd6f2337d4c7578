<script lang="ts">
  // The pennants to pick from, as a grid that the arrow keys move through.
  import type { Item } from 'elastic-shell';
  import { useListbox } from 'elastic-shell/svelte';
  import './pennants.css';

  type Pennants = {
    pennants: readonly Item[];
    picked: string | undefined;
    onpick(key: string | undefined): void;
  };
  const { pennants, picked, onpick }: Pennants = $props();
  const list = useListbox({
    layout: 'grid',
    get items() {
      return pennants;
    },
    get selected() {
      return picked;
    },
    set selected(key) {
      onpick(key);
    },
  });
</script>

<div {...list.root} aria-label="Pennants" class="pennants"></div>
