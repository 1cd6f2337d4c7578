<script lang="ts">
  // A combobox whose options have an icon and a description.
  import { Rows, useCombobox } from 'elastic-shell/svelte';

  type Berth = { key: string; label: string; description: string; colour: string };

  const berths: readonly Berth[] = [
    { key: 'quay', label: 'Old quay', description: 'dries at springs', colour: '#7a9e7e' },
    { key: 'mole', label: 'Mole', description: '2.1 metres at low water', colour: '#5b7f95' },
    { key: 'slip', label: 'Great slip', description: 'taken until Friday', colour: '#b08968' },
  ];
  let berth = $state<string | undefined>();
  const combobox = useCombobox({
    items: berths,
    match: 'starts-with',
    name: 'berth',
    get selected() {
      return berth;
    },
    set selected(key) {
      berth = key;
    },
  });
</script>

<div {...combobox.root}>
  <label {...combobox.label}>Berth</label>
  <div {...combobox.box}><input {...combobox.field} /></div>
  <div {...combobox.popup}><div {...combobox.list}></div></div>
  <Rows of={combobox}>
    {#snippet children({ label, description, colour })}
      <span>
        <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
          <rect width="16" height="16" rx="3" fill={colour} />
        </svg>
        <span data-label>{label}</span> <small data-description>{description}</small>
      </span>
    {/snippet}
  </Rows>
</div>
