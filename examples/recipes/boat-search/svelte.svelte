<script lang="ts">
  // A combobox that loads options from a server while the user types. Only the latest result is used, and a failure offers a retry.
  import type { Item } from 'elastic-shell';
  import { useCombobox } from 'elastic-shell/svelte';

  const search = async (query: string, signal: AbortSignal): Promise<readonly Item[]> => {
    const response = await fetch(`/yard/boats?q=${encodeURIComponent(query)}`, { signal });
    if (!response.ok) throw new Error('The office did not answer.');
    return response.json();
  };
  let boat = $state<string | undefined>();
  const combobox = useCombobox({
    items: search,
    name: 'boat',
    get selected() {
      return boat;
    },
    set selected(key) {
      boat = key;
    },
  });
</script>

<div {...combobox.root}>
  <label {...combobox.label}>Boat</label>
  <div {...combobox.box}><input {...combobox.field} /></div>
  <div {...combobox.popup}><div {...combobox.list}></div></div>
</div>
<output>{boat}</output>
