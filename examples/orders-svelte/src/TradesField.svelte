<script lang="ts">
  // The trades of an order, at most four. Each row is a component.
  import { Rows, useCombobox } from 'elastic-shell/svelte';
  import { trades } from 'quillhaven-gallery/office';

  let { chosen = $bindable() }: { chosen: string[] } = $props();
  const combobox = useCombobox({
    items: trades,
    multiple: true,
    limit: 4,
    get selected(): ReadonlySet<string> {
      return new Set(chosen);
    },
    set selected(keys) {
      chosen = [...keys];
    },
  });
</script>

<div {...combobox.root} class="wide">
  <label {...combobox.label}>Trades, four at most</label>
  <div {...combobox.box}><input {...combobox.field} /></div>
  <div {...combobox.popup}><div {...combobox.list}></div></div>
  <Rows of={combobox}>
    {#snippet children(trade)}
      <span class="rivet">{trade.label} <small>{trade.group}</small></span>
    {/snippet}
  </Rows>
</div>
