<script lang="ts">
  // A multiple selection with groups. Selected options are tokens before the field, which can be removed.
  import { useCombobox } from 'elastic-shell/svelte';
  import { SvelteSet } from 'svelte/reactivity';

  const trades = [
    { key: 'shipwright', label: 'Shipwright', group: 'Wood' },
    { key: 'joiner', label: 'Joiner', group: 'Wood' },
    { key: 'rigger', label: 'Rigger', group: 'Rope and canvas' },
    { key: 'sailmaker', label: 'Sailmaker', group: 'Rope and canvas' },
  ];
  const selected = new SvelteSet<string>();
  const combobox = useCombobox({ multiple: true, limit: 3, name: 'trades', items: trades, selected });
</script>

<div {...combobox.root}>
  <label {...combobox.label}>Trades</label>
  <div {...combobox.box}><input {...combobox.field} /></div>
  <div {...combobox.popup}><div {...combobox.list}></div></div>
</div>
<output>{[...selected].join(', ')}</output>
